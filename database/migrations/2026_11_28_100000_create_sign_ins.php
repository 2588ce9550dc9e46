<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Each device is signed in by itself, so that it can be signed out by itself.
        Schema::create('sign_ins', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->char('token_hash', 64)->charset('ascii')->collation('ascii_bin')->unique();
            $table->string('device', 10);
            $table->dateTime('seen_at');
            $table->timestamps();
        });
        Schema::create('password_links', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->char('token_hash', 64)->charset('ascii')->collation('ascii_bin')->unique();
            $table->dateTime('ends_at');
            $table->timestamps();
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn('remember_token');
            $table->text('second_factor')->nullable();
            $table->unsignedBigInteger('second_factor_step')->default(0);
            $table->json('spare_codes')->nullable();
        });
        // When a team that was closed is deleted.
        Schema::table('teams', fn (Blueprint $table) => $table->dateTime('ends_at')->nullable());
    }

    public function down(): void
    {
        Schema::table('teams', fn (Blueprint $table) => $table->dropColumn('ends_at'));
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn(['second_factor', 'second_factor_step', 'spare_codes']);
            $table->rememberToken();
        });
        Schema::drop('password_links');
        Schema::drop('sign_ins');
    }
};
