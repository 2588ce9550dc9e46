<?php

declare(strict_types=1);

namespace App\Http\Resources\Line;

use App\Http\Resources\SparseResource;
use Core\Line\EventKind;

/** A tap that the server has, with what became of it: Core\Line\Judged. */
final readonly class ToldTap extends SparseResource
{
    public function __construct(
        public string $id,
        public EventKind $kind,
        public int $at,
        public ?string $ticket = null,
        public ?int $number = null,
        public ?string $firstName = null,
        public ?string $design = null,
        public ?int $chair = null,
        public ?string $plan = null,
        public ?string $step = null,
        public ?string $before = null,
        public ?string $target = null,
        public ?string $painter = null,
        public ?int $until = null,
        public ?float $rank = null,
        public ?string $aside = null,
    ) {}
}
