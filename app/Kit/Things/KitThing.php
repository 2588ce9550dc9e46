<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Bench\Designs\StepShown;
use App\Http\Resources\Resource;
use Core\Colour\Finish;
use Core\Colour\PaintKind;
use Core\Design\Colour;
use Core\Kit\Flag;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\Kit;

/**
 * A thing of the kit with what to know of it.
 *
 * @phpstan-import-type ColourSwatch from StepShown
 */
final readonly class KitThing extends Resource
{
    /**
     * @param  list<ColourSwatch>  $colours
     * @param  list<Flag>  $flags
     */
    public function __construct(
        public string $id,
        public ItemKind $kind,
        public string $name,
        public int $howMany,
        public array $colours,
        public ?PaintKind $paintKind,
        public ?Finish $finish,
        public ?int $gramsLeft,
        public ?int $lengthMm,
        public ?int $widthMm,
        public string $reservedFor,
        public bool $skinSafe,
        public bool $latex,
        public bool $gel,
        public bool $selfStick,
        public ?string $ownerId,
        public ?string $homeId,
        public array $flags,
    ) {}

    public static function of(Item $item, Kit $kit): self
    {
        return new self(
            id: $item->id,
            kind: $item->kind,
            name: $item->name,
            howMany: $item->howMany,
            colours: array_map(static fn (Colour $colour): array => ['name' => $colour->name, 'hex' => $colour->hex], $item->colours),
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
            ownerId: $item->owner === '' ? null : $item->owner,
            homeId: $item->home === '' ? null : $item->home,
            flags: $kit->flags($item),
        );
    }
}
