<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Account\Email\EmailChanges;
use App\Account\Email\EmailRequest;
use App\Account\Password\ForgottenRequest;
use App\Account\Password\NewPasswordRequest;
use App\Account\Password\PasswordRequest;
use App\Account\Password\Passwords;
use App\Account\Password\SendPasswordLink;
use App\Account\SecondFactor\CodeRequest;
use App\Account\SecondFactor\SecondFactorProposed;
use App\Account\SecondFactor\SecondFactors;
use App\Account\SecondFactor\SpareCodes;
use App\Http\Requests\BareTeamRequest;
use Illuminate\Http\Response;

/** What somebody signs in with, and where. */
final readonly class AccountController
{
    public function __construct(private Accounts $accounts) {}

    public function show(BareTeamRequest $request): OwnAccount
    {
        return $this->accounts->ownAccount($request->painter());
    }

    public function endSignIn(BareTeamRequest $request, Devices $devices): OwnAccount
    {
        $devices->signOut($request->painter(), $request->signIn());

        return $this->accounts->ownAccount($request->painter());
    }

    /** Every other device is signed out; this one stays. */
    public function password(PasswordRequest $request, Passwords $passwords, Devices $devices): SessionState
    {
        $passwords->change($request->painter(), $request->string('current')->toString(), $request->string('password')->toString());
        $devices->signInHere($request->painter());

        return $this->accounts->whoIsSignedIn();
    }

    /** Answers the same whoever it is. */
    public function forgotten(ForgottenRequest $request): Response
    {
        SendPasswordLink::dispatch($request->email());

        return response()->noContent();
    }

    public function renewing(string $token, Passwords $passwords): Response
    {
        $passwords->linkOfToken($token) ?? abort(410, Passwords::GONE);

        return response()->noContent();
    }

    public function renew(NewPasswordRequest $request, string $token, Passwords $passwords): Response
    {
        $passwords->renew($token, $request->password());

        return response()->noContent();
    }

    public function askEmail(EmailRequest $request, EmailChanges $emailChanges): Response
    {
        $emailChanges->ask(
            user: $request->painter(),
            email: $request->email(),
            password: $request->string('password')->toString(),
            code: $request->string('code')->toString(),
        );

        return response()->noContent();
    }

    public function email(string $token, EmailChanges $emailChanges): Response
    {
        $emailChanges->change($token);

        return response()->noContent();
    }

    public function proposeSecondFactor(BareTeamRequest $request, SecondFactors $secondFactors): SecondFactorProposed
    {
        return new SecondFactorProposed(...$secondFactors->propose($request->painter()));
    }

    public function keepSecondFactor(CodeRequest $request, SecondFactors $secondFactors): SpareCodes
    {
        return new SpareCodes($secondFactors->keep(
            user: $request->painter(),
            code: $request->code(),
            password: $request->string('password')->toString(),
            oldCode: $request->string('oldCode')->toString(),
        ));
    }

    public function dropSecondFactor(ConfirmRequest $request, SecondFactors $secondFactors): OwnAccount
    {
        $secondFactors->drop($request->painter(), $request->password(), $request->code());

        return $this->accounts->ownAccount($request->painter());
    }
}
