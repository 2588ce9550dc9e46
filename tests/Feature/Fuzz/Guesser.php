<?php

declare(strict_types=1);

namespace Tests\Feature\Fuzz;

use App\Rules\CaseOf;
use BackedEnum;
use Random\Engine\Mt19937;
use Random\Randomizer;
use ReflectionProperty;

/** Makes bodies of requests from their own rules: mostly what is asked for, here and there what nobody would send. */
final readonly class Guesser
{
    /** Stands for a number that JSON can write and PHP cannot. */
    public const HUGE = '@@1e999@@';

    private const HOSTILE = [
        null, true, false, '', '1', '0', ' ', 'null', -1, 0, 1, 2.0, 2.5, PHP_INT_MAX, PHP_INT_MIN, 1e300, self::HUGE, [], [[]], [null],
        ['a' => 1], "\0", "NUL\0inside", "\u{202E}turned", "\u{FEFF}", '2026-02-30', "2026-11-27\0", '../../etc', '%00', '0:00', '-1:30',
        '99999999999999999999', '1e5', 'NaN', '<script>', "' OR 1=1", '🦭🦭🦭', 'ﷺ', [1, '1', [1]], [['id' => []]], '{}', "line\nend",
    ];

    private Randomizer $random;

    /** @param  list<string>  $ids  of what there is, by which a body may go */
    public function __construct(int $seed, private array $ids)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function chance(int $percent): bool
    {
        return $this->random->getInt(1, 100) <= $percent;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $among
     * @return T
     */
    public function one(array $among): mixed
    {
        return $among[$this->random->getInt(0, count($among) - 1)];
    }

    public function hostile(): mixed
    {
        return $this->chance(4) ? str_repeat((string) $this->one(['a', 'é', '9', '[']), 9_000) : $this->one(self::HOSTILE);
    }

    /**
     * @param  array<string, list<mixed>>  $rules  by field, with dots and stars
     * @param  int  $hostile  of a hundred values
     * @return array<array-key, mixed>
     */
    public function body(array $rules, int $hostile): array
    {
        /** @var array{rules: list<mixed>, of: array<array-key, mixed>} $tree */
        $tree = ['rules' => [], 'of' => []];
        foreach ($rules as $field => $own) {
            $node = &$tree;
            foreach (explode('.', $field) as $part) {
                $node['of'][$part] ??= ['rules' => [], 'of' => []];
                $node = &$node['of'][$part];
            }
            $node['rules'] = $own;
            unset($node);
        }

        return $this->fields($tree['of'], $hostile);
    }

    /**
     * @param  array<array-key, mixed>  $nodes
     * @return array<array-key, mixed>
     */
    private function fields(array $nodes, int $hostile): array
    {
        $body = [];
        foreach ($nodes as $field => $node) {
            /** @var array{rules: list<mixed>, of: array<array-key, mixed>} $node */
            if (! in_array('sometimes', $node['rules'], true) || $this->chance(60)) {
                $body[$field] = $this->value($node, $hostile);
            }
        }

        return $body;
    }

    /** @param  array{rules: list<mixed>, of: array<array-key, mixed>}  $node */
    private function value(array $node, int $hostile): mixed
    {
        if ($this->chance($hostile)) {
            return $this->hostile();
        }
        if (in_array('nullable', $node['rules'], true) && $this->chance(30)) {
            return null;
        }
        /** @var array{rules: list<mixed>, of: array<array-key, mixed>}|null $each */
        $each = $node['of']['*'] ?? null;
        if ($each === null) {
            return $node['of'] === [] ? $this->scalar($node['rules']) : $this->fields($node['of'], $hostile);
        }
        $keys = $this->keys($node['rules']) ?? range(0, $this->random->getInt(0, 2));

        return array_combine($keys, array_map(fn (): mixed => $this->value($each, $hostile), $keys));
    }

    /**
     * @param  list<mixed>  $rules
     * @return list<string>|null  that an object of these rules has
     */
    private function keys(array $rules): ?array
    {
        foreach ($rules as $rule) {
            if (is_string($rule) && str_starts_with($rule, 'array:')) {
                return explode(',', substr($rule, 6));
            }
        }

        return null;
    }

    /** @param  list<mixed>  $rules */
    private function scalar(array $rules): mixed
    {
        [$least, $most] = [1, 100];
        foreach ($rules as $rule) {
            if ($rule instanceof CaseOf) {
                /** @var class-string<BackedEnum> $enum */
                $enum = (new ReflectionProperty($rule, 'enum'))->getValue($rule);

                return $this->one(array_column($enum::cases(), 'value') ?: ['']);
            }
            $rule = is_object($rule) && method_exists($rule, '__toString') ? (string) $rule : $rule;
            if (is_string($rule) && str_starts_with($rule, 'in:')) {
                return trim((string) $this->one(explode(',', substr($rule, 3))), '"');
            }
            if (is_string($rule) && preg_match('/^between:(-?[\d.]+),(-?[\d.]+)$/', $rule, $found) === 1) {
                [$least, $most] = [(int) $found[1], (int) $found[2]];
            }
        }

        return match (true) {
            in_array('integer', $rules, true) => $this->chance(20) ? $this->one([$least, $most]) : $this->random->getInt($least, $most),
            in_array('numeric', $rules, true) => $this->random->getInt($least * 10, $most * 10) / 10,
            in_array('boolean', $rules, true) => $this->chance(50),
            in_array('list', $rules, true) => [],
            in_array('ulid', $rules, true) => $this->one([...$this->ids, '01k00000000000000000000000']),
            default => $this->one(['Wave band', 'a', '0:40', '1:20', '#3f8fc6', '2026-11-27', 'UTC', 'Europe/Berlin', 'cheek', 'left']),
        };
    }
}
