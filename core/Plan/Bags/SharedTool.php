<?php

declare(strict_types=1);

namespace Core\Plan\Bags;

use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\Kit;
use Core\Units\Duration;

/**
 * A brush or stencil that fewer are there of than hands that want it, and how long a face waits for it.
 *
 * Each artist holds it for the same share of the time, whatever the others do; who finds it taken waits for what is left of a hold. Source
 * of the latter: the mean residual life of renewal theory, D. R. Cox, "Renewal Theory" (1962), section 5.2.
 */
final readonly class SharedTool
{
    /** What a face waits less than that is not worth a word. Seconds. */
    private const WORTH_SECONDS = 1.0;

    /** Nobody can hold it all of the time. */
    private const MOST_SHARE = 0.95;

    /** @param  list<string>  $artists  who share it, by id */
    private function __construct(public Item $tool, public int $pieces, public array $artists, public Duration $waitPerFace) {}

    /**
     * @param  list<ToolUses>  $menu
     * @param  list<string>  $artists  at the chairs, by id
     * @param  Duration  $cycle  from child to child at a chair, in the mean
     * @return list<self> what costs most first
     */
    public static function among(array $menu, Kit $kit, array $artists, Duration $cycle): array
    {
        $shared = [];
        foreach (self::names($menu) as $name) {
            $things = array_filter($kit->allNamed($name), static fn (Item $item): bool => $item->howMany > 0
                && in_array($item->kind, [ItemKind::Brush, ItemKind::Stencil], true));
            $owners = array_map(static fn (Item $item): string => $item->owner, $things);
            $sharing = array_values(array_diff($artists, $owners));
            $teams = array_values(array_filter($things, static fn (Item $item): bool => $item->owner === ''));
            $pieces = array_sum(array_map(static fn (Item $item): int => $item->howMany, $teams));
            if ($teams === [] || count($sharing) <= $pieces) {
                continue;
            }
            $wait = self::wait(self::holds($menu, $name), count($sharing), $pieces, $cycle->seconds());
            if ($wait >= self::WORTH_SECONDS) {
                $shared[] = new self($teams[0], $pieces, $sharing, Duration::ofSeconds($wait));
            }
        }
        usort($shared, static fn (self $one, self $other): int => $other->waitPerFace->milliseconds <=> $one->waitPerFace->milliseconds);

        return $shared;
    }

    /**
     * @param  list<ToolUses>  $menu
     * @return list<string>
     */
    private static function names(array $menu): array
    {
        return array_values(array_unique(array_merge(...array_map(static fn (ToolUses $uses): array => array_keys($uses->holds), $menu))));
    }

    /**
     * @param  list<ToolUses>  $menu
     * @return list<array{float, float}> how often a face has each hold, and its seconds
     */
    private static function holds(array $menu, string $name): array
    {
        $all = array_sum(array_map(static fn (ToolUses $uses): float => $uses->weight, $menu));
        $holds = [];
        foreach ($menu as $uses) {
            foreach ($uses->holds[$name] ?? [] as $hold) {
                $holds[] = [$uses->weight / $all, $hold->seconds()];
            }
        }

        return $holds;
    }

    /** @param  list<array{float, float}>  $holds */
    private static function wait(array $holds, int $artists, int $pieces, float $cycle): float
    {
        $often = array_sum(array_column($holds, 0));
        $held = array_sum(array_map(static fn (array $hold): float => $hold[0] * $hold[1], $holds));
        $squares = array_sum(array_map(static fn (array $hold): float => $hold[0] * $hold[1] ** 2, $holds));
        if ($held <= 0.0 || $cycle <= 0.0) {
            return 0.0;
        }

        $chance = self::chanceAllTaken($artists - 1, $pieces, min(self::MOST_SHARE, $held / $cycle));

        return $often * $chance * $squares / (2.0 * $held * $pieces);
    }

    /** That so many of the others, or more, hold one of the pieces. */
    private static function chanceAllTaken(int $others, int $pieces, float $share): float
    {
        $chance = 0.0;
        $ways = 1.0;
        for ($holding = 0; $holding <= $others; $holding++) {
            $chance += $holding >= $pieces ? $ways * $share ** $holding * (1.0 - $share) ** ($others - $holding) : 0.0;
            $ways = $ways * ($others - $holding) / ($holding + 1);
        }

        return $chance;
    }
}
