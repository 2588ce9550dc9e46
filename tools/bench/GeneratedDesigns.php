<?php

declare(strict_types=1);

namespace Tools\bench;

use Core\Design\Colour;
use Core\Design\Design;
use Core\Design\Medium;
use Core\Design\Place\Placement;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Kit\BenchTimes;
use Core\Kit\ItemValues;
use Core\Kit\Kit;
use Core\Order\Circumstances;
use Core\Order\Schools\Schools;
use Core\Surface\Drying;
use Core\Timeline\ChangeoverMatrix;
use Core\Timeline\StepTimes;
use Core\Timeline\Timing;
use Core\Units\Duration;
use Random\Randomizer;

/**
 * Full faces by chance, as a painter might type them: bases, stencils, shapes, line work, accents, glitter, gems, mostly in
 * that order, with a few steps out of place. The same seed gives the same designs.
 */
final readonly class GeneratedDesigns
{
    /** Of ten steps, how many are of each kind. */
    private const MIX = ['base', 'base', 'shape', 'shape', 'line', 'line', 'line', 'accent', 'accent', 'rest'];

    public function __construct(private Randomizer $chance) {}

    public static function circumstances(Timing $timing = Timing::HandToHand): Circumstances
    {
        /** @var list<array{kind: string, name: string}> $items */
        $items = json_decode((string) file_get_contents(__DIR__.'/../../database/demo/kit.json'), true, flags: JSON_THROW_ON_ERROR);
        $kit = new Kit(array_map(static fn (array $values) => ItemValues::read($values['name'], $values), $items));

        return new Circumstances(
            kit: $kit,
            changeovers: new ChangeoverMatrix(BenchTimes::starting(), $kit),
            times: StepTimes::starting()->timedBy($timing),
            drying: Drying::atReference(),
            schools: Schools::usual(),
        );
    }

    /** Hardly any order in it: each step in a place of its own, with tools and colours by chance. */
    public function loose(int $steps): Design
    {
        $zones = array_values(array_filter(Zone::cases(), static fn (Zone $zone): bool => ! $zone->isOnLimb()));
        $list = [];
        for ($at = 0; $at < $steps; $at++) {
            $kind = ['shape', 'line', 'accent'][$this->chance->getInt(0, 2)];
            $list[] = $this->step("s{$at}", $kind)->withZones([$zones[$at % count($zones)]])->withSide(Side::Centre);
        }

        return new Design('By chance', Placement::FullFace, null, $list);
    }

    public function design(int $steps): Design
    {
        $kinds = [];
        for ($at = 0; $at < $steps; $at++) {
            $kinds[] = self::MIX[$at % count(self::MIX)];
        }
        $rank = array_flip(['base', 'shape', 'line', 'accent', 'rest']);
        usort($kinds, static fn (string $one, string $other): int => $rank[$one] <=> $rank[$other]);
        for ($swap = intdiv($steps, 6); $swap > 0; $swap--) {
            $at = $this->chance->getInt(0, $steps - 2);
            [$kinds[$at], $kinds[$at + 1]] = [$kinds[$at + 1], $kinds[$at]];
        }
        $list = [];
        foreach ($kinds as $at => $kind) {
            $list[] = $this->step("s{$at}", $kind);
        }

        return new Design('By chance', Placement::FullFace, null, $list);
    }

    private function step(string $id, string $kind): Step
    {
        [$medium, $technique, $tool] = $this->one(match ($kind) {
            'base' => [[Medium::Sponge, Technique::Stipple, 'half sponge'], [Medium::Sponge, Technique::Sweep, 'round sponge']],
            'shape' => [
                [Medium::Brush, Technique::Fill, 'round 6'],
                [Medium::Brush, Technique::Petal, 'flat 1/2 in'],
                [Medium::Brush, Technique::Fill, 'filbert'],
            ],
            'line' => [
                [Medium::Brush, Technique::Line, 'round 2'],
                [Medium::Brush, Technique::Stripe, 'round 4'],
                [Medium::Brush, Technique::Outline, 'round 1'],
            ],
            'accent' => [
                [Medium::Brush, Technique::Teardrop, 'round 3'],
                [Medium::Brush, Technique::Dots, 'round 2'],
                [Medium::Brush, Technique::Swirl, 'round 3'],
            ],
            default => [[Medium::Glitter, Technique::LooseGlitter, 'poof bottle'], [Medium::Glitter, Technique::GlitterGel, 'lantern gel'],
                [Medium::Gem, Technique::Gem, 'self-stick'], [Medium::Stencil, Technique::Stencil, 'fish scale']],
        });
        // Without the zones that came later, the designs of a seed stay what they were, and figures can be compared.
        $later = [Zone::InnerEye, Zone::SmileLine];
        $zones = array_values(array_filter(
            Zone::cases(),
            static fn (Zone $zone): bool => ! $zone->isOnLimb() && $zone !== Zone::Eyelid && ! $zone->isLip()
                && ! in_array($zone, $later, true),
        ));
        $isBare = $medium === Medium::Glitter || $medium === Medium::Gem;

        return new Step(
            id: $id, name: "{$technique->label()} {$id}", medium: $medium, tool: $tool, colours: $isBare ? [] : [$this->colour()],
            zones: array_slice(
                $this->chance->shuffleArray($zones),
                0,
                $kind === 'base' ? $this->chance->getInt(2, 5) : $this->chance->getInt(1, 2),
            ),
            side: Side::Both, coats: 1, time: Duration::ofSeconds($this->chance->getInt(6, 30)), dryFor: Duration::zero(),
            optional: $this->chance->getInt(0, 3) === 0, note: '', technique: $technique,
        );
    }

    private function colour(): Colour
    {
        [$name, $hex] = $this->one([
            ['white', '#fafaf7'], ['black', '#1c1c22'], ['coral red', '#d2402f'], ['deep blue', '#1d4e89'],
            ['lamp yellow', '#f6c945'], ['sea grey', '#8593a0'],
        ]);

        return Colour::of($name, $hex);
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $list
     * @return T
     */
    private function one(array $list): mixed
    {
        return $list[$this->chance->getInt(0, count($list) - 1)];
    }
}
