<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How many events the kept story of a day has, known without reading it: the next tap writes it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('line_stories', static fn (Blueprint $table) => $table->unsignedInteger('events')->default(0));
    }

    public function down(): void
    {
        Schema::table('line_stories', static fn (Blueprint $table) => $table->dropColumn('events'));
    }
};
