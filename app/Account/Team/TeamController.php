<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Account\Files\AccountAsFile;
use App\Account\Files\BringInAccount;
use App\Account\Files\PartAsFile;
use App\Account\Invitations\InvitationMade;
use App\Account\Invitations\InvitationOfToken;
use App\Account\Invitations\InvitationShown;
use App\Account\Invitations\InviteRequest;
use App\Account\Invitations\InviteToTeam;
use App\Account\Invitations\JoinRequest;
use App\Account\Invitations\JoinTeam;
use App\Account\Invitations\TakeBackInvitation;
use App\Account\SignIn\ConfirmRequest;
use App\Account\SignIn\SessionState;
use App\Account\SignIn\SignInHere;
use App\Account\SignIn\WhoIsSignedIn;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\TeamRequest;
use App\Plan\Calendar\RevokeCalendar;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

final readonly class TeamController
{
    public function __construct(private TeamOnTable $team, private WhoIsSignedIn $whoIsSignedIn) {}

    public function show(BareTeamRequest $request): TeamSheet
    {
        return ($this->team)($request->painter());
    }

    public function invite(InviteRequest $request, InviteToTeam $invite): InvitationMade
    {
        $address = $invite(owner: $request->painter(), role: $request->role(), email: $request->email(), painter: $request->known());

        return new InvitationMade($address, $request->email());
    }

    public function takeBack(BareTeamRequest $request, TakeBackInvitation $takeBack): TeamSheet
    {
        $takeBack($request->painter(), $request->invitation());

        return ($this->team)($request->painter());
    }

    public function role(RoleRequest $request, ChangeRole $change): TeamSheet
    {
        $change($request->painter(), $request->member(), $request->role());

        return ($this->team)($request->painter()->refresh());
    }

    public function remove(RemoveMemberRequest $request, RemoveMember $removeMember): TeamSheet
    {
        $removeMember($request->painter(), $request->member(), $request->boolean('keepsName'));

        return ($this->team)($request->painter());
    }

    /** The link that a member has made to all events of the team. */
    public function revokeCalendar(BareTeamRequest $request, RevokeCalendar $revoke): TeamSheet
    {
        $revoke($request->member(), $request->painter());

        return ($this->team)($request->painter());
    }

    public function namesDays(NamesDaysRequest $request, KeepNamesFor $keep): TeamSheet
    {
        $keep($request->painter(), $request->integer('days'));

        return ($this->team)($request->painter()->refresh());
    }

    public function close(ConfirmRequest $request, CloseTeam $close): SessionState
    {
        $close($request->painter(), $request->password());

        return $this->signedIn($request);
    }

    public function keep(BareTeamRequest $request, CancelClosure $keep): SessionState
    {
        $keep($request->painter());

        return $this->signedIn($request);
    }

    public function takeOut(BareTeamRequest $request, AccountAsFile $asFile): BinaryFileResponse
    {
        return response()->download($asFile($request->painter()->team), 'account.zip')->deleteFileAfterSend();
    }

    public function takeOutPart(BareTeamRequest $request, PartAsFile $asFile): StreamedResponse
    {
        $part = $request->part();
        $texts = $asFile($request->painter()->team, $part);

        return response()->streamDownload(static function () use ($texts): void {
            foreach ($texts as $text) {
                echo $text;
            }
        }, $part->value, ['Content-Type' => $part->type()]);
    }

    /** The body is the file itself. */
    public function bringIn(BareTeamRequest $request, BringInAccount $bringIn): Response
    {
        $body = $request->getContent(true);
        $bringIn->fromStream($request->painter(), $body);

        return response()->noContent();
    }

    public function invited(string $token, InvitationOfToken $invitationOfToken): InvitationShown
    {
        $invitation = $invitationOfToken($token) ?? abort(410, JoinTeam::GONE);

        return new InvitationShown($invitation->team->name, $invitation->role, $invitation->painter?->name);
    }

    public function found(FoundRequest $request, FoundTeam $found, SignInHere $signInHere): SessionState
    {
        $user = $found(team: $request->team(), name: $request->name(), email: $request->email(), password: $request->password());
        $signInHere($user);

        return SessionState::of(($this->whoIsSignedIn)());
    }

    public function join(JoinRequest $request, string $token, JoinTeam $join, SignInHere $signInHere): SessionState
    {
        $user = $join(
            token: $token,
            name: $request->name(),
            email: $request->email(),
            password: $request->password(),
        );
        $signInHere($user);

        return SessionState::of(($this->whoIsSignedIn)());
    }

    private function signedIn(TeamRequest $request): SessionState
    {
        $request->painter()->load('team');

        return SessionState::of(($this->whoIsSignedIn)());
    }
}
