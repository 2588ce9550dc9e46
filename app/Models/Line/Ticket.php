<?php

declare(strict_types=1);

namespace App\Models\Line;

use Illuminate\Database\Eloquent\Model;

/**
 * A number given out on a day. Everything else about the child's place is in the chair events.
 *
 * @property string $id client-made ULID
 * @property string $event_day_id
 * @property int $number
 */
final class Ticket extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $table = 'tickets';

    protected $guarded = [];
}
