<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Menu\Menu;
use App\Models\Menu\MenuOffer;
use App\Models\Plan\EventDay;
use App\Plan\FacePlans\RankDesigns;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Writes a menu anew, and puts it up on the days to come that have it. */
final readonly class WriteMenu
{
    public function __construct(private PutUpMenu $putUpMenu, private RankDesigns $rank) {}

    /**
     * @param  Menu  $menu  new or known, its team set
     * @param  list<OfferTerms>  $offers  in their order
     *
     * @throws ValidationException when a design is not one of the team's
     */
    public function __invoke(User $painter, Menu $menu, string $name, array $offers): void
    {
        $known = Design::ofTeam($menu->team_id)->whereIn('id', array_column($offers, 'designId'))->pluck('id')->all();
        foreach ($offers as $at => $offer) {
            if (! in_array($offer->designId, $known, true)) {
                throw ValidationException::withMessages(["offers.{$at}.designId" => 'That design is not one of yours, or was deleted.']);
            }
        }
        DB::transaction(function () use ($painter, $menu, $name, $offers): void {
            $menu->fill(['name' => $name])->save();
            MenuOffer::query()->where('menu_id', $menu->id)->delete();
            MenuOffer::query()->insert(array_map(static fn (OfferTerms $offer, int $at): array => [
                'menu_id' => $menu->id,
                'design_id' => $offer->designId,
                'position' => $at,
                'rung' => $offer->rung?->value,
                'promise_ms' => $offer->promiseMs,
                'price_cents' => $offer->priceCents,
                'for_whom' => $offer->group?->value,
            ], $offers, array_keys($offers)));
            $menu->unsetRelation('offers');
            ($this->rank)($menu->team_id, array_column($offers, 'designId'));
            $days = EventDay::ofTeam($menu->team_id)->where('menu_id', $menu->id)->where('opens_ms', '>', now()->getTimestampMs());
            foreach ($days->get() as $day) {
                ($this->putUpMenu)($painter, $day, $menu);
            }
        });
    }
}
