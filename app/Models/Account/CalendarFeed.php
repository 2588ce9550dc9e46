<?php

declare(strict_types=1);

namespace App\Models\Account;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A painter's private link to the team's events. Whoever has the link reads them; it is good until it is revoked.
 *
 * @property string $user_id
 * @property string $token_hash
 * @property string $token  kept encrypted
 * @property User|null $user  null for one who left
 */
final class CalendarFeed extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'user_id';

    protected $keyType = 'string';

    protected $guarded = [];

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['token' => 'encrypted'];
    }
}
