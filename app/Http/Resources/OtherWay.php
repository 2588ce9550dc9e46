<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Core\Design\Medium;
use Core\Design\Technique;

/** Another way to paint a step; its time as typed, empty where the work in it says how long. */
final readonly class OtherWay extends Resource
{
    public function __construct(public Medium $medium, public Technique $technique, public string $tool, public string $time) {}
}
