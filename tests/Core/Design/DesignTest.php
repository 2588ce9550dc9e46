<?php

declare(strict_types=1);

use Core\Design\Design;
use Core\Design\InvalidDesign;
use Core\Design\Place\Placement;
use Core\Timeline\ChangeoverMatrix;
use Core\Timeline\StepTimes;
use Core\Timeline\Timeline;
use Core\Units\Duration;
use Tests\Core\Paint;

it('refuses a design that makes no sense, and says what to do', function (Closure $make, string $says): void {
    expect($make)->toThrow(InvalidDesign::class, $says);
})->with([
    'nameless' => [fn () => new Design(" \t", Placement::Mask, null, []), 'no name'],
    'two steps of one id' => [fn () => Paint::design(Paint::step('a'), Paint::step('a')), 'step a twice'],
    '121 steps' => [fn () => Paint::design(...array_map(static fn (int $id) => Paint::step("s{$id}"), range(1, 121))), '120 at most'],
]);

it('may be empty, and then takes no time', function (): void {
    expect(Timeline::of(Paint::design()->steps, ChangeoverMatrix::starting(), StepTimes::starting())->makespan()->isZero())->toBeTrue();
});

it('takes as long as its steps and what lies between them', function (): void {
    $design = Paint::design(Paint::step('a', seconds: 40), Paint::step('b', seconds: 20));

    expect(Timeline::of($design->steps, ChangeoverMatrix::starting(), StepTimes::starting())->makespan())->toEqual(Duration::ofSeconds(60));
});
