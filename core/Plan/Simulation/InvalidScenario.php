<?php

declare(strict_types=1);

namespace Core\Plan\Simulation;

use Core\Units\CoreException;
use Core\Units\Duration;
use DomainException;

/** An event that cannot be played through. */
final class InvalidScenario extends DomainException implements CoreException
{
    public static function because(string $reason): self
    {
        return new self($reason);
    }

    /** @throws self when it cannot be played */
    public static function refuse(Scenario $scenario): void
    {
        $reason = match (true) {
            $scenario->open->isZero() => 'The event closes before it opens. Mend one of the two times.',
            $scenario->menu === [] => 'The menu is empty. Put a design on it.',
            $scenario->artists === [] => 'Nobody paints. Put an artist on a chair.',
            $scenario->arrivals->children < 1.0 => 'No children are expected. Say how many may come.',
            default => self::ofMenu($scenario) ?? self::ofArtists($scenario),
        };
        if ($reason !== null) {
            throw new self($reason);
        }
    }

    private static function ofMenu(Scenario $scenario): ?string
    {
        foreach ($scenario->menu as $offer) {
            if ($offer->price < 0 || $offer->weight <= 0.0) {
                return "{$offer->id}: prices are not below 0, and weights are above it.";
            }
        }
        $shortest = PHP_INT_MAX;
        foreach (array_merge(...array_merge(...array_column($scenario->artists, 'times'))) as $time) {
            $shortest = min($shortest, $time->middle->milliseconds);
        }

        return $shortest <= $scenario->open->milliseconds
            || $shortest === PHP_INT_MAX ? null : 'Not one face of this menu is done before the event closes. '
            .'Open longer, or offer something quicker than '.Duration::ofMilliseconds($shortest)->format().'.';
    }

    private static function ofArtists(Scenario $scenario): ?string
    {
        $open = $scenario->open->milliseconds;
        foreach ($scenario->artists as $at => $artist) {
            $who = $artist->id === '' ? 'Artist '.($at + 1) : $artist->id;
            if (count($artist->times) !== count($scenario->menu)) {
                return "{$who} has times for ".count($artist->times).' of '.count($scenario->menu).' designs. Give one for each.';
            }
            $last = 0;
            foreach ($artist->shifts as [$from, $until]) {
                if ($from < $last || $until <= $from || $until > $open) {
                    return "{$who}: shifts come one after another, each ends after it begins, and none lies outside the event. "
                        .'Mend them, or the breaks between them.';
                }
                $last = $until;
            }
            if ($artist->shifts === []) {
                return "{$who} has no hours at the chair: breaks take all of the event. Shorten them, or leave that artist out.";
            }
        }

        return null;
    }
}
