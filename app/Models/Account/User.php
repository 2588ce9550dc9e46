<?php

declare(strict_types=1);

namespace App\Models\Account;

use App\Models\Concerns\BelongsToTeam;
use Core\Team\Role;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property string $id
 * @property string $team_id
 * @property string $name
 * @property string $email
 * @property Role $role
 * @property string|null $second_factor  the secret shared with an authenticator, base32; null where there is none
 * @property int $second_factor_step  the one whose code served last
 * @property list<string>|null $spare_codes  hashes of those that have not served yet
 * @property Team $team
 */
final class User extends Authenticatable
{
    /** Stands for the address of one who cannot sign in, with the id; nobody can be written to there. */
    public const NO_ADDRESS = 'painter-%s@invalid';

    use BelongsToTeam;
    use HasUlids;
    use SoftDeletes;

    protected $table = 'users';

    protected $guarded = [];

    protected $hidden = ['password', 'second_factor', 'spare_codes'];

    /** What this device shows to be signed in again: each has its own, kept with its sign-in. */
    private string $deviceToken = '';

    public function getRememberToken(): string
    {
        return $this->deviceToken;
    }

    public function setRememberToken($value): void
    {
        $this->deviceToken = $value;
    }

    /** Whether a password was ever set; who came along with a file is invited first. */
    public function signsIn(): bool
    {
        return $this->email !== sprintf(self::NO_ADDRESS, $this->id);
    }

    /** @return BelongsTo<Team, $this> */
    public function team(): BelongsTo
    {
        return $this->belongsTo(Team::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'password' => 'hashed', 'role' => Role::class, 'second_factor' => 'encrypted', 'second_factor_step' => 'integer',
            'spare_codes' => 'array',
        ];
    }
}
