<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whoever came with a file has painted already: a link may let one of them sign in, rather than make somebody new. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('invitations', static function (Blueprint $table): void {
            $table->foreignUlid('painter_id')->nullable()->after('team_id')->constrained('users')->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('invitations', static fn (Blueprint $table) => $table->dropConstrainedForeignId('painter_id'));
    }
};
