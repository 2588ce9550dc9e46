<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** An event that came with a file may go again with all its faces, as long as nothing was tapped here since. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('event_days', static fn (Blueprint $table) => $table->unsignedBigInteger('brought_seq')->nullable());
    }

    public function down(): void
    {
        Schema::table('event_days', static fn (Blueprint $table) => $table->dropColumn('brought_seq'));
    }
};
