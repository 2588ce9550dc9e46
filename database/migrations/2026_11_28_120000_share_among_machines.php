<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Whose turn it is to write to a line: one row a day, written by each.
        Schema::create('line_turns', function (Blueprint $table): void {
            $table->foreignUlid('event_day_id')->primary()->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('turn');
        });
        // Where several machines answer, they share who is signed in, what is counted and what is locked.
        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignUlid('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('cache', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->mediumText('value');
            $table->integer('expiration');
        });
        Schema::create('cache_locks', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->string('owner');
            $table->integer('expiration');
        });
    }

    public function down(): void
    {
        Schema::drop('cache_locks');
        Schema::drop('cache');
        Schema::drop('sessions');
        Schema::drop('line_turns');
    }
};
