<?php

declare(strict_types=1);

use Core\Design\Place\Placement;
use Core\Design\Place\Side;
use Tests\Core\Design\Wording\Reads;

it('knows a place of the face by what painters call it', function (string $words, array $zones): void {
    $step = Reads::step("sponge white {$words}, 9s");

    expect(Reads::zones("sponge white {$words}, 9s"))->toBe($zones)->and([
        $step->tool,
        $step->count,
        $step->time?->seconds(),
    ])->toBe(['', null, 9.0]);
})->with([
    ['forehead', ['forehead']],
    ['on the forehead', ['forehead']],
    ['middle of the forehead', ['forehead']],
    ['in the centre of the forehead', ['forehead']],
    ['up to the hairline', ['hairline']],
    ['along the hair line', ['hairline']],
    ['temples', ['temple']],
    ['out to the temples', ['temple']],
    ['sides of the forehead', ['temple']],
    ['brows', ['brow']],
    ['eyebrows', ['brow']],
    ['over the brows', ['brow']],
    ['above the eyebrows', ['brow']],
    ['brow bone', ['brow']],
    ['above each eye', ['brow']],
    ['between the brows', ['between_brows']],
    ['between the eyes', ['between_brows']],
    ['lids', ['eyelid']],
    ['upper lids', ['eyelid']],
    ['eyelids', ['eyelid']],
    ['over the eyes', ['eyelid']],
    ['on the lash line', ['eyelid']],
    ['round the eyes', ['eye_socket']],
    ['around the eyes', ['eye_socket']],
    ['around each eye', ['eye_socket']],
    ['across the eyes', ['eye_socket']],
    ['in the crease', ['eye_socket']],
    ['corner of the eye', ['outer_eye']],
    ['outer corners of the eyes', ['outer_eye']],
    ['outer corner of each eye', ['outer_eye']],
    ['inner corners', ['inner_eye']],
    ['inner corner of the eye', ['inner_eye']],
    ['under the eyes', ['under_eye']],
    ['under each eye', ['under_eye']],
    ['below the eyes', ['under_eye']],
    ['lower lids', ['under_eye']],
    ['bridge of the nose', ['nose_bridge']],
    ['nose bridge', ['nose_bridge']],
    ['nose', ['nose']],
    ['down the nose', ['nose']],
    ['tip of the nose', ['nose_tip']],
    ['end of the nose', ['nose_tip']],
    ['nostrils', ['nostril']],
    ['cheekbones', ['cheekbone']],
    ['cheek bones', ['cheekbone']],
    ['top of the cheek', ['cheekbone']],
    ['cheeks', ['cheek']],
    ['down the cheeks', ['cheek']],
    ['apples of the cheeks', ['cheek']],
    ['lower cheeks', ['lower_cheek']],
    ['muzzle', ['muzzle']],
    ['around the mouth', ['muzzle']],
    ['top lip', ['upper_lip']],
    ['upper lip', ['upper_lip']],
    ['above the lip', ['upper_lip']],
    ['under the nose', ['upper_lip']],
    ['lips', ['lips']],
    ['bottom lip', ['lower_lip']],
    ['under the lip', ['lower_lip']],
    ['corners of the mouth', ['mouth_corner']],
    ['smile lines', ['smile_line']],
    ['laugh line', ['smile_line']],
    ['chin', ['chin']],
    ['under the mouth', ['chin']],
    ['jaw', ['jaw']],
    ['along the jawline', ['jaw']],
    ['ears', ['ear']],
    ['ear lobes', ['ear']],
    ['neck', ['neck']],
    ['sides of the face', ['temple', 'cheek', 'jaw']],
    ['edge of the face', ['hairline', 'temple', 'cheek', 'jaw']],
    ['lower half of the face', ['lower_cheek', 'muzzle', 'chin', 'jaw']],
    ['forehead, nose and chin', ['forehead', 'nose', 'chin']],
    ['forehead nose chin', ['forehead', 'nose', 'chin']],
    ['temple + cheekbone', ['temple', 'cheekbone']],
    ['from the temples to the jaw', ['temple', 'jaw']],
    ['forhead and chekbones', ['forehead', 'cheekbone']],
]);

it('knows a place of the arm by what painters call it', function (string $words, Placement $placement, array $zones): void {
    expect(Reads::zones("sponge white {$words}", $placement))->toBe($zones);
})->with([
    ['upper arm', Placement::Arm, ['arm']],
    ['forearm', Placement::Arm, ['forearm']],
    ['lower arm', Placement::Arm, ['forearm']],
    ['round the wrist', Placement::Arm, ['wrist']],
    ['back of the hand', Placement::Arm, ['hand']],
    ['back of hand', Placement::Hand, ['hand']],
    ['knuckles', Placement::Hand, ['knuckles']],
    ['across the knuckles', Placement::Hand, ['knuckles']],
    ['fingers', Placement::Hand, ['fingers']],
    ['each finger', Placement::Hand, ['fingers']],
    ['', Placement::Hand, ['hand']],
    ['', Placement::Arm, ['arm']],
]);

it('leaves places that the design has not to the words', function (): void {
    $step = Reads::step('white wave on the wrist', Placement::Cheek);

    expect(Reads::zones('white wave on the wrist', Placement::Cheek))->toBe(['cheek'])->and($step->name)->toBe('wave');
});

it('reads the side however it is said', function (string $typed, Side $side): void {
    expect(Reads::step("sponge white {$typed}")->side)->toBe($side);
})->with([
    ['left cheek', Side::Left],
    ['cheek, left', Side::Left],
    ['cheek left side', Side::Left],
    ['on the left cheek', Side::Left],
    ['right cheek', Side::Right],
    ['right side of the forehead', Side::Right],
    ['over the right eye', Side::Right],
    ['both cheeks', Side::Both],
    ['cheek both sides', Side::Both],
    ['cheek, each side', Side::Both],
    ['left and right cheek', Side::Both],
    ['left right cheek', Side::Both],
    ['left + right temples', Side::Both],
    ['one side only, cheek', Side::Left],
    ['cheek', Side::Both],
    ['cheeks', Side::Both],
    ['nose', Side::Centre],
    ['left nose', Side::Centre],
    ['nose and left cheek', Side::Left],
    ['forehead in the centre', Side::Centre],
    ['cheek centre', Side::Centre],
]);

it('goes where the thing goes that is painted, on a face', function (string $line, array $zones): void {
    expect(Reads::zones($line))->toBe($zones);
})->with([
    ['whiskers', ['muzzle']],
    ['black whiskers, 3 a side', ['muzzle']],
    ['whisker dots', ['muzzle']],
    ['eyelashes', ['eyelid']],
    ['lashes', ['eyelid']],
    ['orange mane', ['hairline', 'temple', 'cheek']],
    ['hair lines round the mane', ['hairline', 'temple', 'cheek']],
    ['beard line', ['jaw']],
    ['brown beard', ['jaw', 'chin']],
    ['moustache', ['upper_lip']],
    ['gold crown', ['forehead']],
    ['tiara', ['forehead']],
    ['red bow', ['brow']],
    ['a blue tear', ['under_eye']],
    ['eye patch', ['eye_socket']],
    ['gold earring', ['ear']],
    ['yellow beak', ['nose']],
    ['eyeliner', ['eyelid']],
    ['eye flicks', ['outer_eye']],
]);

it('goes where the design is, on a smaller place', function (string $line, Placement $placement, array $zones): void {
    expect(Reads::zones($line, $placement))->toBe($zones);
})->with([
    ['whiskers', Placement::Cheek, ['cheek']],
    ['yellow beak', Placement::Cheek, ['cheek']],
    ['gold crown', Placement::Arm, ['arm']],
    ['red bow', Placement::Hand, ['hand']],
    ['eyes', Placement::Nose, ['nose']],
    ['mouth', Placement::Cheek, ['cheek']],
    ['dots', Placement::Brow, ['brow']],
    ['dots', Placement::Eye, ['eye_socket']],
    ['dots', Placement::Mask, ['eye_socket', 'temple']],
]);
