<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Line\RevokeBoard;
use App\Actions\Line\ShareBoard;
use App\Http\Requests\BareTeamRequest;
use App\Http\Requests\Line\BoardRequest;
use App\Http\Resources\Line\BoardLinkShown;
use App\Http\Resources\Line\PublicLine;
use App\Http\Resources\Line\PublicPicture;
use App\Queries\Line\BoardLinkOfDay;
use App\Queries\Line\BoardLinkRead;
use App\Queries\Line\PublicBoard;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The board that parents see, and the link to it. */
final readonly class BoardController
{
    /** Pictures change when the menu does: a phone may keep them for a while. Seconds. */
    private const PICTURES_KEPT = 120;

    public function __construct(private PublicBoard $board) {}

    public function link(BareTeamRequest $request, BoardLinkOfDay $link): BoardLinkShown
    {
        return BoardLinkShown::of($link($request->day()));
    }

    public function share(BoardRequest $request, ShareBoard $share): BoardLinkShown
    {
        return BoardLinkShown::of(BoardLinkRead::of($share($request->day(), $request->showsNames())));
    }

    public function revoke(BareTeamRequest $request, RevokeBoard $revoke): BoardLinkShown
    {
        $revoke($request->day());

        return BoardLinkShown::of(null);
    }

    /** Whoever has the address, without signing in. */
    public function page(string $token): View
    {
        $this->board->day($token) ?? abort(404);

        return view('board');
    }

    /** Nothing is told anew to whoever has it already. */
    public function line(Request $request, string $token): JsonResponse
    {
        $day = $this->board->day($token) ?? abort(404);
        $answer = new JsonResponse;
        // As time goes on the windows move, even where nothing is tapped.
        $quarterMinute = intdiv(now()->getTimestamp(), 15);
        $answer->setEtag($this->board->version($token, $day).$quarterMinute)->setPublic()->headers->set('Cache-Control', 'public, no-cache');
        if (! $answer->isNotModified($request)) {
            $answer->setData(PublicLine::of($this->board->line($day), $this->board->showsNames($token)));
        }

        return $answer;
    }

    public function pictures(string $token): JsonResponse
    {
        $day = $this->board->day($token) ?? abort(404);

        return (new JsonResponse(array_map(PublicPicture::of(...), $this->board->pictures($day))))
            ->setPublic()->setMaxAge(self::PICTURES_KEPT);
    }
}
