<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

use Core\Design\Technique;

/** Something done without new paint. */
final readonly class Act
{
    /**
     * @param  Technique|null  $technique  of the step that it is; null where it takes no time of its own and is kept as a note
     * @param  int|null  $seconds  that it usually takes; null for those of its work content
     * @param  bool  $isOnSkin  whether it needs a place
     */
    public function __construct(public ?Technique $technique, public ?int $seconds = null, public bool $isOnSkin = false) {}
}
