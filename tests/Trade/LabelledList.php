<?php

declare(strict_types=1);

namespace Tests\Trade;

use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Place\Zone;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Design\Wording\LineReading;
use Core\Design\Wording\ListReader;

/**
 * A list that another hand typed and labelled: what each line means, field by field, stands in expected.json. Several values are
 * any of them; null is any.
 */
final readonly class LabelledList
{
    /** What the labels call a technique, by ours. */
    private const CALLED = [
        'double_swirl' => 'swirl', 'loose_glitter' => 'glitter', 'glitter_gel' => 'glitter', 'lash' => 'line', 'lift_off' => 'lift off',
    ];

    /** @param  list<array<string, mixed>>  $labels */
    private function __construct(public string $name, private string $text, private array $labels) {}

    /** @return array<string, self> by name */
    public static function all(): array
    {
        $folder = __DIR__.'/labelled';
        $labels = json_decode((string) file_get_contents("{$folder}/expected.json"), true, 64, JSON_THROW_ON_ERROR);
        $lists = [];
        foreach (is_array($labels) ? $labels : [] as $name => $lines) {
            /** @var list<array<string, mixed>> $lines */
            $lists[(string) $name] = new self((string) $name, (string) file_get_contents("{$folder}/{$name}"), $lines);
        }

        return $lists;
    }

    /** @return array<string, array{int, int, list<string>}> how many are right of how many, and what is wrong, by what is counted */
    public function score(ListReader $reader): array
    {
        $readings = array_slice($reader->read($this->text, null)->lines, 1);
        $score = [];
        foreach ($this->labels as $at => $label) {
            $reading = $readings[$at];
            $wrong = $this->wrongIn($reading, $label, $score);
            self::count($score, ($label['kind'] ?? '') === 'none' ? 'left alone' : 'lines', $wrong === [], $reading->text, implode('; ',
                $wrong));
        }

        return $score;
    }

    /**
     * @param  array<string, mixed>  $label
     * @param  array<string, array{int, int, list<string>}>  $score
     * @return list<string>
     */
    private function wrongIn(LineReading $reading, array $label, array &$score): array
    {
        if (($label['kind'] ?? '') === 'none') {
            return $reading->steps === [] ? [] : ['a step came of it'];
        }
        if (($label['kind'] ?? '') === 'act' && $reading->steps === []) {
            return [];
        }
        /** @var list<array<string, mixed>> $wanted */
        $wanted = $label['steps'] ?? [$label];
        if (count($wanted) > 1) {
            self::count($score, 'several steps', count($wanted) === count($reading->steps), $reading->text,
                count($reading->steps).' steps');
        }
        $wrong = [];
        foreach ($wanted as $place => $one) {
            foreach (self::compared($reading->steps[$place]->step ?? null, $one) as $field => [$fits, $words]) {
                self::count($score, 'fields', $fits, $reading->text, $words);
                self::count($score, $field, $fits, $reading->text, $words);
                $wrong = $fits ? $wrong : [...$wrong, $words];
            }
        }

        return $wrong;
    }

    /**
     * @param  array<string, mixed>  $label
     * @return array<string, array{bool, string}>
     */
    private static function compared(?Step $step, array $label): array
    {
        $isAct = $label['kind'] === 'act';
        $is = $step === null ? [] : [
            'medium' => [$step->medium === Medium::Bare ? 'other' : $step->medium->value],
            'technique' => [self::CALLED[$step->technique->value] ?? $step->technique->value],
            'side' => [$step->side->value],
            'seconds' => [$step->time === null || $step->time->isZero() ? 'none' : (string) $step->time->seconds()],
            'optional' => [$step->optional],
            'dry_below' => [! $step->dryFor->isZero()],
            'count' => [$step->count],
        ];
        $fields = [];
        foreach ($is === [] ? ['medium' => []] : $is as $field => [$value]) {
            $wants = $label[$field] ?? null;
            if ($wants === null || $wants === 'any' || ($isAct && $field !== 'technique' && $field !== 'seconds')) {
                continue;
            }
            $fields[$field] = [
                self::fits($field, $value, (array) $wants),
                "{$field} ".json_encode($value).', not '.json_encode($wants),
            ];
        }
        if ($step !== null && ! $isAct) {
            $fields += self::places($step, $label) + self::colours($step, $label);
        }

        return $fields;
    }

    /** @param  array<mixed>  $wants */
    private static function fits(string $field, string|bool|int|null $value, array $wants): bool
    {
        return in_array($field === 'seconds' && $value !== 'none' ? (float) $value : $value, $wants, $field !== 'seconds');
    }

    /**
     * @param  array<string, mixed>  $label
     * @return array<string, array{bool, string}>
     */
    private static function places(Step $step, array $label): array
    {
        if (! is_array($label['zones'] ?? null)) {
            return [];
        }
        $base = array_map(self::family(...), array_map(strval(...), $label['zones']));
        $lain = array_values(array_unique(array_map(static fn (Zone $zone): string => self::family($zone->value), $step->zones)));
        $shared = count(array_intersect($lain, $base));

        return ['zones' => [$shared > 0 && $shared * 2 >= count($lain), 'zones '.implode(',', $lain).', not '.implode(',', $base)]];
    }

    /** The labels know no finer places than these. */
    private static function family(string $zone): string
    {
        return match ($zone) {
            'eyelid', 'eye_socket', 'inner_eye', 'outer_eye', 'under_eye' => 'eye',
            'upper_lip', 'lower_lip' => 'lips',
            'between_brows' => 'brow',
            'nose_tip', 'nose_bridge', 'nostril' => 'nose',
            'cheekbone', 'lower_cheek' => 'cheek',
            'hairline' => 'forehead',
            'forearm', 'wrist' => 'arm',
            default => $zone,
        };
    }

    /**
     * @param  array<string, mixed>  $label
     * @return array<string, array{bool, string}>
     */
    private static function colours(Step $step, array $label): array
    {
        if (! is_array($label['colours'] ?? null)) {
            return [];
        }
        $names = array_map(static fn (Colour $colour): string => mb_strtolower($colour->name), $step->colours);
        $wants = array_map(strval(...), $label['colours']);
        $lacks = array_filter($wants, static fn (string $want): bool => ! self::isAmong($want, $names));

        return ['colours' => [$lacks === []
            && count($names) === count($wants), 'colours '.implode(',', $names).', not '.implode(',', $wants)]];
    }

    /** @param  list<string>  $names */
    private static function isAmong(string $want, array $names): bool
    {
        foreach ($names as $name) {
            if ($name === $want || str_contains($name, $want) || str_contains($want, $name)) {
                return true;
            }
        }

        return false;
    }

    /** @param  array<string, array{int, int, list<string>}>  $score */
    private static function count(array &$score, string $what, bool $isRight, string $text, string $wrong): void
    {
        [$right, $of, $list] = $score[$what] ?? [0, 0, []];
        $score[$what] = [$right + ($isRight ? 1 : 0), $of + 1, $isRight ? $list : [...$list, trim($text)."\n      ".$wrong]];
    }
}
