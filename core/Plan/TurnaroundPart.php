<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Line\Ahead\AfterFace;
use Core\Units\Duration;

/** What lies between two faces and is not painting, yet the line waits for it too. */
enum TurnaroundPart: string
{
    case Choose = 'choose';
    case Safety = 'safety';
    case Mirror = 'mirror';
    case Pay = 'pay';
    case Clean = 'clean';

    /** Team's estimate: a minute in all. */
    public function usual(): Duration
    {
        return Duration::ofSeconds(match ($this) {
            self::Choose => 12,
            self::Safety => 8,
            self::Mirror => 12,
            self::Pay => 8,
            self::Clean => 20,
        });
    }

    /** Under which part a plan counts what was done after a face. */
    public static function of(AfterFace $done): self
    {
        return match ($done) {
            AfterFace::Mirror, AfterFace::Photo => self::Mirror,
            AfterFace::Pay => self::Pay,
            AfterFace::Sponges, AfterFace::Hands, AfterFace::Water => self::Clean,
        };
    }

    /** Whether a helper who takes names and money takes it over. */
    public function isForHelper(): bool
    {
        return $this === self::Choose || $this === self::Pay;
    }

    /**
     * A turnaround that was only known as a whole, in its usual parts.
     *
     * @return array<string, Duration> by part
     */
    public static function split(Duration $whole): array
    {
        $all = array_sum(array_map(static fn (self $part): int => $part->usual()->milliseconds, self::cases()));
        $parts = [];
        foreach (self::cases() as $part) {
            $parts[$part->value] = Duration::ofMilliseconds((int) round($whole->milliseconds * $part->usual()->milliseconds / $all));
        }

        return $parts;
    }
}
