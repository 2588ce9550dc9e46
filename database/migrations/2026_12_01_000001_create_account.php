<?php

declare(strict_types=1);

use Database\Schema\Columns;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Teams, who is in them, and how they sign in. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('teams', static function (Blueprint $table): void {
            $table->comment('A team, its wages and its currency');
            Columns::id($table)->primary();
            $table->string('name', 80);
            $table->timestamps();
            $table->char('currency', 3)->default('EUR');
            $table->unsignedInteger('hour_cents')->nullable();
            $table->unsignedInteger('least_cents')->nullable();
            $table->unsignedInteger('kilometre_cents')->nullable();
            $table->unsignedInteger('materials_cents')->nullable();
            $table->boolean('is_travel_paid')->default(true);
            $table->boolean('is_set_up_paid')->default(true);
            $table->unsignedTinyInteger('names_days')->default(1);
            $table->dateTime('ends_at')->nullable();
        });

        Schema::create('users', static function (Blueprint $table): void {
            $table->comment('Who paints or takes names, with what they sign in with');
            Columns::id($table)->primary();
            Columns::of($table, 'team_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->timestamps();
            $table->string('role', 10)->default('artist');
            $table->softDeletes();
            $table->text('second_factor')->nullable();
            $table->unsignedBigInteger('second_factor_step')->default(0);
            $table->json('spare_codes')->nullable();
        });

        Schema::create('sign_ins', static function (Blueprint $table): void {
            $table->comment('A device that is signed in, so that it can be signed out by itself');
            Columns::id($table)->primary();
            Columns::of($table, 'user_id')->constrained()->cascadeOnDelete();
            Columns::hash($table, 'token_hash')->unique();
            $table->string('device', 10);
            $table->dateTime('seen_at');
            $table->timestamps();
        });

        Schema::create('password_links', static function (Blueprint $table): void {
            $table->comment('A link to a new password, until it ends');
            Columns::id($table)->primary();
            Columns::of($table, 'user_id')->constrained()->cascadeOnDelete();
            Columns::hash($table, 'token_hash')->unique();
            $table->dateTime('ends_at');
            $table->timestamps();
        });

        Schema::create('invitations', static function (Blueprint $table): void {
            $table->comment('A link into a team, until it ends');
            Columns::id($table)->primary();
            Columns::of($table, 'team_id')->constrained()->cascadeOnDelete();
            Columns::of($table, 'painter_id')->nullable()->constrained('users')->cascadeOnDelete();
            $table->string('role', 10);
            Columns::hash($table, 'token_hash')->unique();
            $table->dateTime('ends_at');
            $table->timestamps();
        });

        Schema::create('acts', static function (Blueprint $table): void {
            $table->comment('Who did what to money, people and what was deleted');
            Columns::id($table)->primary();
            Columns::of($table, 'team_id')->constrained()->cascadeOnDelete();
            $table->string('who', 80);
            $table->string('what', 200);
            $table->dateTime('at');
            $table->index(['team_id', 'at']);
        });

        Schema::create('beginnings', static function (Blueprint $table): void {
            $table->comment('What was made to try things out, so that it can be thrown away');
            Columns::id($table)->primary();
            Columns::of($table, 'team_id')->constrained()->cascadeOnDelete();
            Columns::of($table, 'event_day_id');
            $table->json('design_ids');
            $table->json('thing_ids');
            $table->timestamps();
        });

        Schema::create('ways_of_painters', static function (Blueprint $table): void {
            $table->comment('How a painter works: the schools they keep to, the air they paint in');
            Columns::of($table, 'user_id')->primary()->constrained()->cascadeOnDelete();
            $table->json('schools');
            $table->double('celsius')->nullable();
            $table->double('humidity')->nullable();
            $table->double('wind')->nullable();
            $table->double('touched_factor')->nullable();
            $table->timestamp('touched_at')->nullable();
            $table->string('timing', 20)->nullable();
            $table->json('numbers')->nullable();
            $table->double('worked_share')->nullable();
            $table->unsignedSmallInteger('worked_times')->default(0);
        });
    }
};
