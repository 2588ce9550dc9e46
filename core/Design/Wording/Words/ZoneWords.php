<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

use Core\Design\Place\Placement;
use Core\Design\Place\Zone;

/** What painters call places of the skin, besides the names of the zones themselves. */
final readonly class ZoneWords
{
    /** A place that is one zone, or several together. */
    private const PLACES = [
        'one cheek' => [Zone::Cheek], 'both cheeks' => [Zone::Cheek], 'each cheek' => [Zone::Cheek], 'per cheek' => [Zone::Cheek],
        'one temple' => [Zone::Temple], 'each temple' => [Zone::Temple], 'both temples' => [Zone::Temple], 'one eyebrow' => [Zone::Brow],
        'wrist to elbow' => [Zone::Forearm], 'from wrist to elbow' => [Zone::Forearm], 'elbow to wrist' => [Zone::Forearm],
        'elbow' => [Zone::Forearm],
        'up the arm' => [Zone::Forearm], 'down the arm' => [Zone::Forearm], 'along the arm' => [Zone::Forearm],
        'above and below the eyes' => [Zone::Brow, Zone::UnderEye], 'above and below the eye' => [Zone::Brow, Zone::UnderEye],
        'over and under the eyes' => [Zone::Brow, Zone::UnderEye], 'around mouth and eyes' => [Zone::Muzzle, Zone::EyeSocket],
        'round mouth and eyes' => [Zone::Muzzle, Zone::EyeSocket], 'around the mouth and eyes' => [Zone::Muzzle, Zone::EyeSocket],
        'round the mouth and eyes' => [Zone::Muzzle, Zone::EyeSocket], 'round eyes and mouth' => [Zone::EyeSocket, Zone::Muzzle],
        'round the eyes and mouth' => [Zone::EyeSocket, Zone::Muzzle], 'around eyes and mouth' => [Zone::EyeSocket, Zone::Muzzle],
        'around the eyes and mouth' => [Zone::EyeSocket, Zone::Muzzle], 'on one eye' => [Zone::EyeSocket],
        'lid' => [Zone::Eyelid], 'lids' => [Zone::Eyelid], 'upper lid' => [Zone::Eyelid], 'upper lids' => [Zone::Eyelid],
        'over the eye' => [Zone::Eyelid],
        'over the eyes' => [Zone::Eyelid], 'on the eyes' => [Zone::Eyelid], 'on the eye' => [Zone::Eyelid],
        'lash line' => [Zone::Eyelid], 'lashline' => [Zone::Eyelid],
        'lower lid' => [Zone::UnderEye], 'lower lids' => [Zone::UnderEye], 'under the eye' => [Zone::UnderEye],
        'under the eyes' => [Zone::UnderEye],
        'under each eye' => [Zone::UnderEye], 'under both eyes' => [Zone::UnderEye], 'under eyes' => [Zone::UnderEye],
        'under-eye' => [Zone::UnderEye],
        'below the eye' => [Zone::UnderEye], 'below the eyes' => [Zone::UnderEye], 'beneath the eye' => [Zone::UnderEye],
        'beneath the eyes' => [Zone::UnderEye],
        'below each eye' => [Zone::UnderEye], 'under one eye' => [Zone::UnderEye],
        'round the eyes' => [Zone::EyeSocket], 'around the eyes' => [Zone::EyeSocket], 'round the eye' => [Zone::EyeSocket],
        'around the eye' => [Zone::EyeSocket],
        'round eyes' => [Zone::EyeSocket], 'around eyes' => [Zone::EyeSocket], 'around eye' => [Zone::EyeSocket],
        'round each eye' => [Zone::EyeSocket],
        'around each eye' => [Zone::EyeSocket], 'round both eyes' => [Zone::EyeSocket], 'around both eyes' => [Zone::EyeSocket],
        'across the eyes' => [Zone::EyeSocket], 'across eyes' => [Zone::EyeSocket], 'eye sockets' => [Zone::EyeSocket],
        'eye area' => [Zone::EyeSocket],
        'crease' => [Zone::EyeSocket], 'eye crease' => [Zone::EyeSocket], 'socket' => [Zone::EyeSocket], 'sockets' => [Zone::EyeSocket],
        'over the right eye' => [Zone::EyeSocket], 'over the left eye' => [Zone::EyeSocket], 'over one eye' => [Zone::EyeSocket],
        'left eye' => [Zone::EyeSocket], 'right eye' => [Zone::EyeSocket], 'one eye' => [Zone::EyeSocket],
        'above the eye' => [Zone::Brow], 'above the eyes' => [Zone::Brow], 'above each eye' => [Zone::Brow],
        'above eyes' => [Zone::Brow], 'over each eye' => [Zone::Brow],
        'eye corner' => [Zone::OuterEye], 'eye corners' => [Zone::OuterEye], 'corner of the eye' => [Zone::OuterEye],
        'corner of the eyes' => [Zone::OuterEye],
        'corners of the eyes' => [Zone::OuterEye], 'outer corner' => [Zone::OuterEye], 'outer corners' => [Zone::OuterEye],
        'outer eye corner' => [Zone::OuterEye],
        'outer eye corners' => [Zone::OuterEye], 'outer corner of the eye' => [Zone::OuterEye],
        'outer corner of the eyes' => [Zone::OuterEye],
        'outer corner of each eye' => [Zone::OuterEye], 'outer corners of the eyes' => [Zone::OuterEye],
        'corner of each eye' => [Zone::OuterEye],
        'side of the eye' => [Zone::OuterEye], 'sides of the eyes' => [Zone::OuterEye], 'outer eyes' => [Zone::OuterEye],
        'inner corner' => [Zone::InnerEye], 'inner corners' => [Zone::InnerEye], 'inner eye corner' => [Zone::InnerEye],
        'inner eye corners' => [Zone::InnerEye],
        'inner corner of the eye' => [Zone::InnerEye], 'inner corner of the eyes' => [Zone::InnerEye],
        'inner corners of the eyes' => [Zone::InnerEye],
        'inner corner of each eye' => [Zone::InnerEye], 'inner eyes' => [Zone::InnerEye],
        'between the eyes' => [Zone::BetweenBrows], 'between eyes' => [Zone::BetweenBrows], 'between the brows' => [Zone::BetweenBrows],
        'between the eyebrows' => [Zone::BetweenBrows], 'between brows' => [Zone::BetweenBrows],
        'eyebrow' => [Zone::Brow], 'eyebrows' => [Zone::Brow], 'brow bone' => [Zone::Brow], 'brow bones' => [Zone::Brow],
        'over the brow' => [Zone::Brow],
        'over the brows' => [Zone::Brow], 'above the brow' => [Zone::Brow], 'above the brows' => [Zone::Brow],
        'above the eyebrows' => [Zone::Brow],
        'over the eyebrows' => [Zone::Brow], 'brow ends' => [Zone::Brow], 'brow line' => [Zone::Brow],
        'middle of the forehead' => [Zone::Forehead], 'centre of the forehead' => [Zone::Forehead],
        'center of the forehead' => [Zone::Forehead], 'fore head' => [Zone::Forehead],
        'hair line' => [Zone::Hairline], 'side of the forehead' => [Zone::Temple], 'sides of the forehead' => [Zone::Temple],
        'side of the eyes' => [Zone::Temple],
        'bridge' => [Zone::NoseBridge], 'bridge of the nose' => [Zone::NoseBridge], 'bridge of nose' => [Zone::NoseBridge],
        'top of the nose' => [Zone::NoseBridge],
        'tip of the nose' => [Zone::NoseTip], 'tip of nose' => [Zone::NoseTip], 'end of the nose' => [Zone::NoseTip],
        'nose end' => [Zone::NoseTip],
        'side of the nose' => [Zone::Nostril], 'sides of the nose' => [Zone::Nostril], 'nose wings' => [Zone::Nostril],
        'cheek bone' => [Zone::Cheekbone], 'cheek bones' => [Zone::Cheekbone], 'top of the cheek' => [Zone::Cheekbone],
        'top of cheek' => [Zone::Cheekbone],
        'upper cheek' => [Zone::Cheekbone], 'upper cheeks' => [Zone::Cheekbone], 'high on the cheek' => [Zone::Cheekbone],
        'apple of the cheek' => [Zone::Cheek],
        'apples of the cheeks' => [Zone::Cheek], 'bottom of the cheek' => [Zone::LowerCheek], 'low on the cheek' => [Zone::LowerCheek],
        'smile line' => [Zone::SmileLine], 'smile lines' => [Zone::SmileLine], 'laugh line' => [Zone::SmileLine],
        'laugh lines' => [Zone::SmileLine],
        'top lip' => [Zone::UpperLip], 'above the lip' => [Zone::UpperLip], 'above the lips' => [Zone::UpperLip],
        'above the top lip' => [Zone::UpperLip],
        'above the upper lip' => [Zone::UpperLip], 'over the lip' => [Zone::UpperLip], 'under the nose' => [Zone::UpperLip],
        'below the nose' => [Zone::UpperLip],
        'bottom lip' => [Zone::LowerLip], 'under the lip' => [Zone::LowerLip], 'under the lips' => [Zone::LowerLip],
        'below the lip' => [Zone::LowerLip],
        'below the lips' => [Zone::LowerLip], 'under the bottom lip' => [Zone::LowerLip], 'under the lower lip' => [Zone::LowerLip],
        'under the mouth' => [Zone::Chin],
        'below the mouth' => [Zone::Chin], 'lip' => [Zone::Lips], 'over the mouth' => [Zone::Lips], 'on the mouth' => [Zone::Lips],
        'for whiskers' => [Zone::Muzzle], 'for the whiskers' => [Zone::Muzzle], 'for lashes' => [Zone::Eyelid],
        'for eyebrows' => [Zone::Brow], 'round the mouth' => [Zone::Muzzle], 'around the mouth' => [Zone::Muzzle],
        'mouth area' => [Zone::Muzzle],
        'ear to ear' => [Zone::Lips, Zone::MouthCorner], 'mid forehead' => [Zone::Forehead], 'middle forehead' => [Zone::Forehead],
        'tummy of the cheek' => [Zone::Cheek], 'mouth area round' => [Zone::Muzzle], 'dial' => [],
        'corner of the mouth' => [Zone::MouthCorner], 'corners of the mouth' => [Zone::MouthCorner], 'mouth corner' => [Zone::MouthCorner],
        'side of the mouth' => [Zone::MouthCorner], 'sides of the mouth' => [Zone::MouthCorner],
        'jawline' => [Zone::Jaw], 'jaw line' => [Zone::Jaw], 'along the jaw' => [Zone::Jaw], 'ear lobe' => [Zone::Ear],
        'ear lobes' => [Zone::Ear], 'earlobe' => [Zone::Ear],
        'earlobes' => [Zone::Ear], 'throat' => [Zone::Neck], 'upper arm' => [Zone::Arm], 'lower arm' => [Zone::Forearm],
        'inner arm' => [Zone::Forearm],
        'back of the hand' => [Zone::Hand], 'back of hand' => [Zone::Hand], 'backs of the hands' => [Zone::Hand],
        'back of the hands' => [Zone::Hand], 'palm' => [Zone::Hand],
        'knuckle' => [Zone::Knuckles], 'finger tips' => [Zone::Fingers], 'each finger' => [Zone::Fingers], 'thumb' => [Zone::Fingers],
        'sides of the face' => [Zone::Temple, Zone::Cheek, Zone::Jaw], 'side of the face' => [Zone::Temple, Zone::Cheek, Zone::Jaw],
        'edge of the face' => [Zone::Hairline, Zone::Temple, Zone::Cheek, Zone::Jaw],
        'edges of the face' => [Zone::Hairline, Zone::Temple, Zone::Cheek, Zone::Jaw],
        'round the edge' => [Zone::Hairline, Zone::Temple, Zone::Cheek, Zone::Jaw],
        'around the edge' => [Zone::Hairline, Zone::Temple, Zone::Cheek, Zone::Jaw],
        'round the face' => [Zone::Hairline, Zone::Temple, Zone::Cheek, Zone::Jaw],
        'around the face' => [Zone::Hairline, Zone::Temple, Zone::Cheek, Zone::Jaw],
        'outside of the face' => [Zone::Hairline, Zone::Temple, Zone::Cheek, Zone::Jaw],
        'lower face' => [Zone::LowerCheek, Zone::Muzzle, Zone::Chin, Zone::Jaw],
        'lower half of the face' => [Zone::LowerCheek, Zone::Muzzle, Zone::Chin, Zone::Jaw],
        'upper face' => [Zone::Forehead, Zone::Brow, Zone::Temple, Zone::EyeSocket],
        'upper half of the face' => [Zone::Forehead, Zone::Brow, Zone::Temple, Zone::EyeSocket],
        'middle of the face' => [Zone::NoseBridge, Zone::Nose, Zone::Cheek],
        'centre of the face' => [Zone::NoseBridge, Zone::Nose, Zone::Cheek],
        't-zone' => [Zone::Forehead, Zone::NoseBridge, Zone::Nose],
    ];

    /** How the end of a place is said too: under the eyes, under both of them, under one. */
    private const CALLED_TOO = [
        'the eye' => ['the left eye', 'the right eye', 'one eye', 'left eye', 'right eye'], 'the eyes' => ['eyes'],
        'the mouth' => ['mouth'], 'the nose' => ['nose'], 'the brows' => ['each brow', 'both brows', 'brows'], 'the lips' => ['lips'],
        'the brow' => ['the left brow', 'the right brow', 'one brow'],
    ];

    /** All there is of the placement. */
    public const EVERYWHERE = [
        'face', 'whole face', 'entire face', 'full face', 'all over the face', 'all over', 'everywhere', 'everything',
        'over everything', 'all over face', 'rest of the face', 'rest of face', 'rest of the cheek', 'the rest of it',
        'the rest', 'all of it', 'whole cheek', 'whole thing', 'whole design', 'all of the face', 'all over the dial', 'rest of face',
        'over all', 'the lot',
    ];

    private const WHOLE_FACE = [
        Zone::Forehead, Zone::BetweenBrows, Zone::Brow, Zone::Temple, Zone::EyeSocket, Zone::UnderEye, Zone::NoseBridge, Zone::Nose,
        Zone::Cheekbone, Zone::Cheek,
        Zone::LowerCheek, Zone::Muzzle, Zone::Chin, Zone::Jaw,
    ];

    private const WITHOUT_S = [Zone::Lips, Zone::Knuckles, Zone::Fingers];

    /** @return array<string, list<Zone>> by phrase in small letters */
    public static function phrases(): array
    {
        $labels = [];
        foreach (Zone::cases() as $zone) {
            $labels += [$zone->label() => [$zone]];
            $labels += in_array($zone, self::WITHOUT_S, true) ? [] : ["{$zone->label()}s" => [$zone]];
        }

        $places = [...$labels, ...self::PLACES];
        foreach (self::PLACES as $place => $zones) {
            foreach (self::CALLED_TOO as $the => $others) {
                foreach (str_ends_with($place, " {$the}") ? $others : [] as $other) {
                    $places += [substr($place, 0, -strlen($the)).$other => $zones];
                }
            }
        }

        return $places;
    }

    /**
     * What "all over" means where a design is painted.
     *
     * @return list<Zone>
     */
    public static function everywhereOn(Placement $placement): array
    {
        return match ($placement) {
            Placement::FullFace => self::WHOLE_FACE,
            Placement::Mask => [Zone::Brow, Zone::EyeSocket, Zone::Temple, Zone::NoseBridge, Zone::Cheekbone],
            default => self::usualOn($placement),
        };
    }

    /**
     * Where a step goes of which nothing is said.
     *
     * @return non-empty-list<Zone>
     */
    public static function usualOn(Placement $placement): array
    {
        return match ($placement) {
            Placement::FullFace => self::WHOLE_FACE,
            Placement::Mask => [Zone::EyeSocket, Zone::Temple],
            Placement::Cheek => [Zone::Cheek],
            Placement::Brow => [Zone::Brow],
            Placement::Eye => [Zone::EyeSocket],
            Placement::Nose => [Zone::Nose],
            Placement::Arm => [Zone::Arm],
            Placement::Hand => [Zone::Hand],
        };
    }
}
