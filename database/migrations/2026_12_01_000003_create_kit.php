<?php

declare(strict_types=1);

use Database\Schema\Columns;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a team owns. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('kit_items', static function (Blueprint $table): void {
            $table->comment('A paint, brush, sponge or other thing of the kit');
            Columns::id($table)->primary();
            Columns::of($table, 'team_id')->index()->constrained()->cascadeOnDelete();
            $table->string('kind', 20);
            $table->string('name', 40);
            $table->unsignedSmallInteger('how_many');
            $table->json('colours');
            $table->string('paint_kind', 10)->nullable();
            $table->string('finish', 10)->nullable();
            $table->unsignedSmallInteger('grams_left')->nullable();
            $table->unsignedSmallInteger('length_mm')->nullable();
            $table->unsignedSmallInteger('width_mm')->nullable();
            $table->string('reserved_for', 40);
            $table->boolean('skin_safe');
            $table->boolean('latex');
            $table->boolean('gel');
            $table->boolean('self_stick');
            $table->timestamps();
            Columns::of($table, 'owner_id')->nullable()->constrained('users')->cascadeOnDelete();
            Columns::of($table, 'home_id')->nullable()->constrained('users')->nullOnDelete();
            $table->string('owner_key', 26)->charset('ascii')->collation('ascii_bin')->default('');
            $table->unique(['team_id', 'name', 'owner_key']);
        });

        Schema::create('kit_removals', static function (Blueprint $table): void {
            $table->comment('What was taken out of the kit, with the steps that another thing took over: enough to put all of it back');
            Columns::id($table)->primary();
            Columns::of($table, 'team_id')->constrained()->cascadeOnDelete();
            $table->json('item');
            $table->json('steps');
            $table->timestamps();
        });
    }
};
