<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\Concerns\BelongsToTeam;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * Something that a team packs for every event and that is in no kit: a lamp, a chair.
 *
 * @property string $id
 * @property string $team_id
 * @property string $name
 * @property int $how_many
 */
final class PackingExtra extends Model
{
    use BelongsToTeam;
    use HasUlids;

    protected $guarded = [];
}
