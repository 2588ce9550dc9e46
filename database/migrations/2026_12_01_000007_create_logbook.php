<?php

declare(strict_types=1);

use Database\Schema\Columns;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was painted, and what is learned from it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('faces', static function (Blueprint $table): void {
            $table->comment('A painted face. Made from chair_events');
            Columns::of($table, 'ticket_id')->primary()->constrained()->cascadeOnDelete();
            Columns::of($table, 'team_id')->constrained()->cascadeOnDelete();
            Columns::of($table, 'event_day_id')->constrained()->cascadeOnDelete();
            Columns::of($table, 'design_id')->constrained();
            $table->string('design_name', 80);
            $table->unsignedTinyInteger('chair');
            $table->string('outcome', 20);
            $table->unsignedBigInteger('seated_ms');
            $table->unsignedBigInteger('ended_ms');
            $table->unsignedInteger('planned_ms');
            $table->unsignedInteger('painted_ms');
            Columns::of($table, 'painter_id')->nullable()->constrained('users')->nullOnDelete();
            $table->char('version', 16)->default('');
            $table->boolean('interrupted')->default(false);
            $table->index(['event_day_id', 'seated_ms']);
            $table->index(['design_id', 'outcome', 'version', 'painter_id', 'ended_ms', 'interrupted'], 'faces_newest');
            $table->index(['team_id', 'design_id', 'seated_ms']);
        });

        Schema::create('face_steps', static function (Blueprint $table): void {
            $table->comment('The steps of a painted face. Made from chair_events');
            $table->id();
            Columns::id($table, 'face_id');
            $table->foreign('face_id')->references('ticket_id')->on('faces')->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('name', 80);
            $table->string('medium', 20);
            $table->string('status', 10);
            $table->unsignedInteger('planned_ms');
            $table->unsignedInteger('spent_ms');
            $table->char('way', 16)->default('');
            $table->unsignedInteger('own_ms')->default(0);
            $table->boolean('interrupted')->default(false);
            Columns::id($table, 'design_id')->default('');
            Columns::id($table, 'painter_id')->default('');
            $table->unsignedBigInteger('ended_ms')->default(0);
            $table->boolean('tells')->default(false);
            $table->unsignedTinyInteger('wiped')->default(0);
            $table->unsignedInteger('mended_from_ms')->nullable();
            $table->unique(['face_id', 'position']);
            $table->index(['design_id', 'tells', 'way', 'painter_id', 'ended_ms', 'interrupted'], 'face_steps_newest');
        });

        Schema::create('paces', static function (Blueprint $table): void {
            $table->comment('How quickly a painter or the team paints a design and its steps. Made from faces and practice_runs');
            $table->id();
            Columns::of($table, 'design_id')->constrained()->cascadeOnDelete();
            Columns::of($table, 'user_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('kind', 10);
            $table->char('way', 16);
            $table->unsignedInteger('planned_ms');
            $table->json('fit');
            $table->index(['design_id', 'user_id']);
        });

        Schema::create('practice_runs', static function (Blueprint $table): void {
            $table->comment('A stroke or a face that was practised');
            Columns::id($table)->primary();
            Columns::of($table, 'user_id')->constrained()->cascadeOnDelete();
            $table->string('drill', 20)->nullable();
            $table->string('side', 10);
            Columns::of($table, 'design_id')->nullable()->constrained()->cascadeOnDelete();
            $table->char('way', 16)->default('');
            $table->unsignedInteger('spent_ms');
            $table->unsignedBigInteger('at_ms');
            $table->boolean('interrupted')->default(false);
            $table->index(['design_id', 'user_id']);
            $table->index(['user_id', 'at_ms']);
        });
    }
};
