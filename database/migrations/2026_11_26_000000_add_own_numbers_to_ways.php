<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('ways_of_painters', function (Blueprint $table): void {
            $table->string('timing', 20)->nullable();
            $table->json('numbers')->nullable();
            $table->float('worked_share')->nullable();
            $table->unsignedSmallInteger('worked_times')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table(
            'ways_of_painters',
            fn (Blueprint $table) => $table->dropColumn(['timing', 'numbers', 'worked_share', 'worked_times']),
        );
    }
};
