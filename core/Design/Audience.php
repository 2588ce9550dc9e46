<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Units\Duration;

/** Whom a design suits. */
final readonly class Audience
{
    /**
     * @param  Duration|null  $sitsStillFor  how long the child must keep still at least; null when nothing is said
     * @param  bool  $isGentle  whether it suits a child who dislikes being touched about the eyes and lips
     * @param  int|null  $fromAge  years the youngest child has that it is meant for; null when nothing is said
     */
    public function __construct(public ?Duration $sitsStillFor = null, public bool $isGentle = false, public ?int $fromAge = null) {}
}
