<?php

declare(strict_types=1);

namespace App\Models\Plan;

use Illuminate\Database\Eloquent\Model;

/**
 * Something that is in the bag for an event day.
 *
 * @property string $event_day_id
 * @property string $thing  kind and name
 */
final class PackingTick extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'thing';

    protected $keyType = 'string';

    protected $guarded = [];
}
