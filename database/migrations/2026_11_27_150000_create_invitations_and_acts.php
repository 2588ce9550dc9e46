<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Whoever leaves is no longer asked for; what was painted stays theirs, or "a painter's".
        Schema::table('users', fn (Blueprint $table) => $table->softDeletes());
        // Of children, for so many days after an event.
        Schema::table('teams', fn (Blueprint $table) => $table->unsignedTinyInteger('names_days')->default(1));
        Schema::create('invitations', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->string('role', 10);
            $table->char('token_hash', 64)->charset('ascii')->collation('ascii_bin')->unique();
            $table->dateTime('ends_at');
            $table->timestamps();
        });
        Schema::create('acts', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->string('who', 80);
            $table->string('what', 200);
            $table->dateTime('at');
            $table->index(['team_id', 'at']);
        });
    }

    public function down(): void
    {
        Schema::drop('acts');
        Schema::drop('invitations');
        Schema::table('teams', fn (Blueprint $table) => $table->dropColumn('names_days'));
        Schema::table('users', fn (Blueprint $table) => $table->dropSoftDeletes());
    }
};
