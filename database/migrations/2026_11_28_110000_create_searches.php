<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What is looked for among many: asked for by a request, worked out by the workers of the queue.
        Schema::create('searches', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
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
        Schema::create('search_lines', function (Blueprint $table): void {
            $table->foreignUlid('search_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('number');
            $table->mediumText('line');
            $table->primary(['search_id', 'number']);
        });
    }

    public function down(): void
    {
        Schema::drop('search_lines');
        Schema::drop('searches');
    }
};
