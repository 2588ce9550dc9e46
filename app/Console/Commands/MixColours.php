<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Core\Colour\Blend;
use Core\Colour\Defaults;
use Core\Colour\Difference;
use Core\Colour\Finish;
use Core\Colour\Lab;
use Core\Colour\LinearRgb;
use Core\Colour\Load;
use Core\Colour\Paint;
use Core\Colour\PaintKind;
use Core\Colour\Sight;
use Core\Colour\Word;
use Core\Design\Colour;
use Illuminate\Console\Command;

/** Exit 0, or 2 on bad input. */
final class MixColours extends Command
{
    private const BAD_INPUT = 2;

    protected $signature = 'inch:mix
        {colours* : one paint to lay, or two to stir together, as #rrggbb}
        {--over= : lay it over this ground; bare skin when nothing is said}
        {--coats=1 : so many coats}
        {--share=50 : percent of the second paint in the blend}
        {--finish=regular : regular, pearl, metallic or neon}
        {--kind=wax : wax, glycerine or split}
        {--load=normal : damp, normal or liquid}';

    protected $description = 'Print what paint looks like over a ground, coat by coat, or blended with another, as JSON';

    public function handle(): int
    {
        $colours = array_map(static fn (mixed $hex): string => is_string($hex) ? $hex : '', (array) $this->argument('colours'));
        $over = $this->option('over');
        $ground = is_string($over) ? $over : Defaults::SKIN;
        $wrong = array_filter([...$colours, $ground], static fn (string $hex): bool => preg_match(Colour::HEX, $hex) !== 1);
        $paint = $this->paint(...);
        $laid = $wrong === [] ? $paint($colours[0]) : null;
        if ($laid === null || count($colours) > 2 || ! $this->areNumbers()) {
            return $this->refuse();
        }
        $values = isset($colours[1]) ? $this->blend($laid, $paint($colours[1]) ?? $laid, $ground) : $this->layers($laid, $ground);
        $this->line(json_encode($values, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR));

        return self::SUCCESS;
    }

    /** @return array<string, mixed> */
    private function layers(Paint $paint, string $ground): array
    {
        $below = LinearRgb::ofHex(self::full($ground));

        return [
            'meant' => $paint->thick()->hex(),
            'over' => $below->hex(),
            'coats' => array_map(
                fn (int $coats): array => $this->seen($paint->over($below, $coats), $paint),
                range(1, (int) $this->option('coats')),
            ),
            'coversWith' => Sight::coatsToCover($paint, $below),
        ];
    }

    /** @return array<string, mixed> */
    private function blend(Paint $one, Paint $other, string $ground): array
    {
        $mixed = $one->mixedWith($other, (float) $this->option('share') / 100);

        return [
            'blend' => $this->seen($mixed->thick(), $one),
            'laid' => $this->seen($mixed->over(LinearRgb::ofHex(self::full($ground)), (float) $this->option('coats')), $mixed),
            'isMuddy' => Blend::isMuddy($one, $other),
        ];
    }

    /** @return array{hex: string, word: string, difference: float} */
    private function seen(LinearRgb $seen, Paint $meant): array
    {
        return [
            'hex' => $seen->hex(),
            'word' => Word::of($seen),
            'difference' => round(Difference::between(Lab::of($seen), Lab::of($meant->thick())), 2),
        ];
    }

    /** Null where an option is none of its choices. */
    private function paint(string $hex): ?Paint
    {
        $text = fn (string $name): string => is_string($this->option($name)) ? $this->option($name) : '';
        [$finish, $kind, $load] = [Finish::tryFrom($text('finish')), PaintKind::tryFrom($text('kind')), Load::tryFrom($text('load'))];

        return $finish === null || $kind === null || $load === null ? null : Paint::fromCake(self::full($hex), $finish, $kind, $load);
    }

    private function areNumbers(): bool
    {
        [$coats, $share] = [$this->option('coats'), $this->option('share')];

        return is_numeric($coats) && $coats >= 1 && $coats <= Defaults::MOST_COATS && is_numeric($share) && $share >= 0 && $share <= 100;
    }

    private function refuse(): int
    {
        $most = Defaults::MOST_COATS;
        $this->getOutput()->getErrorStyle()->writeln(
            "Give one or two colours as #rrggbb, such as: inch:mix '#fafaf7' --over='#d2402f' --coats=2. Coats go from 1 to "
                ."{$most}, the share from 0 to 100; "
            .'the finish is regular, pearl, metallic or neon, the kind wax, glycerine or split, the load damp, normal or liquid.',
        );

        return self::BAD_INPUT;
    }

    private static function full(string $hex): string
    {
        return '#'.ltrim($hex, '#');
    }
}
