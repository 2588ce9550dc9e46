<?php

declare(strict_types=1);

namespace App\Account\Files;

use ArrayObject;

/**
 * New ids for what is brought in, so that it stands beside what it was taken from: the same distance is added to each, a number of
 * which nobody knows beforehand. Whatever referred to another row still does, and what was older stays older.
 */
final readonly class RemappedIds
{
    /** Letters of a ULID that say when; the rest is chance. */
    public const TIME = 10;

    /** A ULID, wherever it stands. */
    private const ID = '/(?<![0-9a-zA-Z])[0-7][0-9a-hjkmnp-tv-z]{25}(?![0-9a-zA-Z])/';

    private const CROCKFORD = '0123456789abcdefghjkmnpqrstvwxyz';

    private const DIGITS = '0123456789abcdefghijklmnopqrstuv';

    private const HALF = 1 << 40;

    private const MOST_KNOWN = 20_000;

    /** @var ArrayObject<string, string> an event's ids stand in its rows again and again */
    private ArrayObject $known;

    /**
     * @param  int  $high  of the distance, in units of 2^40; less than 2^40
     * @param  int  $low  less than 2^40
     * @param  array<string, string>  $instead  ids that take the place of others, once these are shifted
     */
    private function __construct(private int $high, private int $low, private array $instead = [])
    {
        /** @var ArrayObject<string, string> $known */
        $known = new ArrayObject;
        $this->known = $known;
    }

    public static function random(): self
    {
        return new self(random_int(1, 1 << 30), random_int(0, self::HALF - 1));
    }

    /** @param  string  $secret  64 hexadecimal digits; the same ones make the same distance */
    public static function bySecret(string $secret): self
    {
        [$high, $low] = str_split($secret, 32);

        return new self(1 + intval(substr($high, 0, 7), 16), intval(substr($low, 0, 10), 16));
    }

    /** The part of a ULID that is chance, out of a secret of 64 hexadecimal digits. */
    public static function chance(string $secret): string
    {
        return self::letters(intval(substr($secret, 0, 10), 16), 8).self::letters(intval(substr($secret, 10, 10), 16), 8);
    }

    /** @param  array<array-key, string>  $own  what refers to the first refers to the second from now on; a file may hold ids like 5 */
    public function with(array $own): self
    {
        $instead = [];
        foreach ($own as $id => $ours) {
            $instead[$this->shift((string) $id)] = $ours;
        }

        return new self($this->high, $this->low, [...$this->instead, ...$instead]);
    }

    /** All ids in a text. */
    public function in(string $text): string
    {
        return (string) preg_replace_callback(self::ID, fn (array $found): string => $this->of($found[0]), $text);
    }

    public function of(string $id): string
    {
        $known = $this->known[$id] ?? null;
        if ($known !== null) {
            return $known;
        }
        // Those of years need not be held.
        if (count($this->known) >= self::MOST_KNOWN) {
            $this->known->exchangeArray([]);
        }
        $shifted = $this->shift($id);

        return $this->known[$id] = $this->instead[$shifted] ?? $shifted;
    }

    /** Added as numbers of 130 bits, in parts that this machine's numbers hold: 50, 40 and 40. */
    private function shift(string $id): string
    {
        $low = self::number(substr($id, 18)) + $this->low;
        $high = self::number(substr($id, self::TIME, 8)) + $this->high + intdiv($low, self::HALF);
        $time = self::number(substr($id, 0, self::TIME)) + intdiv($high, self::HALF);

        return self::letters($time, self::TIME).self::letters($high % self::HALF, 8).self::letters($low % self::HALF, 8);
    }

    private static function number(string $letters): int
    {
        return intval(strtr($letters, self::CROCKFORD, self::DIGITS), 32);
    }

    private static function letters(int $number, int $count): string
    {
        return strtr(str_pad(base_convert((string) $number, 10, 32), $count, '0', STR_PAD_LEFT), self::DIGITS, self::CROCKFORD);
    }
}
