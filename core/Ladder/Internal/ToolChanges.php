<?php

declare(strict_types=1);

namespace Core\Ladder\Internal;

/**
 * The least time that changing tools takes when some steps are painted in any order, drying aside: every kind of tool but the
 * first must be taken up, by the cheapest change there is to it. More kinds never make it less.
 */
final readonly class ToolChanges
{
    private const MOST_KINDS = 62;

    /** @var list<int> bit of each step's kind of tool */
    public array $kinds;

    /** @var list<int> milliseconds of the cheapest change to each kind */
    private array $into;

    /** @param  list<list<int>>  $changeovers  by step */
    public function __construct(array $changeovers)
    {
        $names = array_map(
            static fn (array $row, int $at): string => implode(' ', $row).'|'.implode(' ', array_column($changeovers, $at)),
            $changeovers,
            array_keys($changeovers),
        );
        // Kinds that the bits of an integer cannot tell apart any more count as none, which only makes the bound lower.
        $first = array_slice(array_values(array_unique($names)), 0, self::MOST_KINDS);
        $numbers = array_flip($first);
        $this->kinds = array_map(static fn (string $name): int => isset($numbers[$name]) ? 1 << $numbers[$name] : 0, $names);
        $steps = array_map(static fn (string $name): int => (int) array_search($name, $names, true), $first);
        $this->into = array_map(static fn (int $one): int => self::cheapest($changeovers, $steps, $one), $steps);
    }

    /** @param  int  $kinds  bits */
    public function through(int $kinds): int
    {
        $sum = $most = 0;
        for ($kind = 0; $kinds !== 0; $kind++, $kinds >>= 1) {
            if (($kinds & 1) === 1) {
                $sum += $this->into[$kind];
                $most = max($most, $this->into[$kind]);
            }
        }

        return $sum - $most;
    }

    /**
     * @param  list<list<int>>  $changeovers
     * @param  list<int>  $steps  one of each kind
     */
    private static function cheapest(array $changeovers, array $steps, int $one): int
    {
        $ways = array_map(static fn (int $from): int => $from === $one ? PHP_INT_MAX : $changeovers[$from][$one], $steps);
        $least = min([PHP_INT_MAX, ...$ways]);

        return $least === PHP_INT_MAX ? 0 : $least;
    }
}
