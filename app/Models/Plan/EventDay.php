<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\Concerns\BelongsToTeam;
use App\Models\Menu\MenuItem;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * @property string $id
 * @property string $team_id
 * @property string $name
 * @property string $place
 * @property string $timezone
 * @property int $opens_ms
 * @property int $closes_ms
 * @property int<1, 8> $chairs
 * @property int $turnaround_ms
 * @property string|null $calendar_key  its name in the calendar that it was taken from
 * @property int|null $brought_seq  the last tap that came with a file, 0 where none did; null for a day that was planned here
 * @property Carbon $updated_at
 * @property Collection<int, MenuItem> $menuItems
 */
final class EventDay extends Model
{
    use BelongsToTeam;
    use HasUlids;
    use SoftDeletes;

    protected $table = 'event_days';

    protected $guarded = [];

    /** @return HasMany<MenuItem, $this> */
    public function menuItems(): HasMany
    {
        return $this->hasMany(MenuItem::class)->orderBy('position');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'opens_ms' => 'integer', 'closes_ms' => 'integer', 'chairs' => 'integer', 'turnaround_ms' => 'integer',
            'brought_seq' => 'integer',
        ];
    }
}
