<?php

declare(strict_types=1);

namespace App\Account\Files;

use App\Models\Account\User;
use App\Models\Bench\FacePlan;
use Core\Team\Role;
use Illuminate\Support\Str;

/** One event on its way into a team that has others: painters and designs that the team has already stay as they are. */
final class IncomingEvent extends IncomingRows
{
    /** What else a file may hold is of no event. */
    private const NEVER = [
        'teams', 'ways_of_painters', 'bench_times', 'kit_items', 'kit_removals', 'packing_extras', 'acts', 'menus', 'painter_plans',
        'paces', 'practice_runs', 'design_photos', 'menu_offers', 'beginnings',
    ];

    /** @param  array<array-key, string>  $own  the team's own painters and designs, by the ids of those in the file that they are */
    public function __construct(string $teamId, RemappedIds $ids, private readonly array $own)
    {
        parent::__construct($teamId, $ids->with($own), array_values($own));
    }

    public function take(string $table, array $row): ?array
    {
        return match (true) {
            in_array($table, self::NEVER, true) || $this->isOwn($table, $row) => null,
            $table === 'users' => $this->stranger($row),
            $table === 'designs' => $this->design($row),
            $table === 'face_plans' => $this->newPlan($row),
            // What it was put together from, and the calendar that it stood in, are the other team's.
            $table === 'event_days' => [...$this->shifted($row), 'menu_id' => null, 'calendar_key' => null, 'deleted_at' => null],
            default => $this->shifted($row),
        };
    }

    /** @param  array<string, scalar|null>  $row */
    private function isOwn(string $table, array $row): bool
    {
        $column = ['users' => 'id', 'designs' => 'id', 'steps' => 'design_id', 'design_rungs' => 'design_id'][$table] ?? null;

        return $column !== null && isset($this->own[(string) ($row[$column] ?? '')]);
    }

    /**
     * Somebody who painted there and is not of this team: the faces keep the name.
     *
     * @param  array<string, scalar|null>  $row
     * @return array<string, scalar|null>
     */
    private function stranger(array $row): array
    {
        $id = $this->ids->of((string) ($row['id'] ?? ''));

        return [
            ...$row, 'id' => $id, 'role' => Role::Artist->value, 'deleted_at' => now()->toDateTimeString(),
            'email' => sprintf(User::NO_ADDRESS, $id), 'password' => Str::random(60),
        ];
    }

    /**
     * @param  array<string, scalar|null>  $row
     * @return array<string, scalar|null>|null
     */
    private function newPlan(array $row): ?array
    {
        $plan = $this->plan($row);

        if (! FacePlan::query()->whereKey($plan['id'])->exists()) {
            return $plan;
        }
        $this->putIn(AccountTable::named('face_plans'), $plan);

        return null;
    }
}
