<?php

declare(strict_types=1);

namespace Core\Design\Photo;

/** A painter’s own photo of a design, without the picture itself. */
final readonly class Photo
{
    /**
     * @param  string  $version  of the picture: another one has another
     * @param  list<PhotoPlace>  $on  where it takes the place of the drawing
     */
    public function __construct(public string $designId, public string $version, public PhotoOf $of, public array $on) {}

    public function isOn(PhotoPlace $place): bool
    {
        return in_array($place, $this->on, true);
    }
}
