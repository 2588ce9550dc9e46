<?php

declare(strict_types=1);

namespace App\Models\Search;

use App\Models\Account\User;
use App\Models\Concerns\BelongsToTeam;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What somebody asked for that takes a while: the request as it came in, and how far the workers of the queue are with it.
 *
 * @property string $id
 * @property string $team_id
 * @property string $user_id
 * @property string $method
 * @property string $address
 * @property string $body  JSON; empty for none
 * @property SearchState $state
 * @property int|null $status  of HTTP, once it is over
 * @property int $seconds  that it may take
 * @property Carbon $heard_at  when somebody asked after it last
 * @property Carbon|null $started_at
 * @property User $user
 */
final class Search extends Model
{
    use BelongsToTeam;
    use HasUlids;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => SearchState::class, 'status' => 'integer', 'seconds' => 'integer', 'heard_at' => 'datetime',
            'started_at' => 'datetime',
        ];
    }
}
