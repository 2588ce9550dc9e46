<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Models\Plan\PackingExtra;
use Illuminate\Support\Facades\DB;

/** Writes anew what a team packs besides its kit. */
final readonly class SaveExtras
{
    /** @param  list<array{name: string, howMany: int}>  $extras */
    public function __invoke(string $teamId, array $extras): void
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
