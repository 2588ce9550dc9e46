<?php

declare(strict_types=1);

namespace App\Account\SecondFactor;

use App\Account\Email\SendAccountLetter;
use App\Account\Team\RecordAudit;
use App\Models\Account\User;
use Core\Team\Defaults;
use Core\Team\OneTimeCode;
use Illuminate\Contracts\Session\Session;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use ParagonIE\ConstantTime\Base32;

/** From now on somebody signs in with a code, too. */
final readonly class KeepSecondFactor
{
    private const SPARE_LETTERS = 5;

    public function __construct(private Session $session, private ConfirmBoth $confirmBoth, private RecordAudit $recordAudit) {}

    /**
     * @param  string  $password  asked for, with a code of the old one, where it takes the place of another
     * @return list<string> codes for the day on which the authenticator is lost, told this once
     *
     * @throws ValidationException when the code is none of the secret that was proposed
     */
    public function __invoke(User $user, string $code, string $password = '', string $oldCode = ''): array
    {
        if ($user->second_factor !== null) {
            ($this->confirmBoth)($user, $password, $oldCode);
        }
        $secret = $this->session->get(ProposeSecondFactor::class);
        $secret = is_string($secret) ? $secret : '';
        $digits = (string) preg_replace('/\s/', '', $code);
        $step = $secret === ''
            ? null
            : (new OneTimeCode(Base32::decodeUpper($secret)))->stepOf($digits, now()->getTimestamp(), 0);
        if ($step === null) {
            throw ValidationException::withMessages([
                'code' => 'That is not the code of this minute. See that the clock of the authenticator is right, and try the next one.',
            ]);
        }
        $spare = array_map(
            static fn (): string => Str::lower(Str::random(self::SPARE_LETTERS).'-'.Str::random(self::SPARE_LETTERS)),
            range(1, Defaults::SPARE_CODES),
        );
        $user->update([
            'second_factor' => $secret,
            'second_factor_step' => $step,
            'spare_codes' => array_map(TakeSecondFactor::hash(...), $spare),
        ]);
        $this->session->forget(ProposeSecondFactor::class);
        SendAccountLetter::dispatch($user->team_id, $user->id, 'You sign in with a code from now on.');
        ($this->recordAudit)($user, 'signs in with a code, too');

        return $spare;
    }
}
