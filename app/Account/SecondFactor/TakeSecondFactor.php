<?php

declare(strict_types=1);

namespace App\Account\SecondFactor;

use App\Models\Account\User;
use Core\Team\OneTimeCode;
use Illuminate\Cache\RateLimiter;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use ParagonIE\ConstantTime\Base32;

/** Takes a code of somebody's authenticator, or one of the spare ones; each serves once. */
final readonly class TakeSecondFactor
{
    public static function hash(string $spareCode): string
    {
        return hash('sha256', mb_strtolower((string) preg_replace('/[^a-zA-Z0-9]/', '', $spareCode)));
    }

    private const MOST_WRONG = 10;

    private const REST_SECONDS = 900;

    public function __construct(private RateLimiter $limiter) {}

    /**
     * @return bool whether it was one
     *
     * @throws ValidationException when too many were wrong lately
     */
    public function __invoke(User $user, string $code): bool
    {
        $counted = "codes of {$user->id}";
        if ($this->limiter->tooManyAttempts($counted, self::MOST_WRONG)) {
            throw ValidationException::withMessages([
                'code' => 'Ten codes were wrong. Wait a quarter of an hour, then take the one that is shown then.',
            ])->status(Response::HTTP_TOO_MANY_REQUESTS);
        }
        $isOne = $this->take($user, $code);
        if ($code !== '') {
            $isOne ? $this->limiter->clear($counted) : $this->limiter->hit($counted, self::REST_SECONDS);
        }

        return $isOne;
    }

    private function take(User $user, string $code): bool
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
