<?php

declare(strict_types=1);

namespace App\Models\Line;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A parent who wants to be texted about one number. It is forgotten when the day is over.
 *
 * @property int $id
 * @property string $event_day_id
 * @property string $ticket_id
 * @property string $phone  kept encrypted
 * @property string $phone_hash
 * @property string $language
 * @property-read Collection<int, Text> $texts
 */
final class TextWish extends Model
{
    protected $guarded = [];

    /** The same phone has the same, and nobody reads the phone from it. */
    public static function hash(string $phone): string
    {
        return hash_hmac('sha256', $phone, config()->string('app.key'));
    }

    /** @return HasMany<Text, $this> */
    public function texts(): HasMany
    {
        return $this->hasMany(Text::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['phone' => 'encrypted'];
    }
}
