<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Http\Resources\Resource;
use Core\Design\Medium;
use Core\Design\Place\Side;
use Core\Design\Technique;

/** Another way to paint a step; its time as typed, empty where the step's own or the work in it says how long. Nulls are as in the step. */
final readonly class OtherWay extends Resource
{
    public function __construct(
        public Medium $medium,
        public Technique $technique,
        public string $tool,
        public string $time,
        public ?int $count,
        public ?Side $side,
        public ?int $look,
        public ?int $coats,
    ) {}
}
