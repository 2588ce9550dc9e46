<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Exceptions\InvalidShape;
use App\Json\ReadShapedJson;
use Core\Plan\EventPlan;
use Core\Plan\EventPlanFile;
use Core\Plan\InvalidPlanFile;

/** Reads an event plan: JSON, then its published schema, then the meaning. */
final readonly class ReadPlanFile
{
    public function __construct(private ReadShapedJson $readShapedJson) {}

    /** @throws InvalidShape|InvalidPlanFile naming the path inside the file and the reason */
    public function __invoke(string $json): EventPlan
    {
        return EventPlanFile::read(($this->readShapedJson)($json, 'event-plan.v1.schema.json'));
    }
}
