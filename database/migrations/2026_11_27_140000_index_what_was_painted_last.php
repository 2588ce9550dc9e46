<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('faces', function (Blueprint $table): void {
            // The last of each design is found without reading the others.
            $table->index(['team_id', 'design_id', 'seated_ms']);
            $table->dropIndex(['team_id', 'design_id']);
        });
    }

    public function down(): void
    {
        Schema::table('faces', function (Blueprint $table): void {
            $table->index(['team_id', 'design_id']);
            $table->dropIndex(['team_id', 'design_id', 'seated_ms']);
        });
    }
};
