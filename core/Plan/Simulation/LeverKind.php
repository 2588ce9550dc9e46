<?php

declare(strict_types=1);

namespace Core\Plan\Simulation;

use Core\Line\Defaults as OfTheLine;
use Core\Plan\Defaults;
use Core\Units\Duration;

/** What a painter may change about an event to bring more children through, or give them more. */
enum LeverKind: string
{
    case ArtistMore = 'artist_more';
    case ArtistInTheRush = 'artist_in_the_rush';
    case ArtistEarly = 'artist_early';
    case ArtistLate = 'artist_late';
    case LongestOff = 'longest_off';
    case QuickOnly = 'quick_only';
    case QuickInTheRush = 'quick_in_the_rush';
    case ShorterTurnaround = 'shorter_turnaround';
    case NamesAndMoney = 'names_and_money';
    case OtherLine = 'other_line';
    case StartEarlier = 'start_earlier';
    case NamesToTheEnd = 'names_to_the_end';

    /**
     * @param  Duration  $helperTakes  of each turnaround, where a helper takes names and money
     * @return Scenario|null null where there is nothing to change
     */
    public function pulled(Scenario $scenario, Duration $helperTakes): ?Scenario
    {
        return match ($this) {
            self::ArtistMore => self::withArtist($scenario, [[0, $scenario->open->milliseconds]]),
            self::ArtistInTheRush => $scenario->arrivals->isByChance() ? self::withArtist($scenario, [$scenario->rush()]) : null,
            self::ArtistEarly => self::withArtistForHalf($scenario, isFirst: true),
            self::ArtistLate => self::withArtistForHalf($scenario, isFirst: false),
            self::LongestOff => count($scenario->menu) < 2 ? null : $scenario->withoutOffer($scenario->longestOffer()),
            self::QuickOnly => $scenario->hasQuick() ? $scenario->quickOnly() : null,
            self::QuickInTheRush => $scenario->hasQuick() && $scenario->rules->quickAbove === null
                ? $scenario->with(['rules' => $scenario->rules->quickAbove(Defaults::RUSH_WAITING * count($scenario->artists))])
                : null,
            self::ShorterTurnaround => self::turningIn($scenario, Duration::ofSeconds(Defaults::TURNAROUND_CUT_SECONDS)),
            self::NamesAndMoney => self::turningIn($scenario, $helperTakes),
            self::OtherLine => count($scenario->artists) < 2 ? null : $scenario->with([
                'rules' => $scenario->rules->withLineEach(! $scenario->rules->isLineEach),
            ]),
            self::StartEarlier => $scenario->startingEarlier($this->opensEarlier()),
            self::NamesToTheEnd => self::takingNamesToTheEnd($scenario),
        };
    }

    /** By how much the event opens earlier. */
    public function opensEarlier(): Duration
    {
        return $this === self::StartEarlier ? Duration::ofMinutes(Defaults::EARLIER_MINUTES) : Duration::zero();
    }

    /** @param  list<array{int, int}>  $shifts */
    private static function withArtist(Scenario $scenario, array $shifts): ?Scenario
    {
        return count($scenario->artists) >= OfTheLine::MOST_CHAIRS ? null : $scenario->with([
            'artists' => [...$scenario->artists, $scenario->artists[0]->sitting($shifts, '')],
        ]);
    }

    /** Where nobody says so, names stop as long as all of them are painted by closing. */
    private static function takingNamesToTheEnd(Scenario $scenario): ?Scenario
    {
        $isSo = $scenario->rules->stopNamesAt !== null && ! $scenario->open->isLongerThan($scenario->rules->stopNamesAt);

        return $scenario->arrivals->isAtOnce || $isSo ? null : $scenario->with([
            'rules' => $scenario->rules->stoppingNamesAt($scenario->open),
        ]);
    }

    private static function withArtistForHalf(Scenario $scenario, bool $isFirst): ?Scenario
    {
        $open = $scenario->open->milliseconds;
        $half = intdiv($open, 2);

        return $scenario->arrivals->isAtOnce ? null : self::withArtist($scenario, [$isFirst ? [0, $half] : [$half, $open]]);
    }

    private static function turningIn(Scenario $scenario, Duration $less): ?Scenario
    {
        return $less->isZero() || ! $scenario->turnaround->isLongerThan($less) ? null : $scenario->with([
            'turnaround' => $scenario->turnaround->minus($less),
        ]);
    }
}
