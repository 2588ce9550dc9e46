<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Design\Design;
use Core\Design\RungChoice;
use Core\Ladder\Internal\Versions;
use Core\Order\Circumstances;
use Core\Order\HalfPainted;
use Core\Order\Search\WithinLabels;

/** One version of a design, and what would go next from it. */
final readonly class Weighed
{
    /** @param  list<Drop>  $next  the least look lost per second first */
    private function __construct(public Rung $rung, public array $next) {}

    /**
     * @return self|null null when a step lacks what it needs, or no order keeps all rules
     *
     * @throws TooManyChoices when there is more to leave out than can be weighed
     */
    public static function of(Design $design, Circumstances $circumstances, RungChoice $choice): ?self
    {
        $versions = new Versions(new Choices($design), $circumstances, HalfPainted::not(), new WithinLabels(PHP_INT_MAX));
        $picks = $versions->choices->picks($choice);
        $rung = $versions->choices->stands($picks) ? $versions->rung($picks) : null;

        return $rung === null ? null : new self($rung, $versions->drops($rung));
    }
}
