<?php

declare(strict_types=1);

namespace App\Bench\Photos;

use App\Http\Requests\BareTeamRequest;
use Illuminate\Http\Response;

final readonly class PhotoController
{
    public function __construct(private Photos $photos) {}

    /** No browser keeps it: it may be of a child, and the drawing stands in where the server is away. */
    public function show(BareTeamRequest $request): Response
    {
        $headers = ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, no-store'];

        return response($this->photos->picture($request->design()), 200, $headers);
    }

    public function store(NewPhotoRequest $request): PhotoShown
    {
        return PhotoShown::of($this->photos->keep($request->painter(), $request->design(), $request->getContent(), $request->of()));
    }

    public function update(ShowPhotoRequest $request): PhotoShown
    {
        return PhotoShown::of($this->photos->show($request->painter(), $request->design(), $request->places()));
    }

    public function destroy(BareTeamRequest $request): Response
    {
        $this->photos->throwAway($request->painter(), $request->design());

        return response()->noContent();
    }
}
