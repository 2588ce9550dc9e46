<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('beginnings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('event_day_id')->constrained()->cascadeOnDelete();
            $table->json('design_ids');
            $table->json('thing_ids');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::drop('beginnings');
    }
};
