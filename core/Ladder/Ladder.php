<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Design\Design;
use Core\Design\RungChoice;
use Core\Design\RungName;
use Core\Ladder\Internal\Climb;
use Core\Ladder\Internal\Versions;
use Core\Order\Circumstances;
use Core\Order\HalfPainted;
use Core\Order\Search\Watch;
use Core\Order\Search\WithinLabels;
use Core\Units\Duration;

/**
 * All versions of a design that no other one beats in both time and look: the Pareto set of (elapsed time in the best order,
 * look value), the quickest first.
 */
final readonly class Ladder
{
    /**
     * @param  list<Rung>  $rungs  with more time and more look from one to the next; empty where no order keeps all rules
     * @param  bool  $isProven  false when the search was cut short: then a better rung may have been missed
     */
    private function __construct(public array $rungs, public bool $isProven, private Versions $versions) {}

    /**
     * @param  HalfPainted|null  $begun  a face that is half painted: only what is left of it is chosen and timed, from now on
     * @param  Watch  $watch  may end the search: then the ladder is not proven, and may lack rungs
     * @param  LookShares  $shares  what other ways leave of a look
     *
     * @throws TooManyChoices when there is more to leave out than can be weighed
     */
    public static function of(
        Design $design,
        Circumstances $circumstances,
        ?HalfPainted $begun = null,
        Watch $watch = new WithinLabels(PHP_INT_MAX),
        LookShares $shares = new LookShares,
        Limits $limits = new Limits,
    ): self {
        $begun ??= HalfPainted::not();
        $versions = new Versions(
            choices: new Choices($design, $begun->steps(), $shares, $limits->choices),
            circumstances: $circumstances,
            begun: $begun,
            watch: $watch,
            mostLabels: $limits->labels,
        );
        [$rungs, $isProven] = (new Climb($versions, $limits->versions))->rungs();

        return new self($rungs, $isProven, $versions);
    }

    /** The rung with the most look that is done within the time; null when even the quickest is not. */
    public function fitting(Duration $time): ?Rung
    {
        $fitting = array_filter($this->rungs, static fn (Rung $rung): bool => ! $rung->time->isLongerThan($time));

        return $fitting === [] ? null : $fitting[array_key_last($fitting)];
    }

    /**
     * The versions that painters call by a name: as the design says, else the quickest, the one with the most look, and between
     * them the one that keeps the promise, or takes about half of what lies between.
     *
     * @return array<string, Rung> by the value of RungName, the quickest first; empty without any rung
     */
    public function named(): array
    {
        if ($this->rungs === []) {
            return [];
        }
        $design = $this->versions->choices->design;
        [$first, $last] = [$this->rungs[0], $this->rungs[count($this->rungs) - 1]];
        $half = Duration::ofMilliseconds(intdiv($first->time->milliseconds + $last->time->milliseconds, 2));
        $isOver = $design->promise !== null && $last->time->isLongerThan($design->promise);
        $fitting = $isOver ? $this->fitting($design->promise) : null;
        $named = [
            RungName::Core->value => $first,
            RungName::Quick->value => $fitting ?? $this->nearest($half),
            RungName::Party->value => $this->whole($last),
        ];
        foreach ($design->rungs as $choice) {
            $named[$choice->name->value] = $this->chosen($choice) ?? $named[$choice->name->value];
        }

        return $named;
    }

    /** Everything as typed, unless another way to paint it looks better. */
    private function whole(Rung $last): Rung
    {
        $whole = $this->versions->rung($this->versions->choices->whole()->picks);

        return $whole === null || $whole->version->look < $last->version->look ? $last : $whole;
    }

    private function nearest(Duration $time): Rung
    {
        $rungs = $this->rungs;
        usort(
            $rungs,
            static fn (Rung $one, Rung $other): int => abs($one->time->milliseconds - $time->milliseconds)
                <=> abs($other->time->milliseconds - $time->milliseconds),
        );

        return $rungs[0];
    }

    /** A version of the design by what is left out and painted otherwise, also one that is no rung; null when no order keeps all rules. */
    public function chosen(RungChoice $choice): ?Rung
    {
        if ($choice->within !== null) {
            return $this->fitting($choice->within) ?? $this->rungs[0] ?? null;
        }
        $picks = $this->versions->choices->picks($choice);

        return $this->versions->choices->stands($picks) ? $this->versions->rung($picks) : null;
    }

    /**
     * What to leave out next from a rung on: single changes that save time, the least look lost per second first.
     *
     * @return list<Drop>
     */
    public function goesNext(Rung $rung): array
    {
        return $this->versions->drops($rung);
    }
}
