<?php

declare(strict_types=1);

use Core\Colour\Difference;
use Core\Colour\Lab;
use Core\Colour\LinearRgb;
use Core\Design\Colour;
use Core\Design\Wording\Words\ColourWords;

function lightness(?Colour $colour): float
{
    return Lab::of(LinearRgb::ofHex($colour->hex ?? '#000000'))->lightness;
}

it('makes lighter and darker colours of those it knows', function (string $name): void {
    $words = ColourWords::withOwn([]);

    expect(lightness($words->named("light {$name}")))->toBeGreaterThan(lightness($words->named($name)) + 5)
        ->and(lightness($words->named("pale {$name}")))->toBeGreaterThan(lightness($words->named("light {$name}")))
        ->and(lightness($words->named("dark {$name}")))->toBeLessThan(lightness($words->named($name)) - 5)
        ->and($words->named("metallic {$name}")?->hex)->toBe($words->named($name)?->hex)
        ->and($words->named("darker {$name}")?->name)->toBe("dark {$name}");
})->with(['blue', 'green', 'red', 'brown', 'purple']);

it('takes the kit’s own before any other, and knows nothing of what nobody calls so', function (): void {
    $words = ColourWords::withOwn([Colour::of('Blue', '#123456')]);

    expect($words->named('blue')?->hex)->toBe('#123456')->and($words->named('light blue')?->name)->toBe('light Blue')
        ->and($words->named('wobbly'))->toBeNull()->and($words->named('light wobbly'))->toBeNull()
        ->and($words->named('gray')?->name)->toBe('grey');
});

it('mixes two colours until they look as wanted, and more in equal parts', function (): void {
    $words = ColourWords::withOwn([]);
    $colour = static fn (string $name): Colour => $words->named($name) ?? throw new LogicException($name);
    $apart = static fn (string $wanted, string ...$of): float => Difference::betweenHex(
        $words->mixed($wanted, array_map($colour, array_values($of)))->hex,
        $colour($wanted)->hex,
    );

    expect($apart('grey', 'white', 'black'))->toBeLessThan(6.0)->and($apart('pink', 'red', 'white'))->toBeLessThan(20.0)
        ->and($apart('orange', 'yellow', 'red'))->toBeLessThan(20.0)
        ->and($words->mixed('lagoon', [$colour('blue'), $colour('white')])->name)->toBe('lagoon');
});
