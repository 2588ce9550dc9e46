<?php

declare(strict_types=1);

namespace App\Account\Files;

use App\Models\Account\Team;
use App\Models\Account\User;
use Closure;
use Core\Team\Role;
use Illuminate\Support\Str;

/** All that is a team's, on its way into one that has nothing yet; its owner is whoever brings it in. */
final class IncomingAccount extends IncomingRows
{
    private bool $hasOwner = false;

    /** @param  Closure(string): array<string, string>  $picture  of a design, by its id in the file */
    public function __construct(private readonly User $owner, RemappedIds $ids, private readonly Closure $picture)
    {
        parent::__construct($owner->team_id, $ids, [$owner->id]);
    }

    public function take(string $table, array $row): ?array
    {
        return match ($table) {
            'teams' => $this->team($row),
            'users' => $this->painter($row),
            'designs' => $this->design($row),
            'face_plans' => $this->plan($row),
            'design_photos' => [...$this->shifted($row), ...($this->picture)((string) $row['design_id'])],
            default => $this->shifted($row),
        };
    }

    /** @param  array<string, scalar|null>  $row */
    private function team(array $row): null
    {
        Team::query()->whereKey($this->teamId)->update($row);

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
            $this->ids = $this->ids->with([$id => $this->owner->id]);
            $this->owner->update(['name' => $row['name'], 'role' => Role::Owner]);

            return null;
        }
        $id = $this->ids->of($id);

        // Whoever it is, signs in once invited.
        return [...$row, 'id' => $id, 'email' => sprintf(User::NO_ADDRESS, $id), 'password' => Str::random(60)];
    }
}
