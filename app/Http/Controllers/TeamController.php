<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Account\ChangePassword;
use App\Actions\Account\ChangeRole;
use App\Actions\Account\InviteToTeam;
use App\Actions\Account\JoinTeam;
use App\Actions\Account\KeepNamesFor;
use App\Actions\Account\LetGo;
use App\Actions\Account\TakeBackInvitation;
use App\Http\Requests\Account\InviteRequest;
use App\Http\Requests\Account\JoinRequest;
use App\Http\Requests\Account\LetGoRequest;
use App\Http\Requests\Account\NamesDaysRequest;
use App\Http\Requests\Account\PasswordRequest;
use App\Http\Requests\BareTeamRequest;
use App\Http\Resources\Account\InvitationMade;
use App\Http\Resources\Account\InvitationShown;
use App\Http\Resources\Account\SessionState;
use App\Http\Resources\Account\TeamSheet;
use App\Queries\Account\InvitationOfToken;
use App\Queries\Account\TeamOnTable;
use App\Queries\Account\WhoIsSignedIn;
use Illuminate\Support\Facades\Auth;

final readonly class TeamController
{
    public function __construct(private TeamOnTable $team, private WhoIsSignedIn $whoIsSignedIn) {}

    public function show(BareTeamRequest $request): TeamSheet
    {
        return TeamSheet::of(($this->team)($request->painter()));
    }

    public function invite(InviteRequest $request, InviteToTeam $invite): InvitationMade
    {
        return new InvitationMade(url('join/'.$invite($request->painter(), $request->role())));
    }

    public function takeBack(BareTeamRequest $request, TakeBackInvitation $takeBack): TeamSheet
    {
        $takeBack($request->painter(), $request->invitation());

        return TeamSheet::of(($this->team)($request->painter()));
    }

    public function role(InviteRequest $request, ChangeRole $change): TeamSheet
    {
        $change($request->painter(), $request->member(), $request->role());

        return TeamSheet::of(($this->team)($request->painter()->refresh()));
    }

    public function letGo(LetGoRequest $request, LetGo $letGo): TeamSheet
    {
        $letGo($request->painter(), $request->member(), $request->boolean('keepsName'));

        return TeamSheet::of(($this->team)($request->painter()));
    }

    public function namesDays(NamesDaysRequest $request, KeepNamesFor $keep): TeamSheet
    {
        $keep($request->painter(), $request->integer('days'));

        return TeamSheet::of(($this->team)($request->painter()->refresh()));
    }

    /** Every other device is signed out; this one stays. */
    public function password(PasswordRequest $request, ChangePassword $change): SessionState
    {
        $change($request->painter(), $request->string('current')->toString(), $request->string('password')->toString());
        Auth::login($request->painter(), remember: true);

        return SessionState::of(($this->whoIsSignedIn)());
    }

    public function invited(string $token, InvitationOfToken $invitationOfToken): InvitationShown
    {
        $invitation = $invitationOfToken($token) ?? abort(410, JoinTeam::GONE);

        return new InvitationShown($invitation->team->name, $invitation->role);
    }

    public function join(JoinRequest $request, string $token, JoinTeam $join): SessionState
    {
        $user = $join(
            token: $token,
            name: $request->string('name')->toString(),
            email: $request->string('email')->toString(),
            password: $request->string('password')->toString(),
        );
        $request->session()->invalidate();
        Auth::login($user, remember: true);

        return SessionState::of(($this->whoIsSignedIn)());
    }
}
