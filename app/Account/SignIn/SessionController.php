<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

final readonly class SessionController
{
    public function __construct(private WhoIsSignedIn $whoIsSignedIn) {}

    public function show(): SessionState
    {
        return SessionState::of(($this->whoIsSignedIn)());
    }

    public function store(SignInRequest $request, CheckSignIn $check, SignInHere $signInHere): SessionState
    {
        $user = $check($request->email(), $request->password(), $request->code())
            ?? throw ValidationException::withMessages(['email' => 'That name and password do not go together. Try again.']);
        $signInHere($user, isToldOf: true);

        return SessionState::of(($this->whoIsSignedIn)());
    }

    /** The password once more, for whatever asks for it now and then. */
    public function confirm(ConfirmRequest $request, ConfirmPassword $confirm): Response
    {
        $confirm($request->painter(), $request->password());

        return response()->noContent();
    }

    public function destroy(SignOutHere $signOutHere): SessionState
    {
        $signOutHere();

        return SessionState::of(($this->whoIsSignedIn)());
    }
}
