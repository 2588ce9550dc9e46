<?php

declare(strict_types=1);

namespace Tests\Core\Ladder;

use Core\Design\Alternative;
use Core\Design\Design;
use Core\Design\Pin;
use Core\Design\PinKind;
use Core\Design\Place\Side;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Order\BestOrder;
use Core\Order\Circumstances;
use Core\Order\Search\WithinLabels;
use Random\Randomizer;
use Tools\bench\GeneratedDesigns;

/** Ladders the long way: every version of a design, each timed on its own, and all of them compared with all. */
final readonly class Enumerated
{
    /** @param  list<array{design: Design, look: int, time: int|null}>  $versions  time null where no order keeps all rules */
    private function __construct(public array $versions) {}

    public static function of(Design $design, Circumstances $circumstances): self
    {
        $versions = [[[]]];
        foreach ($design->steps as $step) {
            $longer = [];
            foreach ($versions as [$steps]) {
                foreach (self::ways($step) as [$way, $its]) {
                    $longer[] = [$way === null ? $steps : [...$steps, [$way, $its]]];
                }
            }
            $versions = $longer;
        }
        $timed = [];
        foreach ($versions as [$steps]) {
            [$steps, $look] = self::onOneSide($design, $steps);
            if (self::hasWhatItNeeds($design, $steps)) {
                $version = $design->withSteps($steps);
                $found = BestOrder::of($version, $circumstances)->run(new WithinLabels(500_000));
                assert($found->outcome->isProven);
                $timed[] = ['design' => $version, 'look' => $look, 'time' => $found->makespan()?->milliseconds];
            }
        }

        return new self($timed);
    }

    /**
     * What lies on the same skin and nowhere else goes to one side with a step that is painted there only.
     *
     * @param  list<array{Step, int}>  $chosen  with the tenths of look of each
     * @return array{list<Step>, int}
     */
    private static function onOneSide(Design $design, array $chosen): array
    {
        $typed = array_column($design->steps, null, 'id');
        $gone = array_filter(
            array_column($chosen, 0),
            static fn (Step $step): bool => $step->side === Side::Left && $typed[$step->id]->side === Side::Both,
        );
        $look = 0;
        $steps = [];
        foreach ($chosen as [$step, $its]) {
            foreach ($step->side === Side::Both ? $gone : [] as $leader) {
                $hasSides = count($step->zones) !== 1 || ! $step->zones[0]->isOnMiddleLine();
                if ($hasSides && array_diff(array_column($step->zones, 'value'), array_column($leader->zones, 'value')) === []) {
                    $way = new Alternative(
                        medium: $step->medium,
                        technique: $typed[$step->id]->technique,
                        tool: $typed[$step->id]->tool,
                        time: null,
                        count: null,
                        side: Side::Left,
                    );
                    [$step, $its] = [$typed[$step->id]->painted($way), self::look($typed[$step->id], $way)];

                    break;
                }
            }
            $look += $its;
            $steps[] = $step;
        }

        return [$steps, $look];
    }

    /** @return list<array{int, int}> time and look of those that no other beats, the quickest first */
    public function unbeaten(): array
    {
        $unbeaten = [];
        foreach ($this->versions as $one) {
            $beaten = array_filter($this->versions, static fn (array $other): bool => $one['time'] === null || ($other['time'] !== null
                && $other['time'] <= $one['time'] && $other['look'] >= $one['look'] && ($other['time'] < $one['time']
                    || $other['look'] > $one['look'])));
            if ($beaten === []) {
                $unbeaten["{$one['time']} {$one['look']}"] = [(int) $one['time'], $one['look']];
            }
        }
        sort($unbeaten);

        return $unbeaten;
    }

    /** Pairs of versions of which the one with fewer steps takes longer. */
    public function shortenedByMore(): int
    {
        $pairs = 0;
        foreach ($this->versions as $fewer) {
            foreach ($this->versions as $more) {
                $ids = array_column($more['design']->steps, 'id');
                $isMore = count($fewer['design']->steps) < count($ids) && array_diff(
                    array_column($fewer['design']->steps, 'id'),
                    $ids,
                ) === [];
                $pairs += $isMore && $more['time'] !== null && $fewer['time'] !== null && $more['time'] < $fewer['time'] ? 1 : 0;
            }
        }

        return $pairs;
    }

    /**
     * A design by chance with so many choices: extras, fewer strokes, one side, other tools, drying times and needs.
     */
    public static function anyDesign(Randomizer $chance, int $steps, int $choices): Design
    {
        $design = (new GeneratedDesigns($chance))->design($steps);
        $values = array_map(
            static fn (Step $step): array => [...array_diff_key(StepValues::of($step), ['optional' => 0]), 'look' => $chance->getInt(0, 8)],
            $design->steps,
        );
        for (; $choices > 0; $choices--) {
            $at = $chance->getInt(0, $steps - 1);
            if (! isset($values[$at]['optional']) && $chance->getInt(0, 2) > 0) {
                $values[$at]['optional'] = true;
            } else {
                $values[$at]['alternatives'][] = self::anyWay($chance, $design->steps[$at]);
            }
        }
        foreach ($values as $at => $step) {
            $values[$at]['drySeconds'] = $at > 0 && $chance->getInt(0, 3) === 0 ? $chance->getInt(5, 60) : 0;
        }
        $read = array_map(static fn (array $step, int $at): Step => StepValues::read("s{$at}", $step), $values, array_keys($values));
        $pair = array_slice($chance->shuffleArray(array_column($read, 'id')), 0, 2);

        return $design->withSteps($read)->withPins($chance->getInt(0, 1) === 0 ? [] : [new Pin(PinKind::Needs, $pair)]);
    }

    /** @return array<string, mixed> */
    private static function anyWay(Randomizer $chance, Step $step): array
    {
        $way = [
            'medium' => $step->medium->value,
            'technique' => $step->technique->value,
            'tool' => $chance->getInt(0, 1) === 0 ? $step->tool : 'round 5',
        ];

        return match (true) {
            $step->technique->isCounted() && $chance->getInt(0, 1) === 0 => [
                ...$way,
                'count' => max(1, $step->strokes() - $chance->getInt(1, 2)),
            ],
            $step->side === Side::Both && ! $step->zones[0]->isOnMiddleLine() => [...$way, 'side' => 'left'],
            default => [...$way, 'seconds' => $chance->getInt(3, 20), 'look' => $chance->getInt(0, 5)],
        };
    }

    /** @return list<array{Step|null, int}> as painted, with the tenths of look as the ladder's own rule of thumb has them */
    private static function ways(Step $step): array
    {
        $ways = [[$step, 10 * $step->look]];
        foreach ($step->alternatives as $way) {
            $ways[] = [$step->painted($way), self::look($step, $way)];
        }

        return $step->optional ? [...$ways, [null, 0]] : $ways;
    }

    private static function look(Step $step, Alternative $way): int
    {
        $share = 1.0;
        if ($way->count !== null) {
            $share *= ($way->count / $step->strokes()) ** 0.7;
        }
        if ($way->side !== null && $way->side !== Side::Both && $step->side === Side::Both) {
            $share *= 0.6;
        }

        return (int) round(10 * ($way->look ?? $step->look * $share));
    }

    /** @param  list<Step>  $steps */
    private static function hasWhatItNeeds(Design $design, array $steps): bool
    {
        $ids = array_column($steps, 'id');
        foreach ($design->pins as $pin) {
            if (in_array($pin->steps[0], $ids, true) && ! in_array($pin->steps[1], $ids, true)) {
                return false;
            }
        }

        return true;
    }
}
