<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Account\AskEmailChange;
use App\Actions\Account\ChangeEmail;
use App\Actions\Account\ChangePassword;
use App\Actions\Account\DropSecondFactor;
use App\Actions\Account\EndSignIn;
use App\Actions\Account\KeepSecondFactor;
use App\Actions\Account\ProposeSecondFactor;
use App\Actions\Account\RenewPassword;
use App\Actions\Account\SignInHere;
use App\Http\Requests\Account\CodeRequest;
use App\Http\Requests\Account\ConfirmRequest;
use App\Http\Requests\Account\EmailRequest;
use App\Http\Requests\Account\ForgottenRequest;
use App\Http\Requests\Account\NewPasswordRequest;
use App\Http\Requests\Account\PasswordRequest;
use App\Http\Requests\BareTeamRequest;
use App\Http\Resources\Account\OwnAccount;
use App\Http\Resources\Account\SecondFactorProposed;
use App\Http\Resources\Account\SessionState;
use App\Http\Resources\Account\SpareCodes;
use App\Jobs\SendPasswordLink;
use App\Queries\Account\AccountOfUser;
use App\Queries\Account\PasswordLinkOfToken;
use App\Queries\Account\WhoIsSignedIn;
use Illuminate\Http\Response;

/** What somebody signs in with, and where. */
final readonly class AccountController
{
    public function __construct(private AccountOfUser $account, private WhoIsSignedIn $whoIsSignedIn) {}

    public function show(BareTeamRequest $request): OwnAccount
    {
        return OwnAccount::of(($this->account)($request->painter()));
    }

    public function endSignIn(BareTeamRequest $request, EndSignIn $end): OwnAccount
    {
        $end($request->painter(), $request->signIn());

        return OwnAccount::of(($this->account)($request->painter()));
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

        return OwnAccount::of(($this->account)($request->painter()));
    }
}
