<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

// What was taken out of a kit, with the steps that another thing took over in its stead: enough to put all of it back.
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('kit_removals', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->json('item');
            $table->json('steps');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::drop('kit_removals');
    }
};
