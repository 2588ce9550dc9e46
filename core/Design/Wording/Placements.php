<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Design\Place\Placement;
use Core\Design\Place\Zone;
use Core\Design\Wording\Lines\Line;
use Core\Design\Wording\Words\Language;
use Core\Design\Wording\Words\Scanner;

/** Which part of the person a list is about: as it says, or as its places tell. */
final readonly class Placements
{
    private const WORDS = [
        'full face' => Placement::FullFace, 'face' => Placement::FullFace, 'whole face' => Placement::FullFace,
        'full-face' => Placement::FullFace, 'mask' => Placement::Mask, 'half face' => Placement::Mask, 'eye mask' => Placement::Mask,
        'cheek' => Placement::Cheek, 'cheeks' => Placement::Cheek, 'one cheek' => Placement::Cheek, 'brow' => Placement::Brow,
        'brows' => Placement::Brow, 'forehead' => Placement::Brow, 'eye' => Placement::Eye, 'eyes' => Placement::Eye,
        'nose' => Placement::Nose, 'arm' => Placement::Arm, 'forearm' => Placement::Arm, 'wrist' => Placement::Arm,
        'upper arm' => Placement::Arm, 'hand' => Placement::Hand, 'back of the hand' => Placement::Hand,
        'ganzes gesicht' => Placement::FullFace, 'gesicht' => Placement::FullFace, 'maske' => Placement::Mask,
        'wange' => Placement::Cheek, 'stirn' => Placement::Brow, 'auge' => Placement::Eye, 'nase' => Placement::Nose,
    ];

    private const LINE = '/^\s*(?:placement|where|place|for|design for|on)\s*[:=]\s*(?<says>[\p{L} _-]{2,20})\s*$/iu';

    /** Common practice, no source: who names more places than this paints the face, not a part of it. */
    private const PLACES_OF_A_FACE = 5;

    /** Null for a line that says anything else than where a design is painted. */
    public static function inLine(string $line): ?Placement
    {
        return preg_match(self::LINE, $line, $found) === 1 ? self::called($found['says']) : null;
    }

    public static function called(string $name): ?Placement
    {
        $name = str_replace('_', ' ', mb_strtolower(trim($name)));

        return self::WORDS[$name] ?? null;
    }

    /** @param  list<Line>  $lines */
    public static function saidIn(array $lines): ?Placement
    {
        foreach ($lines as $line) {
            if ($line->kind === LineKind::Placement) {
                return self::called($line->says);
            }
        }

        return null;
    }

    /**
     * As the title tells, such as "Crab nose", or the places.
     *
     * @param  list<Line>  $lines
     */
    public static function guessed(array $lines, Scanner $scanner, ?Language $language): Placement
    {
        $first = $lines[0] ?? null;
        if ($first?->kind === LineKind::Heading && preg_match(
            '/\b('.implode('|', array_keys(self::WORDS)).')\b/u',
            mb_strtolower($first->says),
            $found,
        ) === 1) {
            return self::WORDS[$found[1]];
        }
        $zones = [];
        foreach ($lines as $line) {
            foreach ($line->stretches as $stretch) {
                foreach ($scanner->parts($scanner->tokens($stretch->text, $language), 0) as $part) {
                    foreach ($part->kind === PartKind::Zone && is_array($part->value)
                        ? ($part->value === [] ? Zone::cases() : $part->value) : [] as $zone) {
                        $zones[$zone instanceof Zone ? $zone->value : ''] = $zone;
                    }
                }
            }
        }

        return self::of(array_values(array_filter($zones, static fn (mixed $zone): bool => $zone instanceof Zone)));
    }

    /** @param  list<Zone>  $zones */
    private static function of(array $zones): Placement
    {
        $onLimb = array_filter($zones, static fn (Zone $zone): bool => $zone->isOnLimb());
        $isAmong = static fn (Zone ...$of): bool => $zones !== [] && array_filter(
            $zones,
            static fn (Zone $zone): bool => ! in_array($zone, $of, true),
        ) === [];

        return match (true) {
            $zones === [], count($zones) >= self::PLACES_OF_A_FACE && $onLimb === [] => Placement::FullFace,
            count($onLimb) * 2 > count($zones) => $isAmong(
                Zone::Hand,
                Zone::Fingers,
                Zone::Knuckles,
                Zone::Wrist,
            ) ? Placement::Hand : Placement::Arm,
            $isAmong(Zone::Cheek, Zone::Cheekbone, Zone::LowerCheek, Zone::Temple, Zone::Jaw) => Placement::Cheek,
            $isAmong(Zone::Nose, Zone::NoseTip, Zone::NoseBridge, Zone::Nostril, Zone::Cheekbone) => Placement::Nose,
            $isAmong(Zone::Forehead, Zone::Brow, Zone::Hairline, Zone::BetweenBrows, Zone::Temple) => Placement::Brow,
            $isAmong(Zone::Eyelid, Zone::EyeSocket, Zone::UnderEye, Zone::OuterEye, Zone::InnerEye) => Placement::Eye,
            in_array(Zone::Muzzle, $zones, true), in_array(Zone::Chin, $zones, true),
            in_array(Zone::Jaw, $zones, true) => Placement::FullFace,
            default => Placement::Mask,
        };
    }
}
