<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\Design;
use App\Models\Team;
use App\Models\User;
use Core\Team\Role;
use Illuminate\Support\Str;

/** Makes the rows of an account's file this team's: new ids, plans named by what is in them, its owner whoever brings it in. */
final class IncomingRows
{
    /** Of a plan, wherever it stands. */
    private const PLAN = '/(?<![0-9a-zA-Z])[0-9a-f]{64}(?![0-9a-zA-Z])/';

    /** No id is shorter: most of what stands in a row is, and need not be looked through. */
    private const SHORTEST = 26;

    /** @var array<string, string> by the name that the file gives a plan */
    private array $plans = [];

    /** @var array<string, string> the plan of each design, which can be said once the plans are there */
    private array $planOfDesign = [];

    private bool $hasOwner = false;

    public function __construct(private readonly User $owner, private ShiftedIds $ids) {}

    /**
     * @param  array<string, scalar|null>  $row
     * @return array<string, scalar|null>|null null for one that is no row of its own here
     */
    public function take(string $table, array $row): ?array
    {
        return match ($table) {
            'teams' => $this->team($row),
            'users' => $this->painter($row),
            'designs' => $this->design($row),
            'face_plans' => $this->plan($row),
            default => $this->shifted($row),
        };
    }

    /** What had to wait until the rest was there. */
    public function settle(): void
    {
        foreach ($this->planOfDesign as $design => $plan) {
            // Nothing about the design has changed by it, not even when it was.
            Design::ofTeam($this->owner->team_id)->withTrashed()->whereKey($design)->toBase()
                ->update(['plan_id' => $this->plans[$plan] ?? null]);
        }
    }

    /** @param  array<string, scalar|null>  $row */
    private function team(array $row): null
    {
        Team::query()->whereKey($this->owner->team_id)->update($row);

        return null;
    }

    /**
     * @param  array<string, scalar|null>  $row
     * @return array<string, scalar|null>|null
     */
    private function painter(array $row): ?array
    {
        $id = (string) $row['id'];
        if (! $this->hasOwner && $row['role'] === Role::Owner->value && $row['deleted_at'] === null) {
            $this->hasOwner = true;
            $this->ids = $this->ids->withOwn($id, $this->owner->id);
            $this->owner->update(['name' => $row['name'], 'role' => Role::Owner]);

            return null;
        }
        $id = $this->ids->of($id);

        // Whoever it is, signs in once invited.
        return [...$row, 'id' => $id, 'email' => sprintf(User::NO_ADDRESS, $id), 'password' => Str::random(60)];
    }

    /**
     * @param  array<string, scalar|null>  $row
     * @return array<string, scalar|null>
     */
    private function design(array $row): array
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
    private function plan(array $row): array
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
    private function shifted(array $row): array
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
