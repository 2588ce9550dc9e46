<?php

declare(strict_types=1);

namespace App\Account\SecondFactor;

use App\Account\Email\SendAccountLetter;
use App\Account\SignIn\Credentials;
use App\Account\Team\RecordAudit;
use App\Models\Account\User;
use Core\Team\Defaults;
use Core\Team\OneTimeCode;
use Illuminate\Contracts\Session\Session;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use ParagonIE\ConstantTime\Base32;

/** The codes that somebody signs in with, besides the password. */
final readonly class SecondFactors
{
    /** As long as the hash, as RFC 4226, 4, recommends. */
    private const BYTES = 20;

    private const SPARE_LETTERS = 5;

    public function __construct(private Session $session, private Credentials $credentials, private RecordAudit $recordAudit) {}

    /**
     * Makes a secret for an authenticator. It guards nothing until a code shows that the authenticator has it.
     *
     * @return array{secret: string, address: string} base32, and as an authenticator reads it
     */
    public function propose(User $user): array
    {
        $secret = Base32::encodeUpperUnpadded(random_bytes(self::BYTES));
        $this->session->put(self::class, $secret);
        $issuer = rawurlencode(config()->string('app.name'));

        return [
            'secret' => $secret,
            'address' => "otpauth://totp/{$issuer}:".rawurlencode($user->email)."?secret={$secret}&issuer={$issuer}",
        ];
    }

    /**
     * From now on somebody signs in with a code, too.
     *
     * @param  string  $password  asked for, with a code of the old one, where it takes the place of another
     * @return list<string> codes for the day on which the authenticator is lost, told this once
     *
     * @throws ValidationException when the code is none of the secret that was proposed
     */
    public function keep(User $user, string $code, string $password = '', string $oldCode = ''): array
    {
        if ($user->second_factor !== null) {
            $this->credentials->confirmBoth($user, $password, $oldCode);
        }
        $secret = $this->session->get(self::class);
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
        $this->session->forget(self::class);
        SendAccountLetter::dispatch($user->team_id, $user->id, 'You sign in with a code from now on.');
        ($this->recordAudit)($user, 'signs in with a code, too');

        return $spare;
    }

    /**
     * Lets somebody sign in without a code again.
     *
     * @throws ValidationException when the password or the code is not the one
     */
    public function drop(User $user, string $password, string $code): void
    {
        $this->credentials->confirmBoth($user, $password, $code);
        $user->update(['second_factor' => null, 'spare_codes' => null]);
        SendAccountLetter::dispatch($user->team_id, $user->id, 'You sign in without a code again.');
        ($this->recordAudit)($user, 'signs in without a code again');
    }
}
