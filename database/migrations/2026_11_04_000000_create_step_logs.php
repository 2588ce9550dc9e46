<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

// What the logbook says of the steps of a design: derived from it whenever a line closes.
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('face_steps', function (Blueprint $table): void {
            $table->char('way', 16)->default('');
            $table->unsignedInteger('own_ms')->default(0);
        });

        Schema::create('step_logs', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('design_id')->constrained()->cascadeOnDelete();
            $table->char('way', 16);
            $table->unsignedInteger('faces');
            $table->unsignedInteger('middle_ms');
            $table->unique(['design_id', 'way']);
        });
    }

    public function down(): void
    {
        Schema::drop('step_logs');
        Schema::table('face_steps', fn (Blueprint $table) => $table->dropColumn(['way', 'own_ms']));
    }
};
