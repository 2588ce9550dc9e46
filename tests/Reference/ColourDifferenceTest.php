<?php

declare(strict_types=1);

use Core\Colour\Difference;
use Core\Colour\Lab;
use Core\Colour\LinearRgb;
use Symfony\Component\Process\Process;

// Source: G. Sharma, W. Wu, E. N. Dalal, Color Research and Application 30 (2005), table 1: all 34 pairs, four decimals.
// The table was written down from memory; agreement to the last digit in all of it is what vouches for it.
it('gives the published CIEDE2000 differences', function (array $one, array $other, float $published): void {
    expect(round(Difference::between(new Lab(...$one), new Lab(...$other)), 4))->toBe($published)
        ->and(round(Difference::between(new Lab(...$other), new Lab(...$one)), 4))->toBe($published);
})->with([
    [[50.0, 2.6772, -79.7751], [50.0, 0.0, -82.7485], 2.0425],
    [[50.0, 3.1571, -77.2803], [50.0, 0.0, -82.7485], 2.8615],
    [[50.0, 2.8361, -74.0200], [50.0, 0.0, -82.7485], 3.4412],
    [[50.0, -1.3802, -84.2814], [50.0, 0.0, -82.7485], 1.0],
    [[50.0, -1.1848, -84.8006], [50.0, 0.0, -82.7485], 1.0],
    [[50.0, -0.9009, -85.5211], [50.0, 0.0, -82.7485], 1.0],
    [[50.0, 0.0, 0.0], [50.0, -1.0, 2.0], 2.3669],
    [[50.0, -1.0, 2.0], [50.0, 0.0, 0.0], 2.3669],
    [[50.0, 2.4900, -0.0010], [50.0, -2.4900, 0.0009], 7.1792],
    [[50.0, 2.4900, -0.0010], [50.0, -2.4900, 0.0010], 7.1792],
    [[50.0, 2.4900, -0.0010], [50.0, -2.4900, 0.0011], 7.2195],
    [[50.0, 2.4900, -0.0010], [50.0, -2.4900, 0.0012], 7.2195],
    [[50.0, -0.0010, 2.4900], [50.0, 0.0009, -2.4900], 4.8045],
    [[50.0, -0.0010, 2.4900], [50.0, 0.0010, -2.4900], 4.8045],
    [[50.0, -0.0010, 2.4900], [50.0, 0.0011, -2.4900], 4.7461],
    [[50.0, 2.5, 0.0], [50.0, 0.0, -2.5], 4.3065],
    [[50.0, 2.5, 0.0], [73.0, 25.0, -18.0], 27.1492],
    [[50.0, 2.5, 0.0], [61.0, -5.0, 29.0], 22.8977],
    [[50.0, 2.5, 0.0], [56.0, -27.0, -3.0], 31.9030],
    [[50.0, 2.5, 0.0], [58.0, 24.0, 15.0], 19.4535],
    [[50.0, 2.5, 0.0], [50.0, 3.1736, 0.5854], 1.0],
    [[50.0, 2.5, 0.0], [50.0, 3.2972, 0.0], 1.0],
    [[50.0, 2.5, 0.0], [50.0, 1.8634, 0.5757], 1.0],
    [[50.0, 2.5, 0.0], [50.0, 3.2592, 0.3350], 1.0],
    [[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387], 1.2644],
    [[63.0109, -31.0961, -5.8663], [62.8187, -29.7946, -4.0864], 1.2630],
    [[61.2901, 3.7196, -5.3901], [61.4292, 2.2480, -4.9620], 1.8731],
    [[35.0831, -44.1164, 3.7933], [35.0232, -40.0716, 1.5901], 1.8645],
    [[22.7233, 20.0904, -46.6940], [23.0331, 14.9730, -42.5619], 2.0373],
    [[36.4612, 47.8580, 18.3852], [36.2715, 50.5065, 21.2231], 1.4146],
    [[90.8027, -2.0831, 1.4410], [91.1528, -1.6435, 0.0447], 1.4441],
    [[90.9257, -0.5406, -0.9208], [88.6381, -0.8985, -0.7239], 1.5381],
    [[6.7747, -0.2908, -2.4247], [5.8714, -0.0985, -2.2286], 0.6377],
    [[2.0776, 0.0795, -1.1350], [0.9033, -0.0636, -0.5514], 0.9082],
]);

/**
 * The npm library culori, asked live: an implementation nobody here wrote.
 *
 * @param  list<array{string, string}>  $pairs
 * @return list<array{lab: array{float, float, float}, linear: array{float, float, float}, difference: float}>
 */
function culori(array $pairs): array
{
    $script = <<<'JS'
        import { converter, differenceCiede2000 } from 'culori';
        const lab = converter('lab65'), linear = converter('lrgb'), difference = differenceCiede2000();
        const pairs = JSON.parse(process.argv[1]);
        console.log(JSON.stringify(pairs.map(([one, other]) => {
            const { l, a, b } = lab(one), { r, g, b: blue } = linear(one);
            return { lab: [l, a, b], linear: [r, g, blue], difference: difference(one, other) };
        })));
        JS;
    $node = new Process(['node', '--input-type=module', '-e', $script, (string) json_encode($pairs)], dirname(__DIR__, 2));
    /** @var list<array{lab: array{float, float, float}, linear: array{float, float, float}, difference: float}> $answer */
    $answer = json_decode($node->mustRun()->getOutput(), true, flags: JSON_THROW_ON_ERROR);

    return $answer;
}

it('agrees with culori on linear light, Lab and the difference of hundreds of pairs', function (): void {
    $chance = new Random\Randomizer(new Random\Engine\Mt19937(2005));
    $hex = static fn (): string => sprintf('#%06x', $chance->getInt(0, 0xFFFFFF));
    $pairs = array_map(static fn (): array => [$hex(), $hex()], range(1, 400));

    foreach (culori($pairs) as $at => $theirs) {
        [$one, $other] = $pairs[$at];
        $linear = LinearRgb::ofHex($one);
        $lab = Lab::of($linear);
        foreach ([[$linear->red, $linear->green, $linear->blue], [$lab->lightness, $lab->a, $lab->b]] as $kind => $ours) {
            foreach ($ours as $axis => $value) {
                expect($value)->toEqualWithDelta($theirs[$kind === 0 ? 'linear' : 'lab'][$axis], 1e-4);
            }
        }
        expect(Difference::betweenHex($one, $other))->toEqualWithDelta($theirs['difference'], 1e-4)
            ->and($linear->hex())->toBe($one);
    }
});
