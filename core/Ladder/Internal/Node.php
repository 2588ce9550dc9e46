<?php

declare(strict_types=1);

namespace Core\Ladder\Internal;

use Core\Ladder\Rung;

/** All versions that make the same first choices; a single one where a rung is known. */
final readonly class Node
{
    /**
     * @param  list<int>  $picks  option by place; as typed where nothing is chosen yet
     * @param  int  $chosen  choices that are made
     * @param  int  $painting  milliseconds of what is sure
     * @param  int  $kinds  bits of the kinds of tool they take
     * @param  int  $look  tenths of what is sure
     */
    public function __construct(
        public array $picks,
        public int $chosen,
        public int $painting,
        public int $kinds,
        public int $look,
        public ?Rung $rung = null,
    ) {}
}
