<?php

declare(strict_types=1);

use Database\Schema\Columns;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Designs, their steps, and what was planned of them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('designs', static function (Blueprint $table): void {
            $table->comment('A design; what its newest save is planned as stands in face_plans');
            Columns::id($table)->primary();
            Columns::of($table, 'team_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('placement', 20);
            $table->unsignedInteger('promise_ms')->nullable();
            $table->unsignedInteger('revision')->default(1);
            Columns::hash($table, 'plan_id')->nullable();
            $table->boolean('is_ranked')->default(false);
            $table->timestamps();
            $table->softDeletes();
            $table->json('tags')->default('[]');
            $table->unsignedInteger('still_ms')->nullable();
            $table->boolean('gentle')->default(false);
            $table->timestamp('archived_at')->nullable();
            $table->unsignedTinyInteger('from_age')->nullable();
            $table->json('pins')->nullable();
            $table->json('silences')->nullable();
            $table->json('rungs')->nullable();
            $table->index(['team_id', 'name']);
        });

        Schema::create('steps', static function (Blueprint $table): void {
            $table->comment('The steps of a design in their order, each as one written value');
            $table->id('seq');
            Columns::of($table, 'design_id')->constrained()->cascadeOnDelete();
            Columns::id($table);
            $table->unsignedSmallInteger('position');
            $table->json('content');
            $table->unique(['design_id', 'id']);
            $table->unique(['design_id', 'position']);
        });

        Schema::create('face_plans', static function (Blueprint $table): void {
            $table->comment('A design’s steps and times as one save had them, named by their hash and never changed: a face keeps its own');
            Columns::hash($table, 'id')->primary();
            Columns::of($table, 'design_id')->constrained()->cascadeOnDelete();
            $table->json('content');
            $table->unsignedInteger('total_ms');
            $table->timestamp('created_at');
        });

        Schema::table('designs', static function (Blueprint $table): void {
            $table->foreign('plan_id')->references('id')->on('face_plans')->nullOnDelete();
        });

        Schema::create('design_rungs', static function (Blueprint $table): void {
            $table->comment('The quicker versions of a design');
            $table->id();
            Columns::of($table, 'design_id')->constrained()->cascadeOnDelete();
            $table->string('name', 10);
            Columns::hash($table, 'plan_id');
            $table->foreign('plan_id')->references('id')->on('face_plans')->cascadeOnDelete();
            $table->unsignedInteger('total_ms');
            $table->double('share');
            $table->json('changes');
            $table->unique(['design_id', 'name']);
        });

        Schema::create('painter_plans', static function (Blueprint $table): void {
            $table->comment('What a painter’s own hands and pace make of the team’s plans; without a row they paint at the team’s');
            $table->id();
            Columns::of($table, 'design_id')->constrained()->cascadeOnDelete();
            Columns::of($table, 'painter_id')->constrained('users')->cascadeOnDelete();
            $table->string('rung', 10)->default('');
            Columns::hash($table, 'plan_id');
            $table->foreign('plan_id')->references('id')->on('face_plans')->cascadeOnDelete();
            $table->unsignedInteger('total_ms');
            $table->unique(['design_id', 'painter_id', 'rung']);
        });

        Schema::create('bench_times', static function (Blueprint $table): void {
            $table->comment('How long a painter takes to change a brush, rinse, reload and the like');
            $table->id();
            Columns::of($table, 'user_id')->constrained()->cascadeOnDelete();
            $table->string('action', 20);
            $table->unsignedInteger('time_ms');
            $table->unsignedSmallInteger('repetitions');
            $table->timestamps();
            $table->unique(['user_id', 'action']);
        });
    }
};
