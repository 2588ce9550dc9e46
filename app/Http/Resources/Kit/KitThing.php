<?php

declare(strict_types=1);

namespace App\Http\Resources\Kit;

use App\Http\Resources\Bench\ColourSwatch;
use App\Http\Resources\Resource;
use Core\Colour\Finish;
use Core\Colour\PaintKind;
use Core\Kit\Flag;
use Core\Kit\ItemKind;

/** A thing of the kit with what to know of it. */
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
        public array $flags,
    ) {}
}
