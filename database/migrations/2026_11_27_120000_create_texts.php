<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Parents who want to be texted, until the day is over.
        Schema::create('text_wishes', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('event_day_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('ticket_id')->constrained()->cascadeOnDelete();
            $table->text('phone');
            $table->char('phone_hash', 64);
            $table->char('language', 2);
            $table->timestamps();
            $table->unique(['ticket_id', 'phone_hash']);
        });
        Schema::create('texts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('text_wish_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 16);
            $table->string('words', 320);
            $table->boolean('is_taken');
            $table->unsignedBigInteger('sent_ms');
            // Nobody is told the same thing twice.
            $table->unique(['text_wish_id', 'kind']);
        });
    }

    public function down(): void
    {
        Schema::drop('texts');
        Schema::drop('text_wishes');
    }
};
