<?php

declare(strict_types=1);

namespace App\Policies;

final readonly class MenuPolicy extends ForPainters {}
