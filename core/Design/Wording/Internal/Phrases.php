<?php

declare(strict_types=1);

namespace Core\Design\Wording\Internal;

use Core\Design\Wording\PartKind;

/**
 * Looks phrases up, with small slips of the keyboard forgiven where only one phrase can be meant. The first or the last
 * letter at least must be right: that keeps far words apart, and spares most of the comparing.
 */
final readonly class Phrases
{
    /** Shorter words have too many neighbours. Team's estimate. */
    private const SHORTEST_FORGIVEN = 4;

    private const TWO_SLIPS_FROM = 9;

    /** @var array<int, list<string>> those long enough to be forgiven slips, by their length: few are ever compared */
    private array $byLength;

    /** @param  array<string, array{PartKind, mixed}>  $meanings  by phrase in small letters */
    public function __construct(private array $meanings)
    {
        $byLength = [];
        foreach (array_keys($meanings) as $phrase) {
            if (strlen($phrase) >= self::SHORTEST_FORGIVEN) {
                $byLength[strlen($phrase)][] = $phrase;
            }
        }
        $this->byLength = $byLength;
    }

    /** @return array{PartKind, mixed}|null */
    public function meaning(string $phrase, bool $forgiveSlips): ?array
    {
        if (! $forgiveSlips) {
            return $this->meanings[$phrase] ?? null;
        }
        $length = strlen($phrase);
        $most = $length >= self::TWO_SLIPS_FROM ? 2 : 1;
        if ($length < self::SHORTEST_FORGIVEN || preg_match('/\d|[^\x00-\x7f]/', $phrase) === 1) {
            return null;
        }
        $near = [];
        for ($known = $length - $most; $known <= $length + $most; $known++) {
            foreach ($this->byLength[$known] ?? [] as $candidate) {
                if (($phrase[0] === $candidate[0] || $phrase[-1] === $candidate[-1]) && self::slips($phrase, $candidate) <= $most) {
                    $near[] = $this->meanings[$candidate];
                }
            }
        }

        return count($near) === 1 ? $near[0] : null;
    }

    /** Letters wrong, missing or too many; two neighbours swapped count once. */
    private static function slips(string $typed, string $known): int
    {
        $distance = levenshtein($typed, $known);
        if ($distance !== 2 || strlen($typed) !== strlen($known)) {
            return $distance;
        }
        for ($at = 0; $at < strlen($typed) - 1; $at++) {
            $swapped = substr_replace($typed, $typed[$at + 1].$typed[$at], $at, 2);
            if ($swapped === $known) {
                return 1;
            }
        }

        return $distance;
    }
}
