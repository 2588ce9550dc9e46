<?php

declare(strict_types=1);

namespace App\Account\SecondFactor;

use App\Models\Account\User;
use Illuminate\Contracts\Session\Session;
use ParagonIE\ConstantTime\Base32;

/** Makes a secret for an authenticator. It guards nothing until a code shows that the authenticator has it. */
final readonly class ProposeSecondFactor
{
    /** As long as the hash, as RFC 4226, 4, recommends. */
    private const BYTES = 20;

    public function __construct(private Session $session) {}

    /** @return array{secret: string, address: string} base32, and as an authenticator reads it */
    public function __invoke(User $user): array
    {
        $secret = Base32::encodeUpperUnpadded(random_bytes(self::BYTES));
        $this->session->put(self::class, $secret);
        $issuer = rawurlencode(config()->string('app.name'));

        return [
            'secret' => $secret,
            'address' => "otpauth://totp/{$issuer}:".rawurlencode($user->email)."?secret={$secret}&issuer={$issuer}",
        ];
    }
}
