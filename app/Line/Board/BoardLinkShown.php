<?php

declare(strict_types=1);

namespace App\Line\Board;

use App\Http\Resources\Resource;

/** The address of a day's board for parents, if there is one. */
final readonly class BoardLinkShown extends Resource
{
    public function __construct(public ?string $address, public bool $showsNames) {}
}
