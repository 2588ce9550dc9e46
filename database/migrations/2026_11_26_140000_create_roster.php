<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Who is meant to sit at which chair from when; nobody where there is no painter.
        Schema::create('shifts', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('event_day_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('chair');
            $table->foreignUlid('painter_id')->nullable()->constrained('users')->cascadeOnDelete();
            $table->unsignedBigInteger('from_ms');
            $table->unique(['event_day_id', 'chair', 'from_ms']);
        });

        Schema::table('chair_events', function (Blueprint $table): void {
            // What was tapped stays, whoever leaves the team.
            $table->char('painter_id', 26)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->unsignedBigInteger('until_ms')->nullable();
        });

        // What a painter's own hands and pace make of a team's plans; without a row they paint at the team's.
        Schema::create('painter_plans', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('design_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('painter_id')->constrained('users')->cascadeOnDelete();
            $table->string('rung', 10)->default('');
            $table->char('plan_id', 64)->charset('ascii')->collation('ascii_bin');
            $table->foreign('plan_id')->references('id')->on('face_plans')->cascadeOnDelete();
            $table->unsignedInteger('total_ms');
            $table->unique(['design_id', 'painter_id', 'rung']);
        });
    }

    public function down(): void
    {
        Schema::drop('painter_plans');
        Schema::table('chair_events', fn (Blueprint $table) => $table->dropColumn(['painter_id', 'until_ms']));
        Schema::drop('shifts');
    }
};
