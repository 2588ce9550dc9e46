<?php

declare(strict_types=1);

namespace App\Models\Account;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A link that gives somebody a new password, once. Its secret is sent, and kept as a hash only.
 *
 * @property string $id
 * @property string $user_id
 * @property Carbon $ends_at
 * @property User $user
 */
final class PasswordLink extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['ends_at' => 'datetime'];
    }
}
