<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

final readonly class SessionController
{
    public function __construct(private Accounts $accounts) {}

    public function show(): SessionState
    {
        return $this->accounts->whoIsSignedIn();
    }

    public function store(SignInRequest $request, Credentials $credentials, Devices $devices): SessionState
    {
        $user = $credentials->check($request->email(), $request->password(), $request->code())
            ?? throw ValidationException::withMessages(['email' => 'That name and password do not go together. Try again.']);
        $devices->signInHere($user, isToldOf: true);

        return $this->accounts->whoIsSignedIn();
    }

    /** The password once more, for whatever asks for it now and then. */
    public function confirm(ConfirmRequest $request, Credentials $credentials): Response
    {
        $credentials->confirmPassword($request->painter(), $request->password());

        return response()->noContent();
    }

    public function destroy(Devices $devices): SessionState
    {
        $devices->signOutHere();

        return $this->accounts->whoIsSignedIn();
    }
}
