<?php

declare(strict_types=1);

namespace App\Bench\Ladder;

use App\Logbook\Pace\VersionPace;
use Core\Design\RungName;
use Core\Ladder\Rung;

/** A rung of a ladder, with what it is called and how long it really takes. */
final readonly class RungRead
{
    /**
     * @param  list<RungName>  $names
     * @param  VersionPace|null  $pace  null while nothing is logged
     */
    public function __construct(public Rung $rung, public array $names, public ?VersionPace $pace) {}
}
