<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Models\Account\User;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Contracts\Session\Session;
use Illuminate\Validation\ValidationException;

/** Asks for the password again before what cannot be taken back: the device may lie open on a table. */
final readonly class ConfirmPassword
{
    /** When the password was typed last in this session, in Unix seconds. */
    public const AT = 'password_typed_at';

    public function __construct(private Hasher $hasher, private Session $session) {}

    /** @throws ValidationException when it is not the one, of this field */
    public function __invoke(User $user, string $password, string $field = 'password'): void
    {
        if (! $this->hasher->check($password, $user->getAuthPassword())) {
            throw ValidationException::withMessages([$field => 'That is not the password you sign in with now.']);
        }
        $this->session->put(self::AT, now()->getTimestamp());
    }
}
