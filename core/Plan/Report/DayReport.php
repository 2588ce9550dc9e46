<?php

declare(strict_types=1);

namespace Core\Plan\Report;

use Core\Plan\Menu\Promise;
use Core\Units\Duration;

/** A day as its painters look back on it: where the minutes went, what was promised and kept, and what to change. */
final readonly class DayReport
{
    /** Fewer faces of a design say nothing of it. Team's estimate. */
    private const FEW = 3;

    /** A step that runs over by less is no step to speak of, in milliseconds. Team's estimate. */
    private const OVER_MS = 8_000;

    /** Chairs that stand empty for a smaller part of the day are as usual. Team's estimate. */
    private const EMPTY_SHARE = 0.2;

    /** @var list<FaceTimes> */
    public array $finished;

    /** @var list<GroupOfFaces> */
    public array $designs;

    /** @var list<GroupOfFaces> */
    public array $painters;

    /**
     * @param  list<FaceTimes>  $faces  all that were begun
     * @param  Duration  $staffed  that somebody sat at the chairs, added up
     * @param  Duration  $turnaround  as planned
     */
    public function __construct(public array $faces, public Duration $staffed, public Duration $turnaround)
    {
        $this->finished = array_values(array_filter($faces, static fn (FaceTimes $face): bool => $face->isFinished));
        $this->designs = GroupOfFaces::by($this->finished, static fn (FaceTimes $face): string => $face->design);
        $this->painters = GroupOfFaces::by($this->finished, static fn (FaceTimes $face): ?string => $face->painter);
    }

    /** How many were painted of whom something was promised. */
    public function promised(): int
    {
        return count(array_filter($this->finished, static fn (FaceTimes $face): bool => $face->promised !== null));
    }

    /** How many of those were painted within it. */
    public function kept(): int
    {
        return count(array_filter(
            $this->finished,
            static fn (FaceTimes $face): bool => $face->promised !== null && $face->face() <= $face->promised,
        ));
    }

    /** @return array<string, int> where the minutes of the chairs went, in milliseconds: strokes first, standing empty last */
    public function minutes(): array
    {
        $sum = static fn (array $values): int => array_sum($values);
        $went = [
            'painting' => $sum(array_map(static fn (FaceTimes $face): int => $face->painted, $this->faces)),
            'tools' => $sum(array_map(static fn (FaceTimes $face): int => $face->tools, $this->faces)),
            'greeting' => $sum(array_map(static fn (FaceTimes $face): int => $face->greeted, $this->faces)),
        ];
        foreach ($this->faces as $face) {
            foreach ($face->after as $part => $spent) {
                $went[$part] = ($went[$part] ?? 0) + $spent;
            }
        }

        return [...$went, 'empty' => max(0, $this->staffed->milliseconds - $sum($went))];
    }

    /** @return list<array{string, string, int, int}> design, step, how often it ran over, and how much in all, the worst first */
    public function ranOver(): array
    {
        $steps = [];
        foreach ($this->finished as $face) {
            foreach ($face->over as [$step, $over]) {
                if ($over > 0) {
                    $key = "{$face->design}\n{$step}";
                    $steps[$key] = [$face->design, $step, ($steps[$key][2] ?? 0) + 1, ($steps[$key][3] ?? 0) + $over];
                }
            }
        }
        usort($steps, static fn (array $one, array $other): int => $other[3] <=> $one[3]);

        return $steps;
    }

    /** @return list<Change> what to change on the menu and at the chairs, what gains most first */
    public function changes(): array
    {
        $changes = [...$this->promises(), ...$this->slowSteps(), ...$this->poorDesigns(), ...$this->betweenFaces()];
        $gain = static fn (Change $change): int => $change->gain->milliseconds ?? 0;
        usort($changes, static fn (Change $one, Change $other): int => $gain($other) <=> $gain($one));

        return $changes;
    }

    /** @return list<Change> */
    private function promises(): array
    {
        $changes = [];
        foreach ($this->designs as $design) {
            $late = count($design->faces) - $design->kept();
            $promised = $design->faces[0]->promised;
            if (count($design->faces) < self::FEW || $promised === null || 5 * $late <= count($design->faces)) {
                continue;
            }
            $honest = Promise::rounded(self::eightOfTen($design));
            $changes[] = new Change("Promise {$honest->format()} for {$design->name}: {$late} of ".count($design->faces)
                .' took longer than the '.Duration::ofMilliseconds($promised)->format().' that were promised.');
        }

        return $changes;
    }

    /** @return list<Change> */
    private function slowSteps(): array
    {
        $changes = [];
        foreach (array_slice($this->ranOver(), 0, 3) as [$design, $step, $times, $over]) {
            if ($times >= self::FEW && $over >= self::OVER_MS * $times) {
                $each = Duration::ofMilliseconds(intdiv($over, $times))->format();
                $changes[] = new Change(
                    "“{$step}” of {$design} took {$each} longer than planned, {$times} times: practise it, leave it out when the line "
                        .'is long, or plan it longer.',
                    Duration::ofMilliseconds($over),
                );
            }
        }

        return $changes;
    }

    /** @return list<Change> a design that earns clearly less in an hour than the others */
    private function poorDesigns(): array
    {
        $earning = array_values(array_filter(
            $this->designs,
            static fn (GroupOfFaces $design): bool => count($design->faces) >= self::FEW && $design->cents() > 0,
        ));
        if (count($earning) < 2) {
            return [];
        }
        usort($earning, static fn (GroupOfFaces $one, GroupOfFaces $other): int => $one->centsAnHour() <=> $other->centsAnHour());
        $poor = $earning[0];
        $rest = new GroupOfFaces('', array_merge($earning[1]->faces, ...array_column(array_slice($earning, 2), 'faces')));
        if ($poor->centsAnHour() >= 0.75 * $rest->centsAnHour()) {
            return [];
        }
        $chair = array_sum(array_map(static fn (FaceTimes $face): int => $face->inChair(), $poor->faces));
        $gain = intdiv(($rest->centsAnHour() - $poor->centsAnHour()) * $chair, 3_600_000);

        return [new Change(
            "{$poor->name} earns least in an hour of the chair. A quicker version of it, or another price, would bring what the others do.",
            cents: $gain,
        )];
    }

    /** @return list<Change> */
    private function betweenFaces(): array
    {
        $count = count($this->finished);
        if ($count < self::FEW) {
            return [];
        }
        $mean = intdiv(array_sum(array_map(static fn (FaceTimes $face): int => $face->turnaround(), $this->finished)), $count);
        $over = $mean - $this->turnaround->milliseconds;
        $empty = $this->minutes()['empty'];
        $changes = $over < 15_000 ? [] : [new Change(
            'Between two faces went '.Duration::ofMilliseconds($mean)->format()
                ." instead of the planned {$this->turnaround->format()}: plan it so, or let a helper take names and money.",
            Duration::ofMilliseconds($over * $count),
        )];

        return $empty < self::EMPTY_SHARE * $this->staffed->milliseconds ? $changes : [...$changes, new Change(
            'The chairs stood empty for '.Duration::ofMilliseconds($empty)->format().' in all: there was time for the fancier versions, or '
                .'for one chair less.',
        )];
    }

    private static function eightOfTen(GroupOfFaces $design): Duration
    {
        $times = array_map(static fn (FaceTimes $face): int => $face->face(), $design->faces);
        sort($times);

        return Duration::ofMilliseconds($times[(int) ceil(0.8 * count($times)) - 1]);
    }
}
