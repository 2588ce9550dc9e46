<?php

declare(strict_types=1);

namespace App\Line\Told;

use Core\Line\LineEvent;
use Core\Units\Instant;

/** What a reader of a line lacks. */
final readonly class LineNewsRead
{
    /**
     * @param  LineVersion  $version  what the reader has with it
     * @param  LineRead|null  $whole  in place of all that was told before
     * @param  list<LineEvent>  $events  to go on from that, in the order they arrived
     * @param  bool  $showsMoney  not to those whom it is no business of
     */
    public function __construct(
        public LineVersion $version,
        public Instant $now,
        public ?LineRead $whole,
        public array $events,
        public bool $showsMoney,
    ) {}
}
