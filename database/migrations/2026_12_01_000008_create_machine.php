<?php

declare(strict_types=1);

use Database\Schema\Columns;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Searches, the queue, and what machines share. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('searches', static function (Blueprint $table): void {
            $table->comment('What takes a while: asked for by a request, worked out by the workers of the queue');
            Columns::id($table)->primary();
            Columns::of($table, 'team_id')->constrained()->cascadeOnDelete();
            Columns::of($table, 'user_id')->constrained()->cascadeOnDelete();
            $table->string('method', 6);
            $table->text('address');
            $table->mediumText('body');
            $table->string('state', 10);
            $table->unsignedSmallInteger('status')->nullable();
            $table->unsignedSmallInteger('seconds');
            $table->dateTime('heard_at', 3);
            $table->dateTime('started_at', 3)->nullable();
            $table->timestamps();
            $table->index(['state', 'id']);
        });

        Schema::create('search_lines', static function (Blueprint $table): void {
            $table->comment('What a search has found so far');
            Columns::of($table, 'search_id')->constrained('searches')->cascadeOnDelete();
            $table->unsignedSmallInteger('number');
            $table->mediumText('line');
            $table->primary(['search_id', 'number']);
        });

        Schema::create('jobs', static function (Blueprint $table): void {
            $table->comment('The queue');
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });

        Schema::create('failed_jobs', static function (Blueprint $table): void {
            $table->comment('What of the queue failed');
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });

        Schema::create('sessions', static function (Blueprint $table): void {
            $table->comment('Who is signed in, where several machines answer');
            $table->string('id')->charset('ascii')->collation('ascii_bin')->primary();
            Columns::id($table, 'user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->Integer('last_activity')->index();
        });

        Schema::create('cache', static function (Blueprint $table): void {
            $table->comment('What is counted and remembered for a while');
            $table->string('key')->primary();
            $table->mediumText('value');
            $table->Integer('expiration');
        });

        Schema::create('cache_locks', static function (Blueprint $table): void {
            $table->comment('What is locked');
            $table->string('key')->primary();
            $table->string('owner');
            $table->Integer('expiration');
        });

        Schema::create('releases', static function (Blueprint $table): void {
            $table->comment('Which releases have written here');
            $table->string('version', 20)->primary();
            $table->timestamp('since')->useCurrent();
        });
    }
};
