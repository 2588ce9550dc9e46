<?php

declare(strict_types=1);

use Database\Schema\Columns;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The line of a day. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('tickets', static function (Blueprint $table): void {
            $table->comment('A child on a line, by its number');
            Columns::id($table)->primary();
            Columns::of($table, 'event_day_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->unique(['event_day_id', 'number']);
        });

        Schema::create('chair_events', static function (Blueprint $table): void {
            $table->comment('The taps of a line, only added to: seq is the order of arrival, at_ms and id that of the line’s own time');
            $table->id('seq');
            Columns::id($table)->unique();
            Columns::of($table, 'event_day_id')->constrained()->cascadeOnDelete();
            Columns::id($table, 'user_id')->nullable();
            $table->string('kind', 20);
            $table->unsignedBigInteger('at_ms');
            Columns::of($table, 'ticket_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('first_name', 40)->nullable();
            Columns::id($table, 'design_id')->nullable();
            $table->unsignedTinyInteger('chair')->nullable();
            Columns::hash($table, 'plan_id')->nullable();
            $table->foreign('plan_id')->references('id')->on('face_plans');
            Columns::id($table, 'step_id')->nullable();
            Columns::id($table, 'before_ticket_id')->nullable();
            Columns::id($table, 'target_id')->nullable();
            $table->timestamp('received_at', 3)->useCurrent();
            Columns::id($table, 'painter_id')->nullable();
            $table->unsignedBigInteger('until_ms')->nullable();
            $table->json('more')->nullable();
            $table->index(['event_day_id', 'at_ms']);
            $table->index(['event_day_id', 'seq']);
        });

        Schema::create('line_stories', static function (Blueprint $table): void {
            $table->comment('What the taps of a day came to lately: the next one need not begin at the first. Made from chair_events');
            Columns::of($table, 'event_day_id')->primary()->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('seq');
            $table->longText('story');
            $table->unsignedInteger('events')->default(0);
        });

        Schema::create('line_turns', static function (Blueprint $table): void {
            $table->comment('A row to lock for each line, with how many taps it has');
            Columns::of($table, 'event_day_id')->primary()->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('turn');
            $table->unsignedInteger('taps')->default(0);
        });

        Schema::create('board_links', static function (Blueprint $table): void {
            $table->comment('The secret address of the parents’ board of a day');
            Columns::of($table, 'event_day_id')->primary()->constrained()->cascadeOnDelete();
            Columns::hash($table, 'token_hash')->unique();
            $table->text('token');
            $table->boolean('shows_names');
            $table->timestamps();
        });

        Schema::create('text_wishes', static function (Blueprint $table): void {
            $table->comment('Parents who want to be texted, until the day is over');
            $table->id();
            Columns::of($table, 'event_day_id')->constrained()->cascadeOnDelete();
            Columns::of($table, 'ticket_id')->constrained()->cascadeOnDelete();
            $table->text('phone');
            Columns::hash($table, 'phone_hash');
            $table->char('language', 2);
            $table->timestamps();
            $table->unique(['ticket_id', 'phone_hash']);
        });

        Schema::create('texts', static function (Blueprint $table): void {
            $table->comment('What they were told; nobody is told the same thing twice');
            $table->id();
            $table->unsignedBigInteger('text_wish_id');
            $table->foreign('text_wish_id')->references('id')->on('text_wishes')->cascadeOnDelete();
            $table->string('kind', 16);
            $table->string('words', 320);
            $table->boolean('is_taken');
            $table->unsignedBigInteger('sent_ms');
            $table->unique(['text_wish_id', 'kind']);
        });
    }
};
