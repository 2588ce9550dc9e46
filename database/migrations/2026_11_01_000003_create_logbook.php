<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** The logbook is derived from the chair events: it can be thrown away and written again from them. */
    public function up(): void
    {
        Schema::create('faces', function (Blueprint $table): void {
            $table->foreignUlid('ticket_id')->primary()->constrained()->cascadeOnDelete();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('event_day_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('design_id')->constrained();
            $table->string('design_name', 80);
            $table->unsignedTinyInteger('chair');
            $table->string('outcome', 20);
            $table->unsignedBigInteger('seated_ms');
            $table->unsignedBigInteger('ended_ms');
            $table->unsignedInteger('planned_ms');
            $table->unsignedInteger('painted_ms');
            $table->index(['event_day_id', 'seated_ms']);
            $table->index(['team_id', 'design_id']);
        });

        Schema::create('face_steps', function (Blueprint $table): void {
            $table->id();
            $table->ulid('face_id');
            $table->foreign('face_id')->references('ticket_id')->on('faces')->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('name', 80);
            $table->string('medium', 20);
            $table->string('status', 10);
            $table->unsignedInteger('planned_ms');
            $table->unsignedInteger('spent_ms');
            $table->unique(['face_id', 'position']);
        });
    }

    public function down(): void
    {
        Schema::drop('face_steps');
        Schema::drop('faces');
    }
};
