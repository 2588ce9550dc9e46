<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\Concerns\BelongsToTeam;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * What a team was given to begin with, so that all of it can be thrown away again.
 *
 * @property string $id
 * @property string $team_id
 * @property string $event_day_id
 * @property list<string> $design_ids
 * @property list<string> $thing_ids  of the kit
 */
final class Beginning extends Model
{
    use BelongsToTeam;
    use HasUlids;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['design_ids' => 'array', 'thing_ids' => 'array'];
    }
}
