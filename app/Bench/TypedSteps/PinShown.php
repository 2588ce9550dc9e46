<?php

declare(strict_types=1);

namespace App\Bench\TypedSteps;

use App\Http\Resources\Resource;
use Core\Design\Pin;
use Core\Design\PinKind;

/** What a painter wants of the order. */
final readonly class PinShown extends Resource
{
    /** @param  list<string>  $steps  ids; of a pair the earlier one first */
    public function __construct(public PinKind $kind, public array $steps) {}

    public static function of(Pin $pin): self
    {
        return new self($pin->kind, $pin->steps);
    }
}
