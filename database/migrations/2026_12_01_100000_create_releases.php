<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which releases have written here, so that an older one can say which is needed. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('releases', static function (Blueprint $table): void {
            $table->string('version', 20)->primary();
            $table->timestamp('since')->useCurrent();
        });
    }

    public function down(): void
    {
        Schema::drop('releases');
    }
};
