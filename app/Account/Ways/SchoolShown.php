<?php

declare(strict_types=1);

namespace App\Account\Ways;

use App\Http\Resources\Resource;
use Core\Order\Schools\School;

final readonly class SchoolShown extends Resource
{
    public function __construct(public School $school, public string $label) {}
}
