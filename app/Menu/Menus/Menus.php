<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use App\Account\Team\RecordAudit;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Menu\Menu;
use App\Models\Menu\MenuOffer;
use App\Models\Plan\EventDay;
use App\Plan\Days\MenuTerms;
use App\Plan\Days\SaveMenu;
use App\Plan\FacePlans\DesignPlans;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** The menus of a team, as they are written, put up and deleted. */
final readonly class Menus
{
    public function __construct(
        private DesignPlans $designPlans,
        private MenuOnTable $menuOnTable,
        private SaveMenu $saveMenu,
        private RecordAudit $recordAudit,
    ) {}

    /**
     * Writes a menu anew, and puts it up on the days to come that have it.
     *
     * @param  Menu  $menu  new or known, its team set
     * @param  list<OfferTerms>  $offers  in their order
     *
     * @throws ValidationException when a design is not one of the team's
     */
    public function write(User $painter, Menu $menu, string $name, array $offers): void
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
            $this->designPlans->rank($menu->team_id, array_column($offers, 'designId'));
            $days = EventDay::ofTeam($menu->team_id)->where('menu_id', $menu->id)->where('opens_ms', '>', now()->getTimestampMs());
            foreach ($days->get() as $day) {
                $this->putUp($painter, $day, $menu);
            }
        });
    }

    /** Puts a menu up on a day: its designs at their rungs, promises and prices become the day's own. */
    public function putUp(User $painter, EventDay $day, Menu $menu): void
    {
        $read = ($this->menuOnTable)($menu, $painter);
        DB::transaction(function () use ($day, $menu, $read): void {
            ($this->saveMenu)($day, array_map(
                static fn (OfferRead $offer): MenuTerms => new MenuTerms(
                    $offer->offer->id,
                    $offer->offer->promise,
                    $offer->offer->price,
                    $offer->rung,
                ),
                $read->offers,
            ));
            $day->fill(['menu_id' => $menu->id])->save();
        });
    }

    /** Takes a menu away. Days that have put it up keep what they offer. */
    public function delete(User $by, Menu $menu): void
    {
        $menu->delete();
        ($this->recordAudit)($by, "deleted the menu {$menu->name}");
    }
}
