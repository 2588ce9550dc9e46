<?php

declare(strict_types=1);

namespace Core\Order\Rules\Wet;

use Core\Colour\Blend;
use Core\Colour\LinearRgb;
use Core\Colour\Word;
use Core\Design\Colour;
use Core\Design\Step;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\Defaults;
use Core\Order\DesignFacts;
use Core\Order\PaintedSequence;

/** Complements that touch while wet lose their colour in each other (Kubelka and Munk mixture of the two). */
#[RuleInfo('Muddy neighbours', Severity::Warn)]
final readonly class MuddyNeighbours implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($design->steps as $at => $step) {
            $muddy = $this->muddyPair($design, $at, array_keys($step->colours));
            if ($muddy === null || ! $step->technique->covers()) {
                continue;
            }
            [$one, $other] = $muddy;
            $mud = Word::of(Blend::between($design->paint($at, $one), $design->paint($at, $other)));
            $says = "In “{$step->name}”, {$this->name($step, $one)} and {$this->name($step, $other)} lie side by side and "
                ."blend to a muddy {$mud}.";
            $findings[] = Finding::of(rule: $this, course: $course, places: [$at], says: $says, fix: $this->fix($design, $at, $other));
        }

        return $findings;
    }

    /**
     * @param  list<int>  $order  of the colours
     * @return array{int, int}|null
     */
    private function muddyPair(DesignFacts $design, int $at, array $order): ?array
    {
        foreach (array_slice($order, 1) as $before => $colour) {
            if (Blend::isMuddy($design->paint($at, $order[$before]), $design->paint($at, $colour))) {
                return [$order[$before], $colour];
            }
        }

        return null;
    }

    /** Another order of the same colours with no muddy neighbours; where there is none, one goes. */
    private function fix(DesignFacts $design, int $at, int $muddies): Fix
    {
        $step = $design->steps[$at];
        foreach ($this->orders(array_keys($step->colours)) as $order) {
            if ($this->muddyPair($design, $at, $order) === null) {
                $colours = array_map(static fn (int $colour): Colour => $step->colours[$colour], $order);

                return Fix::changing(
                    $design->design,
                    $at,
                    $step->withColours($colours),
                    'Lay them the other way round: '.implode(
                        ', ',
                        array_map(fn (int $colour): string => $this->name($step, $colour), $order),
                    ),
                );
            }
        }

        $out = $this->troublemaker($design, $at) ?? $muddies;
        $left = array_values(array_diff_key($step->colours, [$out => true]));

        return Fix::changing($design->design, $at, $step->withColours($left), "Leave out {$this->name($step, $out)}");
    }

    /** The colour without which the others get on. */
    private function troublemaker(DesignFacts $design, int $at): ?int
    {
        $colours = array_keys($design->steps[$at]->colours);
        foreach ($colours as $one) {
            if ($this->muddyPair($design, $at, array_values(array_diff($colours, [$one]))) === null) {
                return $one;
            }
        }

        return null;
    }

    /**
     * @param  list<int>  $colours
     * @return iterable<list<int>>
     */
    private function orders(array $colours): iterable
    {
        if (count($colours) < 2 || count($colours) > Defaults::MOST_COLOURS_TURNED) {
            yield $colours;

            return;
        }
        foreach ($colours as $at => $first) {
            $rest = $colours;
            array_splice($rest, $at, 1);
            foreach ($this->orders($rest) as $order) {
                yield [$first, ...$order];
            }
        }
    }

    private function name(Step $step, int $colour): string
    {
        return $step->colours[$colour]->name === ''
            ? Word::of(LinearRgb::ofHex($step->colours[$colour]->hex))
            : $step->colours[$colour]->name;
    }
}
