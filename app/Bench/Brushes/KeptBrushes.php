<?php

declare(strict_types=1);

namespace App\Bench\Brushes;

use Core\Workspace\BrushWorth;

/** What brushes kept for one colour each would save. */
final readonly class KeptBrushes
{
    /**
     * @param  list<BrushWorth>  $worth  the greatest saving first
     * @param  string  $day  name of the newest day with faces; empty where there is none
     */
    public function __construct(public array $worth, public string $day) {}
}
