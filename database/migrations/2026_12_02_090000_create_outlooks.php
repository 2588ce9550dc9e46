<?php

declare(strict_types=1);

use Database\Schema\Columns;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Outlooks are kept: where a day’s plan is still the same, it need not be played again. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('outlooks', static function (Blueprint $table): void {
            $table->comment('What may come of a day, from many days played, and of which plan it is the outlook');
            Columns::of($table, 'event_day_id')->primary()->constrained()->cascadeOnDelete();
            $table->char('outline', 32);
            $table->unsignedInteger('latest_name_ms')->nullable();
            $table->mediumText('tally');
        });
    }
};
