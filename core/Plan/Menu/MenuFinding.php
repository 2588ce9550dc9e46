<?php

declare(strict_types=1);

namespace Core\Plan\Menu;

use Core\Units\Duration;

/** Something that a menu does to its day, in its own numbers. */
final readonly class MenuFinding
{
    /**
     * @param  string  $rule  a name for it
     * @param  list<string>  $offers  ids that it is about
     * @param  Duration|null  $promise  for the first of them, which would mend it
     */
    public function __construct(public string $rule, public array $offers, public string $says, public ?Duration $promise = null) {}
}
