<?php

declare(strict_types=1);

namespace App\Models\Account;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One device on which somebody is signed in. What the device shows again after its session is kept as a hash only.
 *
 * @property string $id
 * @property string $user_id
 * @property string $device  phone or computer, as it says of itself
 * @property Carbon $created_at
 * @property Carbon $seen_at
 */
final class SignIn extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seen_at' => 'datetime'];
    }
}
