<?php

declare(strict_types=1);

use Core\Design\Medium;
use Core\Design\Place\Placement;
use Core\Design\Place\Shape;
use Core\Design\Place\Zone;
use Core\Design\Technique;

it('has a usual technique for every medium, which suits it', function (Medium $medium): void {
    expect(Technique::usualOf($medium)->suits($medium))->toBeTrue();
})->with(Medium::cases());

it('has a usual medium for every technique, which it suits', function (Technique $technique): void {
    expect($technique->suits($technique->usualMedium()))->toBeTrue()
        ->and($technique->covers() && $technique->isCounted())->toBeFalse();
})->with(Technique::cases());

it('has skin in every zone, less than a face has in all', function (): void {
    $face = array_filter(Zone::cases(), static fn (Zone $zone): bool => ! $zone->isOnLimb());

    foreach (Zone::cases() as $zone) {
        expect($zone->area())->toBeGreaterThan(0.0)->toBeLessThan(200.0);
    }
    expect(count($face))->toBeGreaterThanOrEqual(25);
});

it('gives each placement its own skin, and none to both', function (): void {
    foreach (Zone::cases() as $zone) {
        expect(Placement::Arm->has($zone))->toBe(Placement::Hand->has($zone))->toBe(! Placement::FullFace->has($zone));
    }
    expect(Placement::Cheek->has(Zone::Temple))->toBeTrue();
});

it('calls every shape, zone and technique by words of its own', function (): void {
    foreach ([Shape::cases(), Zone::cases(), Technique::cases()] as $cases) {
        $labels = array_map(static fn (Shape|Zone|Technique $case): string => $case->label(), $cases);
        expect(array_unique($labels))->toHaveCount(count($cases))
            ->and(preg_grep('/^[a-z][a-z -]*$/', $labels))->toHaveCount(count($cases));
    }
    expect(count(Shape::cases()))->toBeGreaterThanOrEqual(40);
});

it('has no beard where none grows', function (): void {
    expect(Zone::Chin->isBearded())->toBeTrue()->and(Zone::Jaw->isBearded())->toBeTrue()
        ->and(Zone::Forehead->isBearded())->toBeFalse()->and(Zone::Eyelid->isBearded())->toBeFalse()
        ->and(Zone::Hand->isBearded())->toBeFalse();
});
