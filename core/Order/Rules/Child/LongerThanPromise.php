<?php

declare(strict_types=1);

namespace Core\Order\Rules\Child;

use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\Repairs;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\PaintedSequence;
use Core\Units\Duration;

/** What a menu promises, every child in the line waits for. */
#[RuleInfo('Longer than its promise', Severity::Warn)]
final readonly class LongerThanPromise implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        $promise = $design->design->promise;
        if ($promise !== null && $course->makespan()->isLongerThan($promise)) {
            $over = $course->makespan()->minus($promise);
            $says = "{$design->design->name} takes {$course->makespan()->format()} and promises {$promise->format()}: "
                ."{$over->format()} over, on every child in the line.";
            $findings[] = Finding::of(
                rule: $this,
                course: $course,
                places: [],
                says: $says,
                fix: Repairs::of($course)->leavingOut($promise) ?? $this->honest($course),
            );
        }

        return $findings;
    }

    /** A promise that holds, in quarters of a minute. */
    private function honest(PaintedSequence $course): Fix
    {
        $promise = Duration::ofSeconds(15 * ceil($course->makespan()->seconds() / 15));

        return Fix::to($course->preparation->design->withPromise($promise), "Promise {$promise->format()} instead");
    }
}
