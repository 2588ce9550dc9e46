<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('event_days', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('place', 80);
            $table->string('timezone', 64);
            $table->unsignedBigInteger('opens_ms');
            $table->unsignedBigInteger('closes_ms');
            $table->unsignedTinyInteger('chairs');
            $table->unsignedInteger('turnaround_ms');
            $table->timestamps();
            $table->index(['team_id', 'opens_ms']);
        });

        Schema::create('menu_items', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('event_day_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('design_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->unsignedInteger('promise_ms');
            $table->unsignedInteger('price_cents')->nullable();
            $table->unique(['event_day_id', 'design_id']);
        });

        Schema::create('tickets', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('event_day_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->unique(['event_day_id', 'number']);
        });

        // Append-only: rows are never changed or deleted one by one. `seq` is the order of arrival, `at_ms` and `id` the
        // order of the line's own time.
        Schema::create('chair_events', function (Blueprint $table): void {
            $table->id('seq');
            $table->ulid('id')->unique();
            $table->foreignUlid('event_day_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind', 20);
            $table->unsignedBigInteger('at_ms');
            $table->foreignUlid('ticket_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('first_name', 40)->nullable();
            $table->foreignUlid('design_id')->nullable()->constrained();
            $table->unsignedTinyInteger('chair')->nullable();
            $table->char('plan_id', 64)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->foreign('plan_id')->references('id')->on('face_plans');
            $table->ulid('step_id')->nullable();
            $table->ulid('before_ticket_id')->nullable();
            $table->ulid('target_id')->nullable();
            $table->timestamp('received_at', 3)->useCurrent();
            $table->index(['event_day_id', 'seq']);
            $table->index(['event_day_id', 'at_ms']);
        });
    }

    public function down(): void
    {
        Schema::drop('chair_events');
        Schema::drop('tickets');
        Schema::drop('menu_items');
        Schema::drop('event_days');
    }
};
