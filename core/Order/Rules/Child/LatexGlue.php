<?php

declare(strict_types=1);

namespace Core\Order\Rules\Child;

use Core\Design\Medium;
use Core\Design\NameSays;
use Core\Design\Step;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\Kit;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Fix;
use Core\Order\Craft\HasRuleInfo;
use Core\Order\Craft\LooksAtFace;
use Core\Order\Craft\RuleInfo;
use Core\Order\Craft\Severity;
use Core\Order\PaintedSequence;

/** Usual caution: skin glue may contain latex. Local codes and licensed practice come first. */
#[RuleInfo('Latex: ask first', Severity::Warn)]
final readonly class LatexGlue implements LooksAtFace
{
    use HasRuleInfo;

    public function findings(PaintedSequence $course): array
    {
        $findings = [];
        $design = $course->preparation;
        $kit = $design->circumstances->kit;
        foreach ($design->steps as $at => $step) {
            $glue = $this->glue($kit, $step);
            $says = match (true) {
                $glue?->hasLatex === true => "“{$glue->name}” in “{$step->name}” contains latex. Ask every child’s parent, and "
                    .'refuse it with a latex allergy.',
                $glue === null && $this->isOfGlue($step) => "“{$step->name}” is set with glue, which may contain latex: look "
                    .'at its label, ask every child’s parent, and refuse it with a latex allergy.',
                default => null,
            };
            if ($says !== null) {
                $findings[] = Finding::of(rule: $this, course: $course, places: [$at], says: $says, fix: $this->fix($course, $at));
            }
        }

        return $findings;
    }

    /** By what it is called, where the kit does not know it. */
    private function isOfGlue(Step $step): bool
    {
        return NameSays::Glue->in($step->tool, $step->name) && ! NameSays::NoLatex->in($step->tool, $step->name, $step->note);
    }

    /** What a step is stuck with: its own tool, or any glue of the kit where its gems do not stick by themselves. */
    private function glue(Kit $kit, Step $step): ?Item
    {
        $tool = $kit->named($step->tool);
        $needsGlue = $step->medium === Medium::Gem && $tool !== null && $tool->kind === ItemKind::Gem && ! $tool->isSelfStick;

        return $needsGlue ? $kit->ofKind(ItemKind::Glue)[0] ?? null : $tool;
    }

    private function fix(PaintedSequence $course, int $at): Fix
    {
        $gems = array_values(array_filter(
            $course->preparation->circumstances->kit->ofKind(ItemKind::Gem),
            static fn (Item $gem): bool => $gem->isSelfStick,
        ));

        return $gems === []
            ? Fix::without($course->preparation->design, [$at], 'Leave it out')
            : Fix::changing($course->preparation->design, $at, $course->step($at)->withTool($gems[0]->name), "Use {$gems[0]->name} gems");
    }
}
