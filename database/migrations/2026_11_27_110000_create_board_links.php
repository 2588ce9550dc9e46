<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('board_links', function (Blueprint $table): void {
            $table->foreignUlid('event_day_id')->primary()->constrained()->cascadeOnDelete();
            // What is looked up, and what can be shown again to the team.
            $table->char('token_hash', 64)->unique();
            $table->text('token');
            $table->boolean('shows_names');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::drop('board_links');
    }
};
