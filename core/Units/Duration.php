<?php

declare(strict_types=1);

namespace Core\Units;

/** A length of time in whole milliseconds, never negative. */
final readonly class Duration
{
    /** How painters type a time. Spaces in it do not count, nor do capitals. */
    public const TYPED = '/^(?:
        (?<minutes>\d+(?:[.,]\d+)?)\s*(?:m|min|mins|minute|minutes|\')?
        | (?<colonMinutes>\d+):(?<colonSeconds>[0-5]?\d(?:[.,]\d{1,3})?)
        | (?<wordMinutes>\d+)\s*(?:m|min|mins|minute|minutes|\')\s*(?<wordSeconds>\d+(?:[.,]\d{1,3})?)\s*(?:s|sec|secs|second|seconds|")?
        | (?<seconds>\d+(?:[.,]\d{1,3})?)\s*(?:s|sec|secs|second|seconds|")
    )$/xi';

    private function __construct(public int $milliseconds) {}

    /** @throws UnreadableDuration when negative */
    public static function ofMilliseconds(int $milliseconds): self
    {
        if ($milliseconds < 0) {
            throw UnreadableDuration::negative();
        }

        return new self($milliseconds);
    }

    /** @throws UnreadableDuration when negative */
    public static function ofSeconds(int|float $seconds): self
    {
        return self::ofMilliseconds((int) round($seconds * 1000));
    }

    public static function ofMinutes(int|float $minutes): self
    {
        return self::ofSeconds($minutes * 60);
    }

    public static function zero(): self
    {
        return new self(0);
    }

    /**
     * Reads minutes as painters type them: 4, 1.5, 4:30, 4m30, 4 min 30 s, 270s.
     *
     * @throws UnreadableDuration when the text is no time
     */
    public static function parse(string $text): self
    {
        return self::tryParse($text) ?? throw UnreadableDuration::text($text);
    }

    public static function tryParse(string $text): ?self
    {
        if (mb_strlen($text) > 32 || preg_match(self::TYPED, trim($text), $part, PREG_UNMATCHED_AS_NULL) !== 1) {
            return null;
        }
        $number = static fn (string $name): float => (float) str_replace(',', '.', $part[$name] ?? '0');
        $seconds = 60 * ($number('minutes') + $number('colonMinutes') + $number('wordMinutes'))
            + $number('colonSeconds') + $number('wordSeconds') + $number('seconds');

        return $seconds > 1e9 ? null : self::ofSeconds($seconds);
    }

    public function plus(self $other): self
    {
        return new self($this->milliseconds + $other->milliseconds);
    }

    /** The rest after taking the other away; zero when the other is longer. */
    public function minus(self $other): self
    {
        return new self(max(0, $this->milliseconds - $other->milliseconds));
    }

    /** Rounded to the nearest millisecond. */
    public function times(float $factor): self
    {
        return self::ofMilliseconds((int) round($this->milliseconds * $factor));
    }

    public function isLongerThan(self $other): bool
    {
        return $this->milliseconds > $other->milliseconds;
    }

    public function isZero(): bool
    {
        return $this->milliseconds === 0;
    }

    public function seconds(): float
    {
        return $this->milliseconds / 1000;
    }

    /** Minutes and whole seconds as painters read them: 0:40, 4:10, 72:05. */
    public function format(): string
    {
        $seconds = intdiv($this->milliseconds + 500, 1000);

        return sprintf('%d:%02d', intdiv($seconds, 60), $seconds % 60);
    }

    /** As format(), with the milliseconds kept where there are any; parse() gives the same duration back. */
    public function formatExactly(): string
    {
        $rest = $this->milliseconds % 60_000;
        $fraction = $rest % 1000 === 0 ? '' : rtrim(sprintf('.%03d', $rest % 1000), '0');

        return sprintf('%d:%02d%s', intdiv($this->milliseconds, 60_000), intdiv($rest, 1000), $fraction);
    }
}
