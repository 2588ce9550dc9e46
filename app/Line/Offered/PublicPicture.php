<?php

declare(strict_types=1);

namespace App\Line\Offered;

use App\Http\Resources\Resource;
use App\Plan\FacePlans\PlanRead;
use Core\Design\Place\Placement;

/** What the picture of a design on the menu is drawn from. */
final readonly class PublicPicture extends Resource
{
    /**
     * @param  string|null  $photo  where the painters' own is fetched from, which stands instead of the drawing
     * @param  string  $key  of the design, for whoever looks on
     * @param  list<PublicStroke>  $steps
     */
    public function __construct(public string $key, public Placement $placement, public array $steps, public ?string $photo) {}

    public static function of(PlanRead $plan, string $key, ?string $photo = null): self
    {
        return new self(
            $key,
            $plan->design->placement,
            array_map(PublicStroke::of(...), $plan->steps, array_keys($plan->steps)),
            $photo,
        );
    }
}
