<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How many taps a day has, known without counting them at each. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('line_turns', static fn (Blueprint $table) => $table->unsignedInteger('taps')->default(0));
        $counts = DB::table('chair_events')->selectRaw('event_day_id, count(*) as taps')->groupBy('event_day_id');
        foreach ($counts->get() as $day) {
            DB::table('line_turns')->upsert(
                ['event_day_id' => $day->event_day_id, 'turn' => 0, 'taps' => $day->taps],
                'event_day_id',
                ['taps'],
            );
        }
    }

    public function down(): void
    {
        Schema::table('line_turns', static fn (Blueprint $table) => $table->dropColumn('taps'));
    }
};
