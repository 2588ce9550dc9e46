<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Colour\Load;
use Core\Design\Place\Mark;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Units\Duration;

/** One thing painted with one tool: what, with what, where, how, and for how long. */
final readonly class Step
{
    public Technique $technique;

    /**
     * @param  list<Colour>  $colours  in the order they are picked up; empty for none
     * @param  list<Zone>  $zones  one at least, but for waiting and tidying
     * @param  int  $coats  1 to Defaults::MOST_COATS
     * @param  Duration|null  $time  typed: hands on the skin, all coats and sides together; null where work content says it
     * @param  Duration  $dryFor  how long the paint below, in these zones, must have dried before the step starts
     * @param  Technique|null  $technique  null for the usual one of the medium
     * @param  int|null  $count  strokes or marks a side; null where they are not counted
     * @param  int|null  $smallCount  the same on a small face; null for the usual rule
     * @param  int  $look  what it adds to the look, 0 to Defaults::MOST_LOOK
     * @param  string  $group  a name that steps share, such as "whiskers"; empty for none
     * @param  list<Alternative>  $alternatives  other ways to do the same
     * @param  bool|null  $stopAfter  whether one may stop after it; null where the steps themselves say it
     *
     * @throws InvalidStep when a value makes no sense
     */
    public function __construct(
        public string $id,
        public string $name,
        public Medium $medium,
        public string $tool,
        public array $colours,
        public array $zones,
        public Side $side,
        public int $coats,
        public ?Duration $time,
        public Duration $dryFor,
        public bool $optional,
        public string $note,
        ?Technique $technique = null,
        public Load $load = Load::Normal,
        public ?int $count = null,
        public ?int $smallCount = null,
        public Mark $mark = new Mark,
        public ?Shut $shut = null,
        public int $look = Defaults::USUAL_LOOK,
        public string $group = '',
        public array $alternatives = [],
        public ?bool $stopAfter = null,
    ) {
        $this->technique = $technique ?? Technique::usualOf($medium);
        $this->refuseNonsense();
        $this->refuseWrongWork();
    }

    /** Hands off the skin for so long. */
    public static function wait(string $id, Duration $time): self
    {
        return new self(
            id: $id,
            name: 'Wait',
            medium: Medium::Bare,
            tool: '',
            colours: [],
            zones: [],
            side: Side::Centre,
            coats: 1,
            time: $time,
            dryFor: Duration::zero(),
            optional: false,
            note: '',
            technique: Technique::Wait,
        );
    }

    public function withId(string $id): self
    {
        return $this->copy(id: $id);
    }

    /** @param  list<Zone>  $zones */
    public function withZones(array $zones): self
    {
        return $this->copy(zones: $zones);
    }

    /** @param  list<Colour>  $colours */
    public function withColours(array $colours): self
    {
        return $this->copy(colours: $colours);
    }

    /** The same with tools called otherwise, here and in the other ways to paint it. */
    public function withToolCalled(string $old, string $new): self
    {
        $called = static fn (string $tool): string => self::isSameTool($tool, $old) ? $new : $tool;

        return $this->copy(
            tool: $called($this->tool),
            alternatives: array_map(static fn (Alternative $way): Alternative => $way->withTool($called($way->tool)), $this->alternatives),
        );
    }

    /** Painters do not mind capital letters. */
    public function usesTool(string $tool): bool
    {
        return self::isSameTool($this->tool, $tool)
            || array_filter($this->alternatives, static fn (Alternative $way): bool => self::isSameTool($way->tool, $tool)) !== [];
    }

    public function withCount(int $count): self
    {
        return $this->copy(count: $count);
    }

    public function withTime(Duration $time): self
    {
        return $this->copy(time: $time);
    }

    public function withTool(string $tool): self
    {
        return $this->copy(tool: $tool);
    }

    public function withSide(Side $side): self
    {
        return $this->copy(side: $side);
    }

    public function withCoats(int $coats): self
    {
        return $this->copy(coats: $coats);
    }

    public function withLoad(Load $load): self
    {
        return $this->copy(load: $load);
    }

    public function withShut(Shut $shut): self
    {
        return $this->copy(shut: $shut);
    }

    public function withDryFor(Duration $dryFor): self
    {
        return $this->copy(dryFor: $dryFor);
    }

    public function withNote(string $note): self
    {
        return $this->copy(note: $note);
    }

    public function asOptional(): self
    {
        return $this->copy(optional: true);
    }

    public function withEyesShut(): self
    {
        return $this->withShut($this->shut === Shut::Lips ? Shut::Both : $this->shut ?? Shut::Eyes);
    }

    public function keepsEyesShut(): bool
    {
        return $this->shut === Shut::Eyes || $this->shut === Shut::Both;
    }

    /** Paint on the lips themselves, not about them: what covers a lip wears, a smile line beside it does not. */
    public function paintsLips(): bool
    {
        $lips = array_filter($this->zones, static fn (Zone $zone): bool => $zone->isLip());

        return $lips !== [] && $this->medium->isPaintedOn() && $this->technique->covers();
    }

    /** Brush work by the eyes or on the lips, or so typed: who moves gets a line where none belongs (common practice, no source). */
    public function wantsStill(): bool
    {
        $close = array_filter($this->zones, static fn (Zone $zone): bool => $zone->isEye() || $zone->isLip());

        return $this->medium === Medium::Brush && $close !== []
            || NameSays::HoldStill->in($this->name, $this->note);
    }

    /** Strokes or marks a side; the usual ones where no count is said. */
    public function strokes(): int
    {
        return $this->count ?? Defaults::usualCount($this->technique);
    }

    /** The same place painted another way; counts go where that way is not counted. */
    public function painted(Alternative $way): self
    {
        $isCounted = $way->technique->isCounted();

        return new self(
            id: $this->id, name: $this->name, medium: $way->medium, tool: $way->tool, colours: $this->colours, zones: $this->zones,
            side: $way->side ?? $this->side, coats: $way->coats ?? $this->coats,
            time: $way->time ?? $this->timeBy($way), dryFor: $this->dryFor, optional: $this->optional, note: $this->note,
            technique: $way->technique, load: $this->load,
            count: $isCounted ? $way->count ?? $this->count : null,
            smallCount: $isCounted && $way->count === null ? $this->smallCount : null, mark: $this->mark,
            shut: $this->shut, look: $way->look ?? $this->look, group: $this->group, alternatives: [], stopAfter: $this->stopAfter,
        );
    }

    /**
     * The step itself, where each other way to paint it can be painted at all.
     *
     * @throws InvalidStep when one cannot, such as the tip of the nose on the left only
     */
    public function withPossibleWays(): self
    {
        foreach ($this->alternatives as $way) {
            try {
                $this->painted($way);
            } catch (InvalidStep $refusal) {
                throw InvalidStep::otherWay($this->name, $refusal);
            }
        }

        return $this;
    }

    /** Of the typed time, what fewer strokes, one side or another number of coats make of it; null where the technique is another. */
    private function timeBy(Alternative $way): ?Duration
    {
        if ($this->time === null || $way->technique !== $this->technique || $way->medium !== $this->medium
            || ($way->count === null && $way->side === null && $way->coats === null)) {
            return null;
        }
        $sides = static fn (Side $side): float => $side === Side::Both ? 1.0 + Defaults::WEAK_SIDE_FACTOR : 1.0;
        $share = ($way->count ?? $this->strokes()) / $this
            ->strokes() * $sides($way->side ?? $this->side) / $sides($this->side) * ($way->coats ?? $this->coats) / $this->coats;

        return Duration::ofMilliseconds(max(1, (int) round($this->time->milliseconds * $share)));
    }

    /** Whether both lay something on the same skin. */
    public function touches(self $other): bool
    {
        if (! $this->side->meets($other->side)) {
            return false;
        }
        foreach ($this->zones as $zone) {
            if (in_array($zone, $other->zones, true)) {
                return true;
            }
        }

        return false;
    }

    public function usesColoursOf(self $other): bool
    {
        if (count($this->colours) !== count($other->colours)) {
            return false;
        }
        foreach ($this->colours as $index => $colour) {
            if (! $colour->equals($other->colours[$index])) {
                return false;
            }
        }

        return true;
    }

    private static function isSameTool(string $one, string $other): bool
    {
        return $one !== '' && mb_strtolower(trim($one)) === mb_strtolower(trim($other));
    }

    /**
     * @param  list<Colour>|null  $colours
     * @param  list<Zone>|null  $zones
     * @param  list<Alternative>|null  $alternatives
     */
    private function copy(
        ?string $id = null,
        ?string $tool = null,
        ?array $colours = null,
        ?array $zones = null,
        ?int $count = null,
        ?Duration $time = null,
        ?array $alternatives = null,
        ?Side $side = null,
        ?int $coats = null,
        ?Load $load = null,
        ?Shut $shut = null,
        ?Duration $dryFor = null,
        ?bool $optional = null,
        ?string $note = null,
    ): self {
        return new self(
            id: $id ?? $this->id,
            name: $this->name,
            medium: $this->medium,
            tool: $tool ?? $this->tool,
            colours: $colours ?? $this->colours,
            zones: $zones ?? $this->zones,
            side: $side ?? $this->side,
            coats: $coats ?? $this->coats,
            time: $time ?? $this->time,
            dryFor: $dryFor ?? $this->dryFor,
            optional: $optional ?? $this->optional,
            note: $note ?? $this->note,
            technique: $this->technique,
            load: $load ?? $this->load,
            count: $count ?? $this->count,
            smallCount: $this->smallCount,
            mark: $this->mark,
            shut: $shut ?? $this->shut,
            look: $this->look,
            group: $this->group,
            alternatives: $alternatives ?? $this->alternatives,
            stopAfter: $this->stopAfter,
        );
    }

    private function refuseNonsense(): void
    {
        match (true) {
            trim($this->name) === '' => throw InvalidStep::withoutName(),
            $this->time?->isZero() === true => throw InvalidStep::withoutTime($this->name),
            $this->time?->isLongerThan(Defaults::longestStep()) === true => throw InvalidStep::tooLong($this->name),
            $this->dryFor->isLongerThan(Defaults::longestStep()) => throw InvalidStep::dryingTooLong($this->name),
            $this->zones === [] && ! $this->technique->needsNoZone() => throw InvalidStep::withoutZone($this->name),
            $this->coats < 1 || $this->coats > Defaults::MOST_COATS => throw InvalidStep::coats($this->name, $this->coats),
            default => $this->refuseSideOfCentre(),
        };
    }

    private function refuseWrongWork(): void
    {
        $most = Defaults::MOST_COUNT;
        foreach ([$this->count, $this->smallCount] as $count) {
            match (true) {
                $count === null => null,
                ! $this->technique->isCounted()
                    && $this->mark->shape === null => throw InvalidStep::uncounted($this->name, $this->technique),
                $count < 1 || $count > $most => throw InvalidStep::count($this->name, $count),
                default => null,
            };
        }
        match (true) {
            ! $this->technique->suits($this->medium) => throw InvalidStep::technique($this->technique, $this->medium),
            $this->look < 0 || $this->look > Defaults::MOST_LOOK => throw InvalidStep::look($this->name, $this->look),
            default => null,
        };
    }

    private function refuseSideOfCentre(): void
    {
        if (! $this->side->isOneSided() || count($this->zones) !== 1 || ! $this->zones[0]->isOnMiddleLine()) {
            return;
        }

        throw InvalidStep::sideOfCentre($this->name, $this->zones[0]->label(), $this->side->value);
    }
}
