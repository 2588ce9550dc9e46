<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('kit_items', function (Blueprint $table): void {
            // Whose bag it is in: a painter's, who takes it along when leaving; nobody's for the team's things.
            $table->foreignUlid('owner_id')->nullable()->constrained('users')->cascadeOnDelete();
            $table->foreignUlid('home_id')->nullable()->constrained('users')->nullOnDelete();
            // Two painters may each have a round 4; one bag has one of a name. The key on the team alone would need another index.
            $table->index('team_id');
            $table->dropUnique(['team_id', 'name']);
            // Nobody is not equal to nobody in a unique key; the empty name is.
            $table->string('owner_key', 26)->default('');
            $table->unique(['team_id', 'name', 'owner_key']);
        });

        Schema::create('packing_ticks', function (Blueprint $table): void {
            $table->foreignUlid('event_day_id')->constrained()->cascadeOnDelete();
            $table->string('thing', 120);
            $table->primary(['event_day_id', 'thing']);
        });

        Schema::create('packing_extras', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->unsignedSmallInteger('how_many');
            $table->timestamps();
        });

        // What was taken off the stock after an event, so that it can be put back and learned from.
        Schema::create('stock_counts', function (Blueprint $table): void {
            $table->foreignUlid('event_day_id')->primary()->constrained()->cascadeOnDelete();
            $table->json('content');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::drop('stock_counts');
        Schema::drop('packing_extras');
        Schema::drop('packing_ticks');
        Schema::table('kit_items', function (Blueprint $table): void {
            $table->dropUnique(['team_id', 'name', 'owner_key']);
            $table->dropColumn('owner_key');
            $table->unique(['team_id', 'name']);
            $table->dropIndex(['team_id']);
            $table->dropConstrainedForeignId('home_id');
            $table->dropConstrainedForeignId('owner_id');
        });
    }
};
