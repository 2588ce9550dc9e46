<?php

declare(strict_types=1);

namespace App\Models\Line;

use Core\Line\EventKind;
use Illuminate\Database\Eloquent\Model;

/**
 * One tap, kept for good.
 *
 * @property int $seq order of arrival
 * @property string $id client-made ULID
 * @property string $event_day_id
 * @property EventKind $kind
 * @property int $at_ms
 * @property string|null $ticket_id
 * @property string|null $target_id
 */
final class ChairEvent extends Model
{
    public $timestamps = false;

    protected $primaryKey = 'seq';

    protected $table = 'chair_events';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => EventKind::class, 'at_ms' => 'integer'];
    }
}
