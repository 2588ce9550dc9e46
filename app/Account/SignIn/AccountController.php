<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Account\Email\AskEmailChange;
use App\Account\Email\ChangeEmail;
use App\Account\Email\EmailRequest;
use App\Account\Password\ChangePassword;
use App\Account\Password\ForgottenRequest;
use App\Account\Password\NewPasswordRequest;
use App\Account\Password\PasswordLinkOfToken;
use App\Account\Password\PasswordRequest;
use App\Account\Password\RenewPassword;
use App\Account\Password\SendPasswordLink;
use App\Account\SecondFactor\CodeRequest;
use App\Account\SecondFactor\DropSecondFactor;
use App\Account\SecondFactor\KeepSecondFactor;
use App\Account\SecondFactor\ProposeSecondFactor;
use App\Account\SecondFactor\SecondFactorProposed;
use App\Account\SecondFactor\SpareCodes;
use App\Http\Requests\BareTeamRequest;
use Illuminate\Http\Response;

/** What somebody signs in with, and where. */
final readonly class AccountController
{
    public function __construct(private AccountOfUser $account, private WhoIsSignedIn $whoIsSignedIn) {}

    public function show(BareTeamRequest $request): OwnAccount
    {
        return ($this->account)($request->painter());
    }

    public function endSignIn(BareTeamRequest $request, EndSignIn $end): OwnAccount
    {
        $end($request->painter(), $request->signIn());

        return ($this->account)($request->painter());
    }

    /** Every other device is signed out; this one stays. */
    public function password(PasswordRequest $request, ChangePassword $change, SignInHere $signInHere): SessionState
    {
        $change($request->painter(), $request->string('current')->toString(), $request->string('password')->toString());
        $signInHere($request->painter());

        return SessionState::of(($this->whoIsSignedIn)());
    }

    /** Answers the same whoever it is. */
    public function forgotten(ForgottenRequest $request): Response
    {
        SendPasswordLink::dispatch($request->email());

        return response()->noContent();
    }

    public function renewing(string $token, PasswordLinkOfToken $linkOfToken): Response
    {
        $linkOfToken($token) ?? abort(410, RenewPassword::GONE);

        return response()->noContent();
    }

    public function renew(NewPasswordRequest $request, string $token, RenewPassword $renew): Response
    {
        $renew($token, $request->password());

        return response()->noContent();
    }

    public function askEmail(EmailRequest $request, AskEmailChange $ask): Response
    {
        $ask(
            user: $request->painter(),
            email: $request->email(),
            password: $request->string('password')->toString(),
            code: $request->string('code')->toString(),
        );

        return response()->noContent();
    }

    public function email(string $token, ChangeEmail $change): Response
    {
        $change($token);

        return response()->noContent();
    }

    public function proposeSecondFactor(BareTeamRequest $request, ProposeSecondFactor $propose): SecondFactorProposed
    {
        return new SecondFactorProposed(...$propose($request->painter()));
    }

    public function keepSecondFactor(CodeRequest $request, KeepSecondFactor $keep): SpareCodes
    {
        return new SpareCodes($keep(
            user: $request->painter(),
            code: $request->code(),
            password: $request->string('password')->toString(),
            oldCode: $request->string('oldCode')->toString(),
        ));
    }

    public function dropSecondFactor(ConfirmRequest $request, DropSecondFactor $drop): OwnAccount
    {
        $drop($request->painter(), $request->password(), $request->code());

        return ($this->account)($request->painter());
    }
}
