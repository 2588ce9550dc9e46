<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Constraint;
use Core\Order\OrdersSteps;
use Core\Order\Preparation;
use Core\Order\School;
use Core\Order\Severity;
use Core\Units\Duration;

/** With wax paint lines may go on straight away, once the base is tacky (common practice, no source). */
final readonly class LineOnTackyBase implements OrdersSteps
{
    public function id(): string
    {
        return 'line-on-tacky-base';
    }

    public function title(): string
    {
        return 'Lines on a tacky base';
    }

    public function severity(): Severity
    {
        return Severity::Warn;
    }

    public function school(): School
    {
        return School::LineOnTacky;
    }

    public function constraints(Preparation $design): array
    {
        return Constraint::betweenTouching(
            $this,
            $design,
            static fn (int $one, int $other): bool => $design->layers[$other]->isFine() && $design->films[$other] !== null && $design->liesOn($other, $one),
            fn (int $one, int $other): string => $this->why($design, $one, $other),
            fn (int $one, int $other): int => $this->wait($design, $one, $other)->milliseconds,
        );
    }

    private function why(Preparation $design, int $base, int $line): string
    {
        $state = $design->isWax($line) ? 'tacky' : 'dry';
        $paint = $design->isWax($line) ? 'wax paint holds on a tacky base' : 'this paint is too soft for a tacky base';

        return "“{$design->name($line)}” on “{$design->name($base)}”: {$paint}; it is {$state} {$this->wait($design, $base, $line)->format()} after it was laid.";
    }

    private function wait(Preparation $design, int $base, int $line): Duration
    {
        return $design->isWax($line) ? $design->tackyAfter($base) : $design->dryAfter($base);
    }
}
