<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use App\Http\Resources\Resource;
use Core\Plan\Menu\MenuFinding;

/** Something that a menu does to its day; with a promise for the first design where that would mend it. */
final readonly class MenuNote extends Resource
{
    /** @param  list<string>  $designs */
    public function __construct(public string $rule, public array $designs, public string $says, public ?int $promiseMs) {}

    public static function of(MenuFinding $finding): self
    {
        return new self($finding->rule, $finding->offers, $finding->says, $finding->promise?->milliseconds);
    }
}
