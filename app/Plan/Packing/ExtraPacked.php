<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Http\Resources\Resource;

/** Something that is packed besides the kit. */
final readonly class ExtraPacked extends Resource
{
    public function __construct(public string $name, public int $howMany) {}

    /** @return list<self> */
    public static function all(PackingRead $read): array
    {
        $all = [];
        foreach ($read->extras as $extra) {
            $all[] = new self($extra->name, $extra->how_many);
        }

        return $all;
    }
}
