<?php

declare(strict_types=1);

namespace App\Models\Account;

use App\Models\Concerns\BelongsToTeam;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What somebody did to money, roles or records of a team, in words, as it was then.
 *
 * @property string $id
 * @property string $who
 * @property string $what
 * @property Carbon $at
 */
final class Act extends Model
{
    use BelongsToTeam;
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
