<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Account\Team\RecordAudit;
use App\Account\Ways\PainterBench;
use App\Bench\Files\DesignFiles;
use App\Exceptions\Conflict;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Bench\Step;
use App\Plan\FacePlans\DesignPlans;
use Core\Design\Design as CoreDesign;
use Core\Design\InvalidDesignFile;
use Core\Design\Pin;
use Core\Design\Place\Placement;
use Core\Design\RungChoice;
use Core\Design\Silence;
use Core\Design\Step as CoreStep;
use Core\Design\StepValues;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The designs of a team, as they are begun, saved and deleted. */
final readonly class Designs
{
    private const NAME_LENGTH = 80;

    public function __construct(
        private WorkedDesigns $workedDesigns,
        private DesignFiles $designFiles,
        private DesignPlans $designPlans,
        private RecordAudit $recordAudit,
    ) {}

    public function create(PainterBench $bench, string $teamId, CoreDesign $content): Design
    {
        return DB::transaction(function () use ($bench, $teamId, $content): Design {
            $design = new Design(['team_id' => $teamId, 'revision' => 1]);
            $this->write($bench, $design, $content);

            return $design;
        });
    }

    /** Makes a new design from what it begins with. */
    public function start(PainterBench $bench, string $teamId, DesignStart $start): Design
    {
        $like = $start->like?->toCore() ?? ($start->startingPoint === null ? null : ($this->workedDesigns)()[$start->startingPoint]);
        $content = $like?->renamed($start->name) ?? self::listed($bench, $start);

        return $this->create($bench, $teamId, $content->withIds(array_map(self::freshId(...), $content->steps)));
    }

    private static function listed(PainterBench $bench, DesignStart $start): CoreDesign
    {
        if ($start->list === '') {
            return new CoreDesign($start->name, $start->placement ?? Placement::FullFace, null, []);
        }
        $reading = $bench->reader()->read($start->list, $start->placement, called: $start->name);

        return new CoreDesign($start->name, $reading->placement, null, $reading->steps(), pins: $reading->pins);
    }

    private static function freshId(): string
    {
        return Str::lower((string) Str::ulid());
    }

    public function copy(PainterBench $bench, Design $design): Design
    {
        $content = $design->toCore();
        $name = mb_substr($content->name, 0, self::NAME_LENGTH - mb_strlen(' copy')).' copy';

        return $this->create($bench, $design->team_id, $content->renamed($name));
    }

    /**
     * @param  int  $revision  the one the change was made on
     *
     * @throws Conflict when that is no longer the newest
     */
    public function save(PainterBench $bench, Design $design, int $revision, CoreDesign $content): Design
    {
        return DB::transaction(function () use ($bench, $design, $revision, $content): Design {
            $current = Design::ofTeam($design->team_id)->lockForUpdate()->findOrFail($design->id);
            if ($current->revision !== $revision) {
                throw Conflict::changedElsewhere($current->name);
            }
            $current->revision++;
            $this->write($bench, $current, $content);

            return $current;
        });
    }

    /** Writes a design's content and the plan that faces seated from now on get. Runs inside the caller's transaction. */
    private function write(PainterBench $bench, Design $design, CoreDesign $content): void
    {
        $design->fill([
            'name' => $content->name,
            'placement' => $content->placement,
            'promise_ms' => $content->promise?->milliseconds,
            'tags' => $content->tags,
            'still_ms' => $content->audience->sitsStillFor?->milliseconds,
            'gentle' => $content->audience->isGentle,
            'from_age' => $content->audience->fromAge,
            'pins' => array_map(static fn (Pin $pin): array => ['kind' => $pin->kind->value, 'steps' => $pin->steps], $content->pins),
            'silences' => array_map(
                static fn (Silence $silence): array => ['rule' => $silence->rule, 'reason' => $silence->reason],
                $content->silences,
            ),
            'rungs' => array_map(self::rung(...), $content->rungs),
        ]);
        $design->save();
        $this->writeSteps($design, $content);
        $this->designPlans->plan($bench, $design, $content);
        $this->designPlans->rank($design->team_id, [$design->id]);
        $design->unsetRelations();
    }

    /** @return array{name: string, withinMs?: int, leftOut?: list<string>, otherWays?: array<int|string, int>} */
    private static function rung(RungChoice $rung): array
    {
        return $rung->within === null
            ? ['name' => $rung->name->value, 'leftOut' => $rung->leftOut, 'otherWays' => $rung->otherWays]
            : ['name' => $rung->name->value, 'withinMs' => $rung->within->milliseconds];
    }

    private function writeSteps(Design $design, CoreDesign $content): void
    {
        Step::query()->where('design_id', $design->id)->delete();
        Step::query()->insert(array_map(static fn (CoreStep $step, int $position): array => [
            'id' => $step->id,
            'design_id' => $design->id,
            'position' => $position,
            'content' => json_encode(StepValues::of($step), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ], $content->steps, array_keys($content->steps)));
    }

    /** Takes a design off the shelf; it can be restored, and faces painted with it keep their plans. */
    public function delete(User $by, Design $design): void
    {
        $design->delete();
        ($this->recordAudit)($by, "deleted the design {$design->name}");
    }

    /** Brings a deleted design back. */
    public function restore(Design $design): void
    {
        $design->restore();
    }

    /**
     * Brings the designs of a file into a team: all of them or none.
     *
     * @return list<Design>
     *
     * @throws InvalidDesignFile
     */
    public function bringIn(PainterBench $bench, string $teamId, string $json): array
    {
        $designs = $this->designFiles->read($json);

        return DB::transaction(fn (): array => array_map(
            fn (CoreDesign $design): Design => $this->create(
                $bench,
                $teamId,
                $design->withIds(array_map(static fn (): string => Str::lower((string) Str::ulid()), $design->steps)),
            ),
            $designs,
        ));
    }
}
