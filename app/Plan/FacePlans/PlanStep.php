<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use App\Bench\Designs\StepShown;
use Core\Design\Step;

/**
 * A step of a plan, as the chair shows it.
 *
 * @phpstan-type FilmUnder array{stepId: string, leastMs: int, mostMs: int|null}
 */
final readonly class PlanStep extends StepShown
{
    /** Whether the child must hold still through it. */
    public bool $still;

    /**
     * @param  list<string>  $seen
     * @param  list<FilmUnder>  $films  that have to have dried when it begins, or may not yet
     */
    public function __construct(Step $step, public int $plannedMs, array $seen, public array $films)
    {
        parent::__construct($step, $seen);
        $this->still = $step->wantsStill();
    }

    public static function of(StepInPlan $planned): self
    {
        return new self($planned->step, $planned->planned->milliseconds, $planned->seen, array_map(self::filmUnder(...), $planned->films));
    }

    /** @return FilmUnder a film below a step: how long after its last stroke one may go on, and until when it is wet enough */
    private static function filmUnder(FilmBelow $film): array
    {
        return ['stepId' => $film->stepId, 'leastMs' => $film->least, 'mostMs' => $film->most];
    }
}
