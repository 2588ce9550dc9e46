<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

use Core\Design\Place\Zone;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;

/** Which places a line says are not to be painted: leaving the muzzle bare. */
final readonly class Spared
{
    /**
     * @param  list<Part>  $parts
     * @return list<Zone>
     */
    public static function in(array $parts, string $text, Scanner $scanner): array
    {
        $zones = [];
        foreach ($parts as $part) {
            if ($part->kind !== PartKind::Note || $part->value !== null) {
                continue;
            }
            $said = preg_replace(
                '/^(?:(?:leaving|leave|except|avoid|avoiding|but|not|without|do|don\'t|dont'
                    .'|spare|sparing|keep|keeping|clear|off|away|of|from|out|on|the)\s+)+/iu',
                '',
                mb_substr($text, $part->start, $part->length),
            ) ?? '';
            foreach ($scanner->parts(Tokens::of($said), 0) as $inside) {
                if (preg_match('/^eyes?$/', $inside->spoken) === 1) {
                    $zones = [...$zones, Zone::EyeSocket, Zone::Eyelid, Zone::UnderEye];
                }
                if ($inside->kind === PartKind::Zone && is_array($inside->value)) {
                    $zones = [...$zones, ...array_filter($inside->value, static fn (mixed $zone): bool => $zone instanceof Zone)];
                }
            }
        }

        return array_values($zones);
    }
}
