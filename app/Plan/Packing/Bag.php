<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Models\Plan\EventDay;
use App\Models\Plan\PackingExtra;
use App\Models\Plan\PackingTick;
use Illuminate\Support\Facades\DB;

/** What a painter has put into the bag. */
final readonly class Bag
{
    /** Notes that something is in the bag, or out of it again. */
    public function tick(EventDay $day, string $thing, bool $isPacked): void
    {
        $tick = ['event_day_id' => $day->id, 'thing' => $thing];
        if ($isPacked) {
            PackingTick::query()->insertOrIgnore($tick);

            return;
        }
        PackingTick::query()->where($tick)->delete();
    }

    /**
     * Writes anew what a team packs besides its kit.
     *
     * @param  list<array{name: string, howMany: int}>  $extras
     */
    public function saveExtras(string $teamId, array $extras): void
    {
        DB::transaction(static function () use ($teamId, $extras): void {
            PackingExtra::ofTeam($teamId)->delete();
            foreach ($extras as $extra) {
                PackingExtra::ofTeam($teamId)->create([
                    'team_id' => $teamId, 'name' => trim($extra['name']), 'how_many' => $extra['howMany'],
                ]);
            }
        });
    }
}
