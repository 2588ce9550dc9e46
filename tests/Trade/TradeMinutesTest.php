<?php

declare(strict_types=1);

use Core\Design\Design;
use Core\Design\DesignFile;
use Core\Design\Place\Placement;
use Core\Design\Wording\ListReader;
use Core\Design\Wording\Vocabulary;
use Core\Timeline\ChangeoverMatrix;
use Core\Timeline\StepTimes;
use Core\Timeline\Timeline;
use Core\Timeline\TimeSource;
use Core\Timeline\Timing;

/** @return list<Design> those of the demo, typed in by the team */
function demoDesigns(): array
{
    /** @var array<string, mixed> $file */
    $file = json_decode((string) file_get_contents(__DIR__.'/../../database/demo/designs.json'), true, 32, JSON_THROW_ON_ERROR);

    return DesignFile::read($file);
}

// Common practice, no source: a quick full face takes 3 to 4 minutes, with all its extras up to 5; an eye or half mask 5 at
// most; a cheek design 1 minute for its core and up to 3 with highlights.
it('takes the minutes that the trade quotes', function (Placement $placement, float $least, float $most): void {
    $designs = array_filter(demoDesigns(), static fn (Design $design): bool => $design->placement === $placement);

    expect($designs)->not->toBe([]);
    foreach ($designs as $design) {
        $minutes = Timeline::of($design->steps, ChangeoverMatrix::starting(), StepTimes::starting())->makespan()->seconds() / 60;
        expect($minutes)->toBeGreaterThanOrEqual($least, $design->name)->toBeLessThanOrEqual($most, $design->name);
    }
})->with([[Placement::FullFace, 3, 5], [Placement::Mask, 2, 5], [Placement::Cheek, 1, 3]]);

// Common practice, no source: a brush taken from black to white and back all day costs far more than four brushes that each
// keep their colour.
it('shows what rinsing one brush between black and white costs a face', function (): void {
    $line = static fn (string $tool, string $hex): array => [
        'name' => "Line {$hex}", 'medium' => 'brush', 'tool' => $tool, 'colours' => [['hex' => $hex]], 'zones' => ['cheek'],
        'seconds' => 10,
    ];
    $face = static fn (string $black, string $white): Design => DesignFile::read(['designs' => [[
        'name' => 'Puffin mask', 'placement' => 'mask',
        'steps' => [$line($black, '#111111'), $line($white, '#ffffff'), $line($black, '#111111'), $line($white, '#ffffff')],
    ]]])[0];
    $seconds = static fn (Design $design): float => Timeline::of(
        $design->steps,
        ChangeoverMatrix::starting(),
        StepTimes::starting()->timedBy(Timing::StrokesAlone),
    )->makespan()->seconds();

    expect($seconds($face('round 2', 'round 2')) - $seconds($face('black round 2', 'white round 2')))->toBeGreaterThanOrEqual(15.0);
});

/**
 * A design whose minutes come from nothing but the work there is in it.
 *
 * @param  list<string>  $lines  typed steps, without a time
 */
function minutesOfWork(Placement $placement, array $lines): float
{
    $steps = (new ListReader(Vocabulary::plain()))->read(implode("\n", $lines), $placement)->steps();
    $design = new Design('Generic', $placement, null, $steps);
    foreach ($steps as $step) {
        expect(StepTimes::starting()->of($step)->source)->toBe(TimeSource::Work, $step->name);
    }

    return Timeline::of($design->steps, ChangeoverMatrix::starting(), StepTimes::starting())->makespan()->seconds() / 60;
}

/** @return list<string> a full-face animal: base, muzzle, nose, lines and a few dots */
function fullFaceAnimal(bool $whiteBase): array
{
    return [
        'sponge stipple sea grey forehead temple nose bridge cheekbone cheek under eye both sides',
        ...($whiteBase ? ['sponge stipple white muzzle chin brow eye socket both sides'] : []),
        'brush fill black nose tip centre',
        'brush line black upper lip centre',
        'brush 3 stripes black forehead centre',
        'brush 3 stripes black cheek both sides',
        'brush 3 whiskers black muzzle both sides',
        'brush 3 dots black muzzle both sides',
        'brush 2 teardrops white brow both sides',
    ];
}

// Common practice, no source: a quick full-face animal takes 3 to 4 minutes, once measured at 3:14.
it('finds a quick full face in three to four minutes by the work in it', function (): void {
    expect(minutesOfWork(Placement::FullFace, fullFaceAnimal(true)))->toBeGreaterThanOrEqual(3.0)->toBeLessThanOrEqual(4.0);
});

// Common practice, no source: dropping the white base saves 30 to 60 seconds.
it('saves half a minute to a minute without the white base', function (): void {
    $saved = 60 * (minutesOfWork(Placement::FullFace, fullFaceAnimal(true)) - minutesOfWork(Placement::FullFace, fullFaceAnimal(false)));

    expect($saved)->toBeGreaterThanOrEqual(30.0)->toBeLessThanOrEqual(60.0);
});

// Common practice, no source: a split-cake cheek design is one minute for its core; highlights and dots take it past that.
it('finds the core of a split-cake cheek in about a minute, and more with highlights and dots', function (): void {
    $core = [
        'brush 5 petals deep blue tide blue foam blue cheek left',
        'brush 2 leaves green white cheek left',
        'brush 3 dots black cheek left',
        'brush 5 teardrops black cheek left',
    ];
    $party = [...$core, 'brush 6 teardrops white cheek left', 'brush 8 dots white cheek left'];

    expect(minutesOfWork(Placement::Cheek, $core))->toBeGreaterThanOrEqual(0.6)->toBeLessThanOrEqual(1.1)
        ->and(minutesOfWork(Placement::Cheek, $party))->toBeGreaterThan(1.1)->toBeLessThanOrEqual(2.0);
});

// Common practice, no source: a split-cake eye mask takes five minutes or less.
it('finds a split-cake eye mask under five minutes', function (): void {
    $mask = [
        'sponge sweep plum shell pink lilac eyelid eye socket temple both sides', 'brush 5 petals plum lilac temple both sides',
        'brush outline black temple both sides',
        'brush 4 teardrops black under eye both sides', 'brush 2 swirl black outer eye both sides',
        'brush 8 dots white temple both sides', 'glitter gel eyelid both sides', '1 self-stick gem between brows centre',
    ];

    expect(minutesOfWork(Placement::Mask, $mask))->toBeGreaterThan(2.0)->toBeLessThanOrEqual(5.0);
});
