<?php

declare(strict_types=1);

namespace App\Practice\Training;

use App\Models\Bench\Design;
use Core\Design\Place\Side;
use Core\Pace\Drill;

/** What is practised: a drill, a design, or one of its steps; on one side or as it is typed. */
final readonly class PracticeTarget
{
    /**
     * @param  string  $stepId  empty for the whole design
     * @param  Side|null  $side  null for as it is typed
     */
    public function __construct(public ?Drill $drill, public ?Design $design, public string $stepId, public ?Side $side) {}
}
