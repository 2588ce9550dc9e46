<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Bench\Brushes\BrushesWorthKeeping;
use App\Bench\Brushes\BrushWorth;
use App\Bench\Files\TakenOut;
use App\Bench\Files\TakeOutRequest;
use App\Http\Requests\BareTeamRequest;

final readonly class KitController
{
    public function __construct(private KitOnTable $kit) {}

    public function show(BareTeamRequest $request): KitSheet
    {
        return ($this->kit)($request->painter());
    }

    /** @return list<BrushWorth> */
    public function brushes(BareTeamRequest $request, BrushesWorthKeeping $brushes): array
    {
        return $brushes($request->painter());
    }

    public function store(KitThingRequest $request, KitThings $kitThings): KitSheet
    {
        $kitThings->add($request->painter(), $request->item());

        return ($this->kit)($request->painter());
    }

    /** The body is the file itself. */
    public function bringIn(BareTeamRequest $request, KitFile $kitFile): KitSheet
    {
        $kitFile->bringIn($request->painter(), $request->getContent());

        return ($this->kit)($request->painter());
    }

    public function starter(BareTeamRequest $request, KitFile $kitFile): KitSheet
    {
        $kitFile->shipped($request->painter());

        return ($this->kit)($request->painter());
    }

    public function update(KitThingRequest $request, KitThings $kitThings): KitSheet
    {
        $kitThings->change($request->painter(), $request->thing(), $request->item());

        return ($this->kit)($request->painter());
    }

    public function uses(BareTeamRequest $request, KitOnTable $kitOnTable): ThingUses
    {
        return $kitOnTable->uses($request->thing());
    }

    public function destroy(TakeOutRequest $request, KitThings $kitThings): TakenOut
    {
        $removal = $kitThings->remove($request->painter(), $request->thing(), $request->instead(), $request->boolean('anyway'));

        return new TakenOut($removal->id, ($this->kit)($request->painter()));
    }

    public function putBack(BareTeamRequest $request, KitThings $kitThings): KitSheet
    {
        $kitThings->putBack($request->painter(), $request->removal());

        return ($this->kit)($request->painter());
    }

    public function hand(HandTimeRequest $request, KitThings $kitThings): KitSheet
    {
        $kitThings->keepHandTime($request->painter(), $request->action(), $request->repetitions());

        return ($this->kit)($request->painter());
    }
}
