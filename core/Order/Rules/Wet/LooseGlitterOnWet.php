<?php

declare(strict_types=1);

namespace Core\Order\Rules\Wet;

use Core\Design\Technique;
use Core\Order\Constraint;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\Mends;
use Core\Order\Craft\Repairs;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\DesignFacts;
use Core\Order\Gel;
use Core\Order\PaintedSequence;
use Core\Order\Schools\School;
use Core\Order\Schools\TradeNumber;
use Core\Surface\Film;
use Core\Units\Duration;

/** Loose glitter sticks only to wet paint (common practice, no source). */
#[RuleInfo('Loose glitter in the wet window', Severity::Warn, School::GlitterOnWetBase)]
final readonly class LooseGlitterOnWet implements Mends
{
    use HasRuleInfo;

    public function constraints(DesignFacts $design): array
    {
        $grace = Duration::ofSeconds($design->circumstances->numbers->get(TradeNumber::GlitterHolds));
        $constraints = [];
        foreach ($design->steps as $at => $step) {
            $film = $step->technique === Technique::LooseGlitter ? $this->hold($design, $at) : null;
            if ($film !== null) {
                $holds = $design->dryAfter($film)->plus($grace);
                $why = "Loose glitter sticks until the paint is dry: “{$design->name($at)}” holds on “{$design->name($film)}” "
                    ."for {$holds->format()} after it was laid.";
                $constraints[] = Constraint::of(
                    rule: $this,
                    from: $film,
                    to: $at,
                    why: $why,
                    least: 0,
                    most: $holds->milliseconds,
                    number: TradeNumber::GlitterHolds,
                );
            }
        }

        return $constraints;
    }

    /** Right after what holds it where that breaks nothing; else in gel. */
    public function mend(PaintedSequence $course, Constraint $broken): Fix
    {
        return Repairs::of($course)->moving($broken, true) ?? Gel::insteadOf($course->preparation, $broken->to);
    }

    /** What it is to stick to: the last film laid before it, be it a base, a stencil or a stroke; else the next one that comes. */
    private function hold(DesignFacts $design, int $glitter): ?int
    {
        $films = array_keys(array_filter(
            $design->films,
            static fn (?Film $film, int $at): bool => $film !== null && ! $film->dryAfter()->isZero() && $design->touch($at, $glitter),
            ARRAY_FILTER_USE_BOTH,
        ));
        $before = array_filter($films, static fn (int $film): bool => $film < $glitter);

        return $before === [] ? $films[0] ?? null : max($before);
    }
}
