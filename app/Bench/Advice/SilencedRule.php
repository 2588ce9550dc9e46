<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Http\Resources\Resource;
use Core\Design\Silence;
use Core\Order\Craft\Catalogue;

/** A rule that is not asked for a design. */
final readonly class SilencedRule extends Resource
{
    public function __construct(public string $rule, public string $title, public string $reason) {}

    public static function of(Silence $silence): self
    {
        return new self($silence->rule, Catalogue::rule($silence->rule)?->info()->title ?? $silence->rule, $silence->reason);
    }
}
