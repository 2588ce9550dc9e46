<?php

declare(strict_types=1);

use Core\Design\Medium;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Tests\Core\Paint;

it('wants a child to hold still for brush work by the eyes or on the lips, or as typed', function (Step $step, bool $still): void {
    expect($step->wantsStill())->toBe($still);
})->with(fn (): array => [
    // Common practice, no source.
    'a line on the lid' => [
        Paint::step('a', 10, Medium::Brush, 'round 1', zones: [Zone::Eyelid], technique: Technique::Line), true,
    ],
    'a lip' => [Paint::step('a', 10, Medium::Brush, 'round 1', zones: [Zone::UpperLip], technique: Technique::Line), true],
    'a sponge on the lid' => [Paint::step('a', 10, Medium::Sponge, zones: [Zone::Eyelid]), false],
    'whiskers on the cheek' => [
        Paint::step('a', 10, Medium::Brush, 'round 1', zones: [Zone::Cheek], technique: Technique::Line), false,
    ],
    'typed so' => [
        Paint::step('a', 10, Medium::Brush, 'round 1', zones: [Zone::Cheek], name: 'Tower, hold very still', technique: Technique::Line),
        true,
    ],
    'still wet' => [Paint::step('a', 10, zones: [Zone::Cheek], name: 'Muzzle while still wet'), false],
]);
