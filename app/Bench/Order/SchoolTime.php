<?php

declare(strict_types=1);

namespace App\Bench\Order;

use App\Http\Resources\Resource;
use Core\Order\Schools\School;

/** How long a design takes in its best order when a school is followed. */
final readonly class SchoolTime extends Resource
{
    /** @param  int|null  $totalMs  null when no order keeps all its rules */
    public function __construct(public School $school, public ?int $totalMs) {}
}
