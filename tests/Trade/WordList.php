<?php

declare(strict_types=1);

namespace Tests\Trade;

use Core\Design\Colour;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Wording\LineReading;
use Core\Design\Wording\ListReader;
use Core\Design\Wording\ListReading;

/**
 * A list of steps as a painter typed it, with what each line means below it:
 *
 *     thin red stripes on the sails, round 1, when dry, 30s
 *     > brush stripe | red | cheek | left | 30 | dry
 *
 * medium and technique, colours, zones, side, seconds, and what else there is: opt, dry, x3. "a / b" where a painter would
 * accept either; "> heading", "> header" and "> note" are no steps. WHOLE is a whole face, MASK what a mask covers.
 */
final readonly class WordList
{
    private const WHOLE = ['forehead', 'temple', 'nose', 'cheek', 'chin', 'jaw', 'eye_socket', 'cheekbone'];

    private const MASK = ['eye_socket', 'temple'];

    /** @param  list<array{string, list<string>}>  $lines  each typed line with what it means */
    private function __construct(public string $name, private string $placement, private array $lines) {}

    /** @return array<string, self> by name */
    public static function all(string $folder): array
    {
        $lists = [];
        foreach (glob(__DIR__."/words/{$folder}/*.txt") ?: [] as $path) {
            $name = basename($path, '.txt');
            $lists[$name] = self::of($name, (string) file_get_contents($path));
        }

        return $lists;
    }

    private static function of(string $name, string $file): self
    {
        $placement = '';
        $lines = [];
        foreach (explode("\n", rtrim($file)) as $line) {
            match (true) {
                str_starts_with($line, '# ') => null,
                str_starts_with($line, 'placement: ') => $placement = $line,
                str_starts_with($line, '> ') => $lines[count($lines) - 1][1][] = substr($line, 2),
                default => $lines[] = [$line, []],
            };
        }

        return new self($name, $placement, $lines);
    }

    public function text(): string
    {
        return $this->placement."\n".implode("\n", array_column($this->lines, 0));
    }

    public function read(ListReader $reader): ListReading
    {
        return $reader->read($this->text(), null);
    }

    /** @return array{lines: int, understood: int, fields: int, right: int, wrong: list<string>} */
    public function score(ListReader $reader): array
    {
        $readings = array_slice($this->read($reader)->lines, 1);
        $score = ['lines' => 0, 'understood' => 0, 'fields' => 0, 'right' => 0, 'wrong' => []];
        foreach ($this->lines as $at => [$typed, $means]) {
            $reading = $readings[$at];
            $score['lines']++;
            $isStep = array_filter($means, static fn (string $one): bool => ! in_array($one, ['heading', 'header', 'note'], true)) !== [];
            $understood = $isStep ? $reading->question() === null && $reading->steps !== [] : $reading->steps === [];
            $score['understood'] += $understood ? 1 : 0;
            if (! $understood) {
                $score['wrong'][] = "{$typed}\n      ".($reading->question()->asks ?? 'taken for '.$reading->kind->value);
            }
            foreach (self::fields($reading, $means) as $field => [$wanted, $is, $fits]) {
                $score['fields']++;
                $score['right'] += $fits ? 1 : 0;
                if (! $fits) {
                    $score['wrong'][] = "{$typed}\n      {$field}: {$is}, not {$wanted}";
                }
            }
        }

        return $score;
    }

    /**
     * @param  list<string>  $means
     * @return array<string, array{string, string, bool}> wanted, read, whether that fits
     */
    private static function fields(LineReading $reading, array $means): array
    {
        $fields = [];
        $steps = array_map(static fn ($one): Step => $one->step, $reading->steps);
        foreach (array_values(array_filter($means, static fn (string $one): bool => str_contains($one, '|'))) as $place => $wanted) {
            $step = $steps[$place] ?? null;
            foreach (self::compared($wanted, $step) as $field => $compared) {
                $fields["{$place} {$field}"] = $compared;
            }
        }

        return $fields;
    }

    /** @return array<string, array{string, string, bool}> */
    private static function compared(string $wanted, ?Step $step): array
    {
        [$how, $colours, $zones, $side, $seconds] = array_map(trim(...), explode('|', $wanted));
        $more = trim(explode('|', $wanted)[5] ?? '');
        $flag = static fn (string $name): string => preg_match("/\\b{$name}\\b/", $more) === 1 ? 'yes' : 'no';
        $media = preg_replace('/(^|\/ )(\w+) \w+/', '$1$2', $how) ?? '';
        $count = preg_match_all('/x(\d+)/', $more, $found) > 0 ? implode(' / ', $found[1]).(str_contains($more, '/ -') ? ' / -' : '') : '-';
        $read = $step === null ? [] : [
            'medium' => $step->medium->value, 'technique' => "{$step->medium->value} {$step->technique->value}",
            'colours' => implode(
                ', ',
                array_map(static fn (Colour $colour): string => mb_strtolower($colour->name), $step->colours),
            ) ?: '-',
            'side' => $step->side->value, 'seconds' => $step->time === null ? '-' : (string) $step->time->seconds(),
            'optional' => $step->optional ? 'yes' : 'no', 'drying' => $step->dryFor->isZero() ? 'no' : 'yes',
            'count' => (string) ($step->count ?? '-'),
        ];
        $wishes = [
            'medium' => $media, 'technique' => $how, 'colours' => $colours, 'side' => $side, 'seconds' => $seconds,
            'optional' => $flag('opt'), 'drying' => $flag('dry'), 'count' => $count,
        ];
        $fields = [];
        foreach ($wishes as $field => $wish) {
            $is = $read[$field] ?? 'no step';
            $fields[$field] = [$wish, $is, in_array($is, array_map(trim(...), explode('/', $wish)), true)];
        }
        $lain = $step === null ? [] : array_map(static fn (Zone $zone): string => $zone->value, $step->zones);
        $fields['zones'] = [$zones, implode(', ', $lain) ?: '-', $step !== null && self::isThere($lain, $zones)];

        return $fields;
    }

    /**
     * One or two places must be the same; of three and more, two thirds.
     *
     * @param  list<string>  $lain
     */
    private static function isThere(array $lain, string $wanted): bool
    {
        foreach (explode('/', $wanted) as $wish) {
            $zones = [];
            foreach (array_map(trim(...), explode(',', $wish)) as $zone) {
                $zones = [...$zones, ...match ($zone) {
                    'WHOLE' => self::WHOLE, 'MASK' => self::MASK, '-' => [], default => [$zone]
                }];
            }
            $shared = count(array_intersect($zones, $lain));
            $isMany = count($zones) > 2;
            if ($isMany ? $shared * 3 >= count($zones) * 2 : $shared === count($zones) && count($lain) === count($zones)) {
                return true;
            }
        }

        return false;
    }
}
