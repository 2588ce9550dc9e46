<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('designs', function (Blueprint $table): void {
            $table->unsignedTinyInteger('from_age')->nullable();
            $table->json('pins')->nullable();
            $table->json('silences')->nullable();
        });

        Schema::create('ways_of_painters', function (Blueprint $table): void {
            $table->foreignUlid('user_id')->primary()->constrained()->cascadeOnDelete();
            $table->json('schools');
            $table->float('celsius')->nullable();
            $table->float('humidity')->nullable();
            $table->float('wind')->nullable();
            $table->float('touched_factor')->nullable();
            $table->timestamp('touched_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::drop('ways_of_painters');
        Schema::table('designs', fn (Blueprint $table) => $table->dropColumn(['from_age', 'pins', 'silences']));
    }
};
