<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What was kept of a line can be told again from its events, so nothing of it is taken over.
        Schema::drop('line_states');
        Schema::create('line_stories', function (Blueprint $table): void {
            $table->foreignUlid('event_day_id')->primary()->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('seq');
            $table->longText('story');
        });
    }

    public function down(): void
    {
        Schema::drop('line_stories');
        Schema::create('line_states', function (Blueprint $table): void {
            $table->foreignUlid('event_day_id')->primary()->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('seq');
            $table->char('shape', 32)->charset('ascii')->collation('ascii_bin');
            $table->binary('state');
        });
    }
};
