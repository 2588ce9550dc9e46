<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Medium;
use Core\Design\Technique;
use Core\Design\Wording\Assumption;
use Core\Design\Wording\Choice;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\Vocabulary;
use Core\Design\Wording\Words\Back;

/** With which tool: as said, the one of before, or the brush that is usually reached for. */
final readonly class Tooled
{
    private const OTHERS = ['round 1', 'round 2', 'round 4', 'round 6', 'flat 1/2 in'];

    /** @return Assumed<string> empty where it matters little */
    public static function of(
        Said $said,
        References $references,
        Context $context,
        Vocabulary $vocabulary,
        Medium $medium,
        Technique $technique,
    ): Assumed {
        $tool = self::said($said, $vocabulary, $medium);
        $last = $context->lastWith($medium);
        $headed = $context->heading()->tool;

        return match (true) {
            $tool !== null => new Assumed($tool),
            $references->looksBack(Back::SameTool) && $last !== null => new Assumed($last->tool),
            $said->has(PartKind::Medium) => new Assumed(''),
            $headed !== '' && ($vocabulary->mediumOfTool($headed) ?? $medium) === $medium => new Assumed(
                $headed,
                new Assumption(PartKind::Tool, $headed, 'as the heading says'),
            ),
            $medium === Medium::Brush => self::usual($said, $vocabulary, $technique),
            $medium === Medium::Sponge => new Assumed($last->tool ?? ''),
            default => new Assumed(''),
        };
    }

    /** Null where none is said that paints this. */
    public static function said(Said $said, Vocabulary $vocabulary, Medium $medium): ?string
    {
        foreach ($said->all(PartKind::Tool) as $part) {
            // A quoted tool is called so, whatever else is painted with what is called so.
            if (is_array($part->value) && is_string($part->value[0] ?? null)) {
                return $part->value[0];
            }
            if (is_string($part->value) && ($vocabulary->mediumOfTool($part->value) ?? $medium) === $medium) {
                return $part->value;
            }
        }

        return null;
    }

    /** @return Assumed<string> */
    private static function usual(Said $said, Vocabulary $vocabulary, Technique $technique): Assumed
    {
        $brush = $vocabulary->tools->usualBrush($technique, self::isThin($said));
        $others = array_filter(
            self::OTHERS,
            static fn (string $other): bool => $other !== $brush && $vocabulary->mediumOfTool($other) !== null,
        );
        $choices = array_map(static fn (string $other): Choice => new Choice($other, $other), array_values($others));

        return new Assumed(
            $brush,
            $brush === '' ? null : new Assumption(PartKind::Tool, $brush, "the usual brush for {$technique->plural()}", $choices),
        );
    }

    /** From thick to thin is a stroke of a broader brush. */
    private static function isThin(Said $said): bool
    {
        foreach ($said->all(PartKind::Quality) as $part) {
            if (preg_match('/^(?!.*thick).*(?:thin|fine|delicate)/', $part->spoken) === 1) {
                return true;
            }
        }

        return false;
    }
}
