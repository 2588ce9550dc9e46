<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Bench\TypedSteps\StepRead;
use Core\Units\Duration;

/** What pressing a fix does to a design. */
final readonly class FixRead
{
    /**
     * @param  string  $label  as on a button
     * @param  list<string>  $order  ids of all steps afterwards
     * @param  list<StepRead>  $changed  steps that are new or otherwise then
     * @param  Duration|null  $promise  where it changes
     * @param  int|null  $fromAge  where it changes
     */
    public function __construct(
        public string $label,
        public array $order,
        public array $changed,
        public ?Duration $promise,
        public ?int $fromAge,
    ) {}
}
