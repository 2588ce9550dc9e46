<?php

declare(strict_types=1);

namespace App\Bench\Photos;

use App\Http\Resources\Resource;
use Core\Design\Photo\Photo;
use Core\Design\Photo\PhotoOf;
use Core\Design\Photo\PhotoPlace;

/** A painter’s own photo of a design: where it is fetched from, and where it takes the place of the drawing. */
final readonly class PhotoShown extends Resource
{
    /** @param  list<PhotoPlace>  $on */
    public function __construct(public string $address, public PhotoOf $of, public array $on) {}

    public static function of(Photo $photo): self
    {
        return new self(
            "/api/designs/{$photo->designId}/photo?version={$photo->version}",
            $photo->of,
            $photo->on,
        );
    }
}
