<?php

declare(strict_types=1);

use Database\Schema\Columns;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Event days: who sits where, what is expected, what it costs, what is packed. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('event_days', static function (Blueprint $table): void {
            $table->comment('An event: its place, hours, chairs and turnaround');
            Columns::id($table)->primary();
            Columns::of($table, 'team_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('place', 80);
            $table->string('timezone', 64);
            $table->unsignedBigInteger('opens_ms');
            $table->unsignedBigInteger('closes_ms');
            $table->unsignedTinyInteger('chairs');
            $table->unsignedInteger('turnaround_ms');
            $table->timestamps();
            Columns::of($table, 'menu_id')->nullable();
            $table->string('calendar_key')->nullable();
            $table->softDeletes();
            $table->unsignedBigInteger('brought_seq')->nullable();
            $table->unique(['team_id', 'calendar_key']);
            $table->index(['team_id', 'opens_ms']);
        });

        Schema::table('beginnings', static function (Blueprint $table): void {
            $table->foreign('event_day_id')->references('id')->on('event_days')->cascadeOnDelete();
        });

        Schema::create('shifts', static function (Blueprint $table): void {
            $table->comment('Who is meant to sit at which chair from when; nobody where there is no painter');
            $table->id();
            Columns::of($table, 'event_day_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('chair');
            Columns::of($table, 'painter_id')->nullable()->constrained('users')->cascadeOnDelete();
            $table->unsignedBigInteger('from_ms');
            $table->unique(['event_day_id', 'chair', 'from_ms']);
        });

        Schema::create('event_plans', static function (Blueprint $table): void {
            $table->comment('What is expected of an event, as somebody said it');
            Columns::of($table, 'event_day_id')->primary()->constrained()->cascadeOnDelete();
            $table->string('kind', 12);
            $table->unsignedSmallInteger('children');
            $table->string('arrivals', 12);
            $table->json('profile');
            $table->json('groups');
            $table->unsignedInteger('booking_cents')->nullable();
            $table->unsignedSmallInteger('set_up_minutes');
            $table->unsignedSmallInteger('pack_up_minutes');
            $table->json('turnaround');
            $table->unsignedSmallInteger('patience_minutes')->nullable();
            $table->unsignedSmallInteger('longest')->nullable();
            $table->unsignedSmallInteger('quick_above')->nullable();
            $table->boolean('is_line_each');
            $table->unsignedBigInteger('stop_names_ms')->nullable();
            $table->unsignedTinyInteger('wanted_percent');
            $table->json('levers');
            $table->unsignedTinyInteger('youngest')->nullable();
            $table->unsignedTinyInteger('oldest')->nullable();
            $table->double('celsius')->nullable();
            $table->double('humidity')->nullable();
            $table->double('wind')->nullable();
        });

        Schema::create('event_money', static function (Blueprint $table): void {
            $table->comment('What one event takes and offers');
            Columns::of($table, 'event_day_id')->primary()->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('kilometres');
            $table->unsignedSmallInteger('travel_minutes');
            $table->unsignedInteger('pitch_cents');
            $table->unsignedInteger('offered_hour_cents')->nullable();
        });

        Schema::create('kept_forecasts', static function (Blueprint $table): void {
            $table->comment('What was foreseen when a line was opened: what came of it is held against that');
            Columns::of($table, 'event_day_id')->primary()->constrained()->cascadeOnDelete();
            $table->double('faces');
            $table->unsignedSmallInteger('faces_low');
            $table->unsignedSmallInteger('faces_high');
            $table->unsignedInteger('wait_half_ms');
            $table->unsignedInteger('wait_nine_ms');
            $table->unsignedInteger('mean_face_ms');
            $table->timestamps();
        });

        Schema::create('packing_ticks', static function (Blueprint $table): void {
            $table->comment('What is in the bag already');
            Columns::of($table, 'event_day_id')->constrained()->cascadeOnDelete();
            $table->string('thing', 120);
            $table->primary(['event_day_id', 'thing']);
        });

        Schema::create('packing_extras', static function (Blueprint $table): void {
            $table->comment('What a team packs for every event besides what the menu needs');
            Columns::id($table)->primary();
            Columns::of($table, 'team_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->unsignedSmallInteger('how_many');
            $table->timestamps();
        });

        Schema::create('stock_counts', static function (Blueprint $table): void {
            $table->comment('What was taken off the stock after an event, so that it can be put back and learned from');
            Columns::of($table, 'event_day_id')->primary()->constrained()->cascadeOnDelete();
            $table->json('content');
            $table->timestamps();
        });

        Schema::create('calendar_feeds', static function (Blueprint $table): void {
            $table->comment('The secret address of a painter’s calendar');
            Columns::of($table, 'user_id')->primary()->constrained()->cascadeOnDelete();
            Columns::hash($table, 'token_hash')->unique();
            $table->text('token');
            $table->timestamps();
        });
    }
};
