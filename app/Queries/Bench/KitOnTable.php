<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Http\Resources\Bench\ColourSwatch;
use App\Http\Resources\Kit\HandTime;
use App\Http\Resources\Kit\KitSheet;
use App\Http\Resources\Kit\KitThing;
use App\Models\BenchTime;
use App\Models\User;
use App\Queries\Account\BenchOfPainter;
use Core\Design\Colour;
use Core\Kit\BenchAction;
use Core\Kit\Item;
use Core\Kit\Kit;

/** All that a painter's team owns, and what the painter's hands take between steps. */
final readonly class KitOnTable
{
    public function __construct(private BenchOfPainter $benchOfPainter) {}

    public function __invoke(User $painter): KitSheet
    {
        $kit = $this->benchOfPainter->kit($painter->team_id);

        return new KitSheet(
            array_map(static fn (Item $item): KitThing => self::thing($kit, $item), $kit->items),
            $this->hands($painter),
        );
    }

    private static function thing(Kit $kit, Item $item): KitThing
    {
        return new KitThing(
            id: $item->id,
            kind: $item->kind,
            name: $item->name,
            howMany: $item->howMany,
            colours: array_map(static fn (Colour $colour): ColourSwatch => new ColourSwatch($colour->name, $colour->hex), $item->colours),
            paintKind: $item->paintKind,
            finish: $item->finish,
            gramsLeft: $item->gramsLeft,
            lengthMm: $item->lengthMillimetres,
            widthMm: $item->widthMillimetres,
            reservedFor: $item->reservedFor,
            skinSafe: $item->isSkinSafe,
            latex: $item->hasLatex,
            gel: $item->isGel,
            selfStick: $item->isSelfStick,
            flags: $kit->flags($item),
        );
    }

    /** @return list<HandTime> */
    private function hands(User $painter): array
    {
        $own = BenchTime::query()->where('user_id', $painter->id)->get()
            ->keyBy(static fn (BenchTime $time): string => $time->action->value);

        return array_map(static function (BenchAction $action) use ($own): HandTime {
            $time = $own->get($action->value);
            $starting = (int) round($action->startingSeconds() * 1000);

            return new HandTime($action, $time->time_ms ?? $starting, $starting, $time->repetitions ?? 0);
        }, BenchAction::cases());
    }
}
