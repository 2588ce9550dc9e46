<?php

declare(strict_types=1);

namespace App\Line\Board;

use App\Http\Requests\BareTeamRequest;
use App\Line\Offered\PicturesOfMenu;
use App\Line\Offered\PublicPicture;
use App\Line\Texts\ParentTexts;
use App\Line\Texts\TextsOfDay;
use App\Line\Texts\TextsShown;
use App\Line\Texts\TextWishRequest;
use App\Line\Told\LineOfDay;
use App\Line\Told\VersionOfLine;
use App\Plan\FacePlans\PlanRead;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The board that parents see, and the link to it. */
final readonly class BoardController
{
    /** Pictures change when the menu does: a phone may keep them for a while. */
    private const PICTURES_SECONDS = 120;

    private const MOVES_SECONDS = 15;

    public function __construct(private BoardLinks $boardLinks) {}

    public function link(BareTeamRequest $request): BoardLinkShown
    {
        return $this->boardLinks->ofDay($request->day());
    }

    public function share(BoardRequest $request): BoardLinkShown
    {
        $this->boardLinks->share($request->day(), $request->showsNames());

        return $this->boardLinks->ofDay($request->day());
    }

    public function revoke(BareTeamRequest $request): BoardLinkShown
    {
        $this->boardLinks->revoke($request->day());

        return $this->boardLinks->ofDay($request->day());
    }

    /** Whoever has the address, without signing in. */
    public function page(string $token): View
    {
        $this->boardLinks->board($token) ?? abort(404);

        return view('board');
    }

    /** Nothing is told anew to whoever has it already. */
    public function line(Request $request, string $token, VersionOfLine $version, LineOfDay $line): JsonResponse
    {
        $board = $this->boardLinks->board($token) ?? abort(404);
        $answer = new JsonResponse;
        // As time goes on the windows move, even where nothing is tapped.
        $moment = intdiv(now()->getTimestamp(), self::MOVES_SECONDS);
        $answer->setEtag(hash('xxh128', "{$version->forHelper($board['day'])} {$moment} ".($board['showsNames'] ? 'names' : '')))
            ->setPublic()->headers->set('Cache-Control', 'public, no-cache');
        if (! $answer->isNotModified($request)) {
            $answer->setData(PublicLine::of($line->forParents($board['day']), $board['showsNames']));
        }

        return $answer;
    }

    public function texts(BareTeamRequest $request, TextsOfDay $texts): TextsShown
    {
        return $texts($request->day());
    }

    public function wishTexts(TextWishRequest $request, string $token, ParentTexts $parentTexts): JsonResponse
    {
        $board = $this->boardLinks->board($token) ?? abort(404);
        $isKept = $parentTexts->wish(
            day: $board['day'],
            number: $request->number(),
            slipCode: $request->slipCode(),
            phone: $request->phone(),
            language: $request->language(),
        );

        return new JsonResponse(status: $isKept ? 204 : 404);
    }

    public function stopTexts(TextWishRequest $request, string $token, ParentTexts $parentTexts): JsonResponse
    {
        $board = $this->boardLinks->board($token) ?? abort(404);
        $parentTexts->stop($board['day'], $request->number(), $request->slipCode(), $request->phone());

        return new JsonResponse(status: 204);
    }

    public function pictures(string $token, PicturesOfMenu $pictures, PhotosForParents $photos): JsonResponse
    {
        $board = $this->boardLinks->board($token) ?? abort(404);

        $shown = $photos->onMenu($board['day']);
        $seen = static function (PlanRead $plan) use ($shown, $token): PublicPicture {
            $key = PublicOffer::key($plan->designId);
            $photo = $shown[$plan->designId] ?? null;

            return PublicPicture::of($plan, $key, $photo === null ? null : "/board/{$token}/photos/{$key}?version={$photo->version}");
        };

        return (new JsonResponse(array_map($seen, $pictures($board['day']))))
            ->setPublic()->setMaxAge(self::PICTURES_SECONDS);
    }

    public function photo(string $token, string $key, PhotosForParents $photos): Response
    {
        $board = $this->boardLinks->board($token) ?? abort(404);
        $photo = $photos->byKey($board['day'], $key) ?? abort(404);

        // No longer than the list of pictures: a photo that is taken down is gone from phones as soon.
        return response($photo, 200, ['Content-Type' => 'image/jpeg'])->setPublic()->setMaxAge(self::PICTURES_SECONDS);
    }
}
