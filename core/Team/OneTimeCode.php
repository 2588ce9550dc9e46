<?php

declare(strict_types=1);

namespace Core\Team;

/** Codes of a second factor, from a secret that an authenticator shares: RFC 4226 (HOTP) counted by the clock as in RFC 6238 (TOTP). */
final readonly class OneTimeCode
{
    public const DIGITS = 6;

    public const STEP_SECONDS = 30;

    /** Steps before and after that still serve: clocks differ, and hands are slow (RFC 6238, 5.2, asks for one at most). */
    private const DRIFT = 1;

    /** @param  string  $secret  raw bytes */
    public function __construct(private string $secret) {}

    public static function stepAt(int $unixSeconds): int
    {
        return intdiv($unixSeconds, self::STEP_SECONDS);
    }

    public function at(int $step, int $digits = self::DIGITS): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), $this->secret, true);
        $offset = ord($hash[19]) & 15;
        $number = ((ord($hash[$offset]) & 127) << 24) | (ord($hash[$offset + 1]) << 16) | (ord($hash[$offset + 2]) << 8)
            | ord($hash[$offset + 3]);

        return str_pad((string) ($number % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }

    /** @return int|null the step whose code it is; null for one of none, of long ago, or not after the one that served last */
    public function stepOf(string $code, int $unixSeconds, int $lastStep): ?int
    {
        $now = self::stepAt($unixSeconds);
        foreach (range($now - self::DRIFT, $now + self::DRIFT) as $step) {
            if ($step > $lastStep && hash_equals($this->at($step), $code)) {
                return $step;
            }
        }

        return null;
    }
}
