<?php

declare(strict_types=1);

use Core\Design\Step;
use Core\Order\Constraint;
use Core\Order\Constraints;
use Core\Order\Craft\Fix;
use Core\Order\Craft\Repairs;
use Core\Order\DesignFacts;
use Core\Order\PaintedSequence;
use Core\Order\Schools\School;
use Core\Units\Duration;
use Tests\Core\Order\Craft;

/** @return list<string> */
function named(?Fix $fix): array
{
    return array_map(static fn (Step $step): string => $step->name, $fix->design->steps ?? []);
}

function repairs(string ...$lines): Repairs
{
    return Repairs::of(PaintedSequence::of(Craft::cheek(...$lines), Craft::circumstances()));
}

it('moves a step to another place', function (int $from, int $to, array $order): void {
    expect(Fix::moved(4, $from, $to))->toBe($order);
})->with([[0, 0, [0, 1, 2, 3]], [0, 3, [1, 2, 3, 0]], [3, 0, [3, 0, 1, 2]], [1, 2, [0, 2, 1, 3]]]);

it('leaves out what adds least until it is short enough, and says the time', function (): void {
    $lines = [
        'Base: half sponge sea grey cheek left, 0:30',
        'Dots: 5 black dots with round 2 on jaw, left, 0:10, optional, look 2',
        'Line: brush round 2 black line temple left, 0:10, optional, look 7',
    ];
    $repairs = repairs(...$lines);

    expect(named($repairs->leavingOut(Duration::ofSeconds(50))))->toBe(['Base', 'Line'])
        ->and($repairs->leavingOut(Duration::ofSeconds(50))?->label)->toBe('Leave out “Dots”: 0:40')
        ->and(named($repairs->leavingOut(Duration::ofSeconds(30))))->toBe(['Base'])
        ->and($repairs->leavingOut(Duration::ofSeconds(10)))->toBeNull();
});

it('finds what fills a wait best, and nothing that would break a rule', function (): void {
    $night = 'Night: half sponge night blue cheek left, 0:20';
    $stars = 'Stars: 3 white starbursts with round 2 on cheek, left, 0:10, dry 1:00';

    expect(repairs($night, $stars, 'Waves: brush round 4 deep blue stripe jaw left, 0:30')->fillerBefore(1)?->moved)->toBe(2)
        ->and(repairs($night, $stars, 'Edge: brush round 2 black outline cheek left, 0:30')->fillerBefore(1))->toBeNull();
});

it('mends a wait by waiting, and a wrong order by the move that breaks least', function (): void {
    $design = Craft::cheek(
        'Line: brush round 2 black line cheek left, 0:10',
        'Base: half sponge sea grey cheek left, 0:30',
        'Jaw: brush round 2 black line jaw left, 0:40',
    );
    $course = PaintedSequence::of($design, Craft::circumstances());
    $broken = array_values(array_filter(
        $course->constraints->all,
        static fn (Constraint $constraint): bool => $constraint->rule === 'base-before-line',
    ));

    expect(named(Repairs::of($course)->mending($broken[0])))->toBe(['Base', 'Line', 'Jaw']);
});

it('keeps all that constrains the same two steps in one lag', function (): void {
    $lags = Constraints::lagsOf([
        new Constraint(rule: 'a', severity: Core\Order\Craft\Severity::Warn, from: 0, to: 1, why: '', least: 5, most: 90),
        new Constraint(rule: 'b', severity: Core\Order\Craft\Severity::Warn, from: 0, to: 1, why: '', least: 20),
        new Constraint(rule: 'c', severity: Core\Order\Craft\Severity::Warn, from: 0, to: 1, why: '', least: 0, most: 60),
    ]);

    expect($lags)->toHaveCount(1)->and($lags[0]->least)->toBe(20)->and($lags[0]->most)->toBe(60);
});

it('takes wishes in only where they close no circle', function (): void {
    $design = Craft::face(
        'Chin line: brush round 3 black line chin, 0:10',
        'Brow fill: brush round 6 sand fill forehead, 0:10',
        'Chin fill: brush round 6 sand fill chin, 0:10',
        'Brow line: brush round 3 black line forehead, 0:10',
    );
    $constraints = Constraints::of(new DesignFacts($design, Craft::circumstances(School::TopToBottom)));
    $pairs = array_map(static fn (Constraint $constraint): string => "{$constraint->from}{$constraint->to}", $constraints->all);

    // What was typed over what stays: the chin’s line under its fill, the brow’s fill under its line; the wishes lead no way back.
    expect($pairs)->toContain('02', '13', '12', '30')
        ->and(array_filter(
            [...$constraints->firm, ...$constraints->craft],
            static fn (Constraint $constraint): bool => $constraint->rule === 'top-to-bottom',
        ))->toBe([]);
});

it('lets what was typed of drying stand', function (): void {
    $design = Craft::cheek('Base: half sponge sea grey cheek left, 0:30', 'Line: brush round 2 black line cheek left, 0:10, dry 2:00');
    $constraints = Constraints::of(new DesignFacts($design, Craft::circumstances()));
    $typed = array_values(array_filter(
        $constraints->all,
        static fn (Constraint $constraint): bool => $constraint->rule === Constraints::TYPED_DRYING,
    ));

    expect($typed)->toHaveCount(1)->and($typed[0]->least)->toBe(120_000);
});
