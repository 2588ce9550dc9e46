<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Account\CheckSignIn;
use App\Http\Requests\Account\SignInRequest;
use App\Http\Resources\Account\SessionState;
use App\Queries\Account\WhoIsSignedIn;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

final readonly class SessionController
{
    public function __construct(private WhoIsSignedIn $whoIsSignedIn) {}

    public function show(): SessionState
    {
        return SessionState::of(($this->whoIsSignedIn)());
    }

    public function store(SignInRequest $request, CheckSignIn $check): SessionState
    {
        $user = $check($request->email(), $request->password())
            ?? throw ValidationException::withMessages(['email' => 'That name and password do not go together. Try again.']);
        // Whoever was signed in here before leaves nothing behind.
        $request->session()->invalidate();
        Auth::login($user, remember: true);

        return SessionState::of(($this->whoIsSignedIn)());
    }

    public function destroy(Request $request): SessionState
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return SessionState::of(($this->whoIsSignedIn)());
    }
}
