<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('menus', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->timestamps();
            $table->index(['team_id', 'name']);
        });
        Schema::create('menu_offers', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('menu_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('design_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('rung', 10)->nullable();
            $table->unsignedInteger('promise_ms')->nullable();
            $table->unsignedInteger('price_cents')->nullable();
            $table->string('for_whom', 10)->nullable();
            $table->unique(['menu_id', 'design_id']);
        });
        Schema::table('event_days', function (Blueprint $table): void {
            $table->foreignUlid('menu_id')->nullable()->constrained()->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('event_days', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('menu_id');
        });
        Schema::drop('menu_offers');
        Schema::drop('menus');
    }
};
