<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Account\Files\AccountAsFile;
use App\Account\Files\BringInAccount;
use App\Account\Files\PartAsFile;
use App\Account\Invitations\InvitationMade;
use App\Account\Invitations\Invitations;
use App\Account\Invitations\InvitationShown;
use App\Account\Invitations\InviteRequest;
use App\Account\Invitations\JoinRequest;
use App\Account\SignIn\Accounts;
use App\Account\SignIn\ConfirmRequest;
use App\Account\SignIn\Devices;
use App\Account\SignIn\SessionState;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\TeamRequest;
use App\Plan\Calendar\CalendarFeeds;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

final readonly class TeamController
{
    public function __construct(private TeamOnTable $team, private Accounts $accounts) {}

    public function show(BareTeamRequest $request): TeamSheet
    {
        return ($this->team)($request->painter());
    }

    public function invite(InviteRequest $request, Invitations $invitations): InvitationMade
    {
        $address = $invitations->invite(
            owner: $request->painter(),
            role: $request->role(),
            email: $request->email(),
            painter: $request->known(),
        );

        return new InvitationMade($address, $request->email());
    }

    public function takeBack(BareTeamRequest $request, Invitations $invitations): TeamSheet
    {
        $invitations->takeBack($request->painter(), $request->invitation());

        return ($this->team)($request->painter());
    }

    public function role(RoleRequest $request, Members $members): TeamSheet
    {
        $members->changeRole($request->painter(), $request->member(), $request->role());

        return ($this->team)($request->painter()->refresh());
    }

    public function remove(RemoveMemberRequest $request, Members $members): TeamSheet
    {
        $members->remove($request->painter(), $request->member(), $request->boolean('keepsName'));

        return ($this->team)($request->painter());
    }

    /** The link that a member has made to all events of the team. */
    public function revokeCalendar(BareTeamRequest $request, CalendarFeeds $calendarFeeds): TeamSheet
    {
        $calendarFeeds->revoke($request->member(), $request->painter());

        return ($this->team)($request->painter());
    }

    public function namesDays(NamesDaysRequest $request, Teams $teams): TeamSheet
    {
        $teams->keepNamesFor($request->painter(), $request->integer('days'));

        return ($this->team)($request->painter()->refresh());
    }

    public function close(ConfirmRequest $request, Teams $teams): SessionState
    {
        $teams->close($request->painter(), $request->password());

        return $this->signedIn($request);
    }

    public function keep(BareTeamRequest $request, Teams $teams): SessionState
    {
        $teams->cancelClosure($request->painter());

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

    public function invited(string $token, Invitations $invitations): InvitationShown
    {
        $invitation = $invitations->ofToken($token) ?? abort(410, Invitations::GONE);

        return new InvitationShown($invitation->team->name, $invitation->role, $invitation->painter?->name);
    }

    public function found(FoundRequest $request, Teams $teams, Devices $devices): SessionState
    {
        $user = $teams->found(team: $request->team(), name: $request->name(), email: $request->email(), password: $request->password());
        $devices->signInHere($user);

        return $this->accounts->whoIsSignedIn();
    }

    public function join(JoinRequest $request, string $token, Invitations $invitations, Devices $devices): SessionState
    {
        $user = $invitations->join(
            token: $token,
            name: $request->name(),
            email: $request->email(),
            password: $request->password(),
        );
        $devices->signInHere($user);

        return $this->accounts->whoIsSignedIn();
    }

    private function signedIn(TeamRequest $request): SessionState
    {
        $request->painter()->load('team');

        return $this->accounts->whoIsSignedIn();
    }
}
