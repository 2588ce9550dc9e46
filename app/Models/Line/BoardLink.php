<?php

declare(strict_types=1);

namespace App\Models\Line;

use App\Models\Plan\EventDay;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The link to the board of a day, for parents. Whoever has it reads the line, and nothing else; it is good until it is revoked.
 *
 * @property string $event_day_id
 * @property string $token_hash
 * @property string $token  kept encrypted
 * @property bool $shows_names
 * @property EventDay|null $day  null where the day was taken away
 */
final class BoardLink extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'event_day_id';

    protected $keyType = 'string';

    protected $guarded = [];

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    /** @return BelongsTo<EventDay, $this> */
    public function day(): BelongsTo
    {
        return $this->belongsTo(EventDay::class, 'event_day_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['token' => 'encrypted', 'shows_names' => 'boolean'];
    }
}
