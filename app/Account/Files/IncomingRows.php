<?php

declare(strict_types=1);

namespace App\Account\Files;

use App\Models\Bench\Design;

/** Makes the rows of a file this team's: new ids, and plans named by what is in them. */
abstract class IncomingRows
{
    /** Of a plan, wherever it stands. */
    private const PLAN = '/(?<![0-9a-zA-Z])[0-9a-f]{64}(?![0-9a-zA-Z])/';

    /** No id is shorter: most of what stands in a row is, and need not be looked through. */
    private const SHORTEST = 26;

    /** @var array<string, string> by the name that the file gives a plan */
    private array $plans = [];

    /** @var array<string, string> the plan of each design, which can be said once the plans are there */
    private array $planOfDesign = [];

    /** @var array<string, true> ids of rows that others may refer to */
    private array $here = [];

    /** @param  list<string>  $own  ids of rows that are the team's already */
    public function __construct(protected readonly string $teamId, protected RemappedIds $ids, array $own)
    {
        $this->here = array_fill_keys($own, true);
    }

    /**
     * @param  array<string, scalar|null>  $row
     * @return array<string, scalar|null>|null null for one that is no row of its own here
     */
    abstract public function take(string $table, array $row): ?array;

    /** Whether a row of that id came with the file, or is the team's own. */
    final public function has(string $id): bool
    {
        return isset($this->here[$id]);
    }

    /** @param  array<string, scalar|null>  $row  that others may refer to from now on */
    final public function putIn(AccountTable $table, array $row): void
    {
        $key = $table->key();
        if ($key !== null) {
            $this->here[(string) $row[$key]] = true;
        }
    }

    /** What had to wait until the rest was there. */
    public function settle(): void
    {
        foreach ($this->planOfDesign as $design => $plan) {
            // Nothing about the design has changed by it, not even when it was.
            Design::ofTeam($this->teamId)->withTrashed()->whereKey($design)->toBase()->update(['plan_id' => $this->plans[$plan] ?? null]);
        }
    }

    /**
     * @param  array<string, scalar|null>  $row
     * @return array<string, scalar|null>
     */
    protected function design(array $row): array
    {
        $design = $this->shifted($row);
        if (is_string($row['plan_id'] ?? null)) {
            $this->planOfDesign[(string) $design['id']] = $row['plan_id'];
        }

        return [...$design, 'plan_id' => null];
    }

    /**
     * @param  array<string, scalar|null>  $row
     * @return array<string, scalar|null>
     */
    protected function plan(array $row): array
    {
        $plan = $this->shifted($row);
        // As WritePlan names it.
        $id = hash('sha256', $plan['design_id'].$plan['content']);
        $this->plans[(string) $row['id']] = $id;

        return [...$plan, 'id' => $id];
    }

    /**
     * @param  array<string, scalar|null>  $row
     * @return array<string, scalar|null>
     */
    protected function shifted(array $row): array
    {
        return array_map($this->ours(...), $row);
    }

    private function ours(string|int|float|bool|null $value): string|int|float|bool|null
    {
        if (! is_string($value) || strlen($value) < self::SHORTEST) {
            return $value;
        }

        return (string) preg_replace_callback(
            self::PLAN,
            fn (array $found): string => $this->plans[$found[0]] ?? $found[0],
            $this->ids->in($value),
        );
    }
}
