<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('event_days', function (Blueprint $table): void {
            // Where it was taken from another calendar: its name there.
            $table->string('calendar_key', 255)->nullable();
            $table->softDeletes();
            $table->unique(['team_id', 'calendar_key']);
        });

        Schema::create('calendar_feeds', function (Blueprint $table): void {
            $table->foreignUlid('user_id')->primary()->constrained()->cascadeOnDelete();
            // What is looked up, and what can be shown again to whoever owns it.
            $table->char('token_hash', 64)->unique();
            $table->text('token');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::drop('calendar_feeds');
        Schema::table('event_days', function (Blueprint $table): void {
            $table->dropUnique(['team_id', 'calendar_key']);
            $table->dropColumn(['calendar_key', 'deleted_at']);
        });
    }
};
