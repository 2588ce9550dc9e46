<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Json\NormaliseNumbers;
use Illuminate\Foundation\Http\Middleware\TransformsRequest;
use Illuminate\Validation\ValidationException;

/** Takes what is sent as it is meant, for all addresses at once: 2.0 is 2, and no character hides or turns the words round it. */
final class CleanInput extends TransformsRequest
{
    /** Controls but tab and line ends, marks of direction and of no width; the joiner that emoji need stays. */
    private const UNSEEN = '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F\xAD\x{61C}\x{180E}\x{200B}\x{200E}\x{200F}\x{202A}-\x{202E}'
        .'\x{2060}-\x{2069}\x{FEFF}]/u';

    /** What is left may still show nothing: blanks, joiners and fillers. */
    private const SEEN = '/[^\p{Z}\p{C}\p{M}\x{115F}\x{1160}\x{2800}\x{3164}\x{FFA0}]/u';

    private const ONE_LINE = ['name', 'team', 'place', 'firstName', 'painter', 'email'];

    /** However a device spells it, an id is the same one. */
    private const ULID = '/^[0-7][0-9A-HJKMNP-TV-Z]{25}$/i';

    protected function transform($key, $value): mixed
    {
        if (is_string($value)) {
            $seen = preg_replace(self::UNSEEN, '', $value)
                ?? throw ValidationException::withMessages([$key => 'These letters cannot be read. Type them again.']);

            // Names stand in letters, in calendars and on slips: they are one line.
            $seen = in_array($key, self::ONE_LINE, true) ? (string) preg_replace('/[\s\x{2028}\x{2029}]+/u', ' ', $seen) : $seen;

            return match (true) {
                preg_match(self::SEEN, $seen) !== 1 => '',
                preg_match(self::ULID, $seen) === 1 => strtolower($seen),
                default => $seen,
            };
        }

        return NormaliseNumbers::of($value);
    }
}
