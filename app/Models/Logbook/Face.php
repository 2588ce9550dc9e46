<?php

declare(strict_types=1);

namespace App\Models\Logbook;

use App\Models\Concerns\BelongsToTeam;
use App\Models\Line\Ticket;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A line of the logbook: a face that was painted, or begun and left.
 *
 * @property string $ticket_id
 * @property string $team_id
 * @property string $event_day_id
 * @property string $design_id
 * @property string $design_name
 * @property int $chair
 * @property string|null $painter_id
 * @property string $outcome
 * @property int $seated_ms
 * @property int $ended_ms
 * @property int $planned_ms
 * @property int $painted_ms
 * @property Collection<int, FaceStep> $steps
 * @property Ticket $ticket
 */
final class Face extends Model
{
    use BelongsToTeam;

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'ticket_id';

    protected $keyType = 'string';

    protected $table = 'faces';

    protected $guarded = [];

    /** @return HasMany<FaceStep, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(FaceStep::class, 'face_id')->orderBy('position');
    }

    /** @return BelongsTo<Ticket, $this> */
    public function ticket(): BelongsTo
    {
        return $this->belongsTo(Ticket::class);
    }
}
