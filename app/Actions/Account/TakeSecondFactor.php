<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\User;
use Core\Team\OneTimeCode;
use Illuminate\Support\Facades\DB;
use ParagonIE\ConstantTime\Base32;

/** Takes a code of somebody's authenticator, or one of the spare ones; each serves once. */
final readonly class TakeSecondFactor
{
    public static function hash(string $spareCode): string
    {
        return hash('sha256', mb_strtolower((string) preg_replace('/[^a-zA-Z0-9]/', '', $spareCode)));
    }

    /** @return bool whether it was one */
    public function __invoke(User $user, string $code): bool
    {
        return DB::transaction(static function () use ($user, $code): bool {
            $user = User::ofTeam($user->team_id)->lockForUpdate()->findOrFail($user->id);
            $codes = new OneTimeCode(Base32::decodeUpper((string) $user->second_factor));
            $digits = (string) preg_replace('/\s/', '', $code);
            $step = $codes->stepOf($digits, now()->getTimestamp(), $user->second_factor_step);
            if ($step !== null) {
                $user->update(['second_factor_step' => $step]);

                return true;
            }
            $spare = $user->spare_codes ?? [];
            $left = array_values(array_diff($spare, [self::hash($code)]));
            $user->update(['spare_codes' => $left]);

            return count($left) < count($spare);
        });
    }
}
