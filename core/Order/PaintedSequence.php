<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Colour\Defaults as ColourDefaults;
use Core\Colour\LinearRgb;
use Core\Colour\Paint;
use Core\Colour\Sight;
use Core\Design\Design;
use Core\Design\Step;
use Core\Order\Craft\Severity;
use Core\Order\Search\Lag;
use Core\Surface\Wetness;
use Core\Timeline\SpanKind;
use Core\Timeline\Timeline;
use Core\Units\Duration;

/** A design painted through in its given order: when each step runs, what it finds on the skin, what is seen afterwards. */
final readonly class PaintedSequence
{
    public Timeline $timeline;

    /** @var list<int> milliseconds after the face began; by place of the step */
    public array $starts;

    /** @var list<int> */
    public array $ends;

    /** @var list<list<SeenColour>> by step and by colour */
    public array $sightings;

    /** @var list<int|null> the film that a step finds uppermost where it begins, by its step */
    public array $below;

    public Constraints $constraints;

    private function __construct(public DesignFacts $preparation)
    {
        $this->constraints = Constraints::of($preparation);
        $design = $preparation->design;
        $this->timeline = Timeline::of($design->steps, $preparation->circumstances->changeovers, $preparation->circumstances->times);
        [$this->starts, $this->ends] = self::times($design, $this->timeline);
        [$this->sightings, $this->below] = $this->paintThrough();
    }

    public static function of(Design $design, Circumstances $circumstances): self
    {
        return new self(new DesignFacts($design, $circumstances));
    }

    public function step(int $at): Step
    {
        return $this->preparation->steps[$at];
    }

    /** From the end of the one to the start of the other; negative when it comes before. */
    public function gap(int $from, int $to): int
    {
        return $this->starts[$to] - $this->ends[$from];
    }

    /** @return list<string> #rrggbb of each colour of a step as it comes out */
    public function seen(int $at): array
    {
        return array_map(static fn (SeenColour $sighting): string => $sighting->seen()->hex(), $this->sightings[$at]);
    }

    /** @return list<Lag> what has to have dried, or still to be wet, when a step begins: wishes and typed waits left out */
    public function lagsBefore(int $at): array
    {
        return Constraints::lagsOf(array_values(array_filter(
            $this->constraints->all,
            static fn (Constraint $one): bool => $one->to === $at && ($one->least > 0 || $one->most !== null)
                && $one->severity !== Severity::Tip && $one->rule !== Constraints::TYPED_WAIT,
        )));
    }

    /** How the film of a step feels when another begins. */
    public function wetness(int $film, int $at): Wetness
    {
        $laid = $this->preparation->films[$film];

        return $laid === null ? Wetness::Dry : $laid->wetnessAfter(Duration::ofMilliseconds(max(0, $this->gap($film, $at))));
    }

    /** @return list<non-empty-list<int>> runs of steps through which the eyes stay shut */
    public function shutStretches(): array
    {
        $stretches = [];
        $run = [];
        foreach ($this->preparation->steps as $at => $step) {
            // A tissue on the lid lets the child open the eyes at once (common practice, no source).
            if ($step->keepsEyesShut() && ! ServingSteps::isAct($step)) {
                $run[] = $at;

                continue;
            }
            $stretches[] = $run;
            $run = [];
        }
        $stretches[] = $run;

        return array_values(array_filter($stretches, static fn (array $stretch): bool => $stretch !== []));
    }

    public function makespan(): Duration
    {
        return $this->timeline->makespan();
    }

    /**
     * When each step of the design is painted in a timeline of its steps, whatever their order there.
     *
     * @return array{list<int>, list<int>} starts and ends in milliseconds, by place in the design
     */
    public static function times(Design $design, Timeline $timeline): array
    {
        $starts = $ends = [];
        foreach ($timeline->spans as $span) {
            if ($span->kind === SpanKind::Painting) {
                $starts[$span->step->id] = $span->start->milliseconds;
                $ends[$span->step->id] = $span->end()->milliseconds;
            }
        }

        return [
            array_map(static fn (Step $step): int => $starts[$step->id] ?? 0, $design->steps),
            array_map(static fn (Step $step): int => $ends[$step->id] ?? 0, $design->steps),
        ];
    }

    /**
     * Keeps for each place on the skin what is seen there and which film lies uppermost. What a step finds is read where it
     * begins, at its first place.
     *
     * @return array{list<list<SeenColour>>, list<int|null>}
     */
    private function paintThrough(): array
    {
        $skin = [LinearRgb::ofHex(ColourDefaults::SKIN)];
        $laid = $sightings = $under = [];
        foreach ($this->preparation->steps as $at => $step) {
            $places = $this->preparation->places[$at]->all();
            $found = array_map(fn (int $place): ?array => $this->uppermost($laid[$place] ?? [], $at), $places === [] ? [-1] : $places);
            $film = $found[0]['film'] ?? null;
            $about = array_merge(...array_map(static fn (?array $one): array => $one['seen'] ?? $skin, $found));
            $sightings[] = $now = $step->medium->isPaintedOn() ? $this->sight($at, $found[0]['seen'] ?? $skin, $film, $about) : [];
            $under[] = $film;
            if ($now === [] || ! $this->preparation->covers($at)) {
                continue;
            }
            $colours = array_map(static fn (SeenColour $sighting): LinearRgb => $sighting->seen(), $now);
            // A shape leaves some of its place bare.
            $leavesBare = in_array($this->preparation->layers[$at], [Layer::Shape, Layer::Texture], true);
            foreach ($places as $number => $place) {
                $laid[$place][] = [
                    'film' => $at,
                    'seen' => $leavesBare ? [...($found[$number]['seen'] ?? $skin), ...$colours] : $colours,
                ];
            }
        }

        return [$sightings, $under];
    }

    /**
     * The last film at a place that a step comes to lie on: none that it is painted beside.
     *
     * @param  list<array{film: int, seen: non-empty-list<LinearRgb>}>  $laid  at that place
     * @return array{film: int, seen: non-empty-list<LinearRgb>}|null
     */
    private function uppermost(array $laid, int $step): ?array
    {
        for ($last = count($laid) - 1; $last >= 0; $last--) {
            if ($this->preparation->touch($laid[$last]['film'], $step)) {
                return $laid[$last];
            }
        }

        return null;
    }

    /**
     * @param  non-empty-list<LinearRgb>  $grounds  at its first place
     * @param  list<LinearRgb>  $about  at all its places
     * @return list<SeenColour> by colour
     */
    private function sight(int $at, array $grounds, ?int $film, array $about): array
    {
        $step = $this->preparation->steps[$at];
        $ground = SeenColour::mean(...$grounds);
        $wetness = $film === null ? 0.0 : $this->moisture($film, $at);
        $sightings = [];
        foreach ($step->colours as $colour => $meant) {
            $paint = $this->preparation->paint($at, $colour);
            // A second coat works the first one up again, but no longer what lies below it.
            $first = $film === null || $wetness <= 0.0 ? $paint : Sight::pickedUp($paint, $this->topPaint($film), $step->load, $wetness);
            $coats = [$first->over($ground)];
            for ($coat = 1; $coat < $step->coats; $coat++) {
                $coats[] = $paint->over($coats[$coat - 1]);
            }
            $sightings[] = new SeenColour(LinearRgb::ofHex($meant->hex), $coats, $paint->over($ground), $about);
        }

        return $sightings;
    }

    private function topPaint(int $film): Paint
    {
        return $this->preparation->paint($film, count($this->preparation->steps[$film]->colours) - 1);
    }

    /** 0 once dry. */
    private function moisture(int $film, int $at): float
    {
        $laid = $this->preparation->films[$film];
        if ($laid === null || $this->wetness($film, $at) === Wetness::Dry) {
            return 0.0;
        }

        return min(1.0, $laid->moistureAfter(Duration::ofMilliseconds(max(0, $this->gap($film, $at)))));
    }
}
