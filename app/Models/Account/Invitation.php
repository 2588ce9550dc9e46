<?php

declare(strict_types=1);

namespace App\Models\Account;

use App\Models\Concerns\BelongsToTeam;
use Core\Team\Role;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A link that takes one person into a team. Its secret is told once, and kept as a hash only.
 *
 * @property string $id
 * @property string $team_id
 * @property string|null $painter_id  whom it lets sign in; null for somebody new
 * @property Role $role
 * @property Carbon $ends_at
 * @property Team $team
 * @property User|null $painter
 */
final class Invitation extends Model
{
    use BelongsToTeam;
    use HasUlids;

    protected $guarded = [];

    /** @return BelongsTo<Team, $this> */
    public function team(): BelongsTo
    {
        return $this->belongsTo(Team::class);
    }

    /** @return BelongsTo<User, $this> */
    public function painter(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'ends_at' => 'datetime'];
    }
}
