<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('kit_items', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 20);
            $table->string('name', 40);
            $table->unsignedSmallInteger('how_many');
            $table->json('colours');
            $table->string('paint_kind', 10)->nullable();
            $table->string('finish', 10)->nullable();
            $table->unsignedSmallInteger('grams_left')->nullable();
            $table->unsignedSmallInteger('length_mm')->nullable();
            $table->unsignedSmallInteger('width_mm')->nullable();
            $table->string('reserved_for', 40);
            $table->boolean('skin_safe');
            $table->boolean('latex');
            $table->boolean('gel');
            $table->boolean('self_stick');
            $table->timestamps();
            $table->unique(['team_id', 'name']);
        });

        Schema::create('bench_times', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->string('action', 20);
            $table->unsignedInteger('time_ms');
            $table->unsignedSmallInteger('repetitions');
            $table->timestamps();
            $table->unique(['user_id', 'action']);
        });
    }

    public function down(): void
    {
        Schema::drop('bench_times');
        Schema::drop('kit_items');
    }
};
