<?php

declare(strict_types=1);

namespace Core\Order\Rules\Look;

use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\PaintedSequence;

/** A split cake picked up both ways round goes muddy (common practice, no source). */
#[RuleInfo('Split cake the same way round', Severity::Warn)]
final readonly class SplitCakeWrongWay implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        $first = [];
        foreach ($design->steps as $at => $step) {
            $cake = count($step->colours) > 1 ? $design->circumstances->kit->splitCakeOf($step->colours) : null;
            if ($cake === null) {
                continue;
            }
            $first[$cake->name] ??= $at;
            $earlier = $first[$cake->name];
            if (! $step->usesColoursOf($design->steps[$earlier])) {
                $says = "“{$step->name}” picks up “{$cake->name}” the other way round than “{$design->name($earlier)}”. Always "
                    .'the same way round, or the cake goes muddy.';
                $findings[] = Finding::of(
                    rule: $this,
                    course: $course,
                    places: [$earlier, $at],
                    says: $says,
                    fix: Fix::changing($design->design, $at, $step->withColours($design->steps[$earlier]->colours), 'Turn it round'),
                );
            }
        }

        return $findings;
    }
}
