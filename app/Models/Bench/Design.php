<?php

declare(strict_types=1);

namespace App\Models\Bench;

use App\Models\Concerns\BelongsToTeam;
use Core\Design\Audience;
use Core\Design\Design as CoreDesign;
use Core\Design\Pin;
use Core\Design\PinKind;
use Core\Design\Place\Placement;
use Core\Design\RungChoice;
use Core\Design\RungName;
use Core\Design\Silence;
use Core\Units\Duration;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * @property string $id
 * @property string $team_id
 * @property string $name
 * @property Placement $placement
 * @property int|null $promise_ms
 * @property int $revision
 * @property string|null $plan_id
 * @property bool $is_ranked
 * @property list<string> $tags
 * @property int|null $still_ms
 * @property bool $gentle
 * @property int|null $from_age
 * @property list<array{kind: string, steps: list<string>}>|null $pins
 * @property list<array{rule: string, reason: string}>|null $silences
 * @property list<array{name: string, withinMs?: int, leftOut?: list<string>, otherWays?: array<int|string, int>}>|null $rungs
 * @property Carbon|null $archived_at
 * @property Collection<int, Step> $steps
 * @property FacePlan|null $plan
 * @property DesignPhoto|null $photo
 */
final class Design extends Model
{
    use BelongsToTeam;
    use HasUlids;
    use SoftDeletes;

    protected $table = 'designs';

    protected $guarded = [];

    /** @return HasMany<Step, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(Step::class)->orderBy('position');
    }

    /** @return BelongsTo<FacePlan, $this> the plan of its newest save */
    public function plan(): BelongsTo
    {
        return $this->belongsTo(FacePlan::class);
    }

    /** @return HasOne<DesignPhoto, $this> without the picture itself */
    public function photo(): HasOne
    {
        return $this->hasOne(DesignPhoto::class)->select(DesignPhoto::SAID);
    }

    public function toCore(): CoreDesign
    {
        $duration = static fn (?int $ms): ?Duration => $ms === null ? null : Duration::ofMilliseconds($ms);
        $steps = array_values($this->steps->map(static fn (Step $step) => $step->toCore())->all());
        $ids = array_column($steps, 'id');
        $pins = array_map(static fn (array $pin): Pin => new Pin(PinKind::from($pin['kind']), $pin['steps']), $this->pins ?? []);

        return new CoreDesign(
            name: $this->name,
            placement: $this->placement,
            promise: $duration($this->promise_ms),
            steps: $steps,
            tags: $this->tags,
            audience: new Audience($duration($this->still_ms), $this->gentle, $this->from_age),
            // The steps are read after the row: somebody may have saved in between, and taken a pinned step out.
            pins: array_values(array_filter($pins, static fn (Pin $pin): bool => $pin->holdsAmong($ids))),
            silences: array_map(
                static fn (array $silence): Silence => new Silence($silence['rule'], $silence['reason']),
                $this->silences ?? [],
            ),
            rungs: array_map(
                static fn (array $rung): RungChoice => new RungChoice(
                    RungName::from($rung['name']),
                    $duration($rung['withinMs'] ?? null),
                    $rung['leftOut'] ?? [],
                    $rung['otherWays'] ?? [],
                ),
                $this->rungs ?? [],
            ),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'placement' => Placement::class,
            'promise_ms' => 'integer',
            'revision' => 'integer',
            'is_ranked' => 'boolean',
            'tags' => 'array',
            'still_ms' => 'integer',
            'gentle' => 'boolean',
            'from_age' => 'integer',
            'pins' => 'array',
            'silences' => 'array',
            'rungs' => 'array',
            'archived_at' => 'datetime',
        ];
    }
}
