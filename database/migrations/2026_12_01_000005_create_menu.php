<?php

declare(strict_types=1);

use Database\Schema\Columns;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is offered. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('menus', static function (Blueprint $table): void {
            $table->comment('A menu that is put together before it is put up at an event');
            Columns::id($table)->primary();
            Columns::of($table, 'team_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->timestamps();
            $table->index(['team_id', 'name']);
        });

        Schema::table('event_days', static function (Blueprint $table): void {
            $table->foreign('menu_id')->references('id')->on('menus')->nullOnDelete();
        });

        Schema::create('menu_offers', static function (Blueprint $table): void {
            $table->comment('A design on such a menu');
            $table->id();
            Columns::of($table, 'menu_id')->constrained()->cascadeOnDelete();
            Columns::of($table, 'design_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('rung', 10)->nullable();
            $table->unsignedInteger('promise_ms')->nullable();
            $table->unsignedInteger('price_cents')->nullable();
            $table->string('for_whom', 10)->nullable();
            $table->unique(['menu_id', 'design_id']);
        });

        Schema::create('menu_items', static function (Blueprint $table): void {
            $table->comment('A design on the menu of an event');
            Columns::id($table)->primary();
            Columns::of($table, 'event_day_id')->constrained()->cascadeOnDelete();
            Columns::of($table, 'design_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->unsignedInteger('promise_ms');
            $table->unsignedInteger('price_cents')->nullable();
            $table->string('rung', 10)->nullable();
            $table->unique(['event_day_id', 'design_id']);
        });
    }
};
