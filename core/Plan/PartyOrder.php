<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Units\Duration;

/**
 * In which order the children of a party are painted (common practice, no source): little ones early, for they tire; brothers
 * and sisters one
 * after the other; the birthday child first or last, as its painter does it.
 */
final readonly class PartyOrder
{
    public const MOST = 200;

    private const OLD_ENOUGH = 99;

    /** @param  list<array{PartyGuest, Duration}>  $calls  each child with its time since the opening */
    private function __construct(public array $calls, public Duration $each) {}

    /**
     * Reads one child a line, "Mila 7 birthday"; brothers and sisters on one line, "Oskar 5 + Juna 8".
     *
     * @return non-empty-list<PartyGuest>
     *
     * @throws InvalidPartyList when nobody is on it
     */
    public static function read(string $list): array
    {
        $guests = [];
        foreach ((array) preg_split('/\R/u', $list) as $family => $line) {
            foreach ((array) preg_split('/[+&,]/u', (string) $line) as $child) {
                $guest = self::guest(trim((string) $child), $family);
                $guests = $guest === null ? $guests : [...$guests, $guest];
            }
        }

        return match (true) {
            $guests === [] => throw InvalidPartyList::none(),
            count($guests) > self::MOST => throw InvalidPartyList::tooMany(self::MOST),
            default => $guests,
        };
    }

    /**
     * @param  non-empty-list<PartyGuest>  $guests
     * @param  Duration  $time  from the first face to the last
     */
    public static function of(array $guests, Duration $time, int $artists, BirthdayChild $birthday): self
    {
        $each = $time->times($artists / count($guests));
        $calls = [];
        foreach (self::ordered($guests, $birthday) as $at => $guest) {
            $calls[] = [$guest, $each->times(intdiv($at, $artists))];
        }

        return new self($calls, $each);
    }

    /**
     * @param  list<PartyGuest>  $guests
     * @return list<PartyGuest>
     */
    private static function ordered(array $guests, BirthdayChild $birthday): array
    {
        $youngest = [];
        foreach ($guests as $guest) {
            $youngest[$guest->family] = min($youngest[$guest->family] ?? self::OLD_ENOUGH, $guest->age ?? self::OLD_ENOUGH);
        }
        $rank = static fn (PartyGuest $guest): array => [
            $guest->isBirthday && $birthday === BirthdayChild::First ? 0 : 1,
            $guest->isBirthday && $birthday === BirthdayChild::Last ? 1 : 0,
            $youngest[$guest->family],
            $guest->family,
            $guest->age ?? self::OLD_ENOUGH,
        ];
        // Whoever is alike in all of that stays in the order of the list.
        usort($guests, static fn (PartyGuest $one, PartyGuest $other): int => $rank($one) <=> $rank($other));

        return $guests;
    }

    private static function guest(string $text, int $family): ?PartyGuest
    {
        if (preg_match('/^(?<name>\p{L}[\p{L}\p{M}\'’.-]*)[^\d]*(?<age>\d{1,2})?/u', $text, $part) !== 1) {
            return null;
        }

        return new PartyGuest(
            mb_substr($part['name'], 0, 40),
            isset($part['age']) ? (int) $part['age'] : null,
            preg_match('/\bbirthday\b/iu', $text) === 1,
            $family,
        );
    }
}
