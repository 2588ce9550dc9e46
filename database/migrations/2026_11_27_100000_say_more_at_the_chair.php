<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What only some kinds of taps say. */
    public function up(): void
    {
        Schema::table('chair_events', function (Blueprint $table): void {
            $table->json('more')->nullable();
        });
        Schema::table('face_steps', function (Blueprint $table): void {
            $table->unsignedTinyInteger('wiped')->default(0);
            $table->unsignedInteger('mended_from_ms')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('chair_events', function (Blueprint $table): void {
            $table->dropColumn('more');
        });
        Schema::table('face_steps', function (Blueprint $table): void {
            $table->dropColumn(['wiped', 'mended_from_ms']);
        });
    }
};
