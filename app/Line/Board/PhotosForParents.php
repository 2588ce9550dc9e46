<?php

declare(strict_types=1);

namespace App\Line\Board;

use App\Models\Bench\Design;
use App\Models\Bench\DesignPhoto;
use App\Models\Plan\EventDay;
use Core\Design\Photo\Photo;
use Core\Design\Photo\PhotoPlace;

/** Photos that parents see instead of the drawing: of designs on the menu of the day, where the team's owner said so. */
final readonly class PhotosForParents
{
    /** @return array<string, Photo> by design */
    public function onMenu(EventDay $day): array
    {
        $designs = Design::ofTeam($day->team_id)->whereIn('id', $day->menuItems->pluck('design_id'))->pluck('id');

        $photos = DesignPhoto::query()->select(DesignPhoto::SAID)->whereIn('design_id', $designs)->get()
            ->map(static fn (DesignPhoto $photo): Photo => $photo->toCore())
            ->filter(static fn (Photo $photo): bool => $photo->isOn(PhotoPlace::Parents));

        return array_column($photos->all(), null, 'designId');
    }

    /** @return string|null bytes of a JPEG; null where parents are shown none by that key */
    public function byKey(EventDay $day, string $key): ?string
    {
        foreach ($this->onMenu($day) as $photo) {
            if (PublicOffer::key($photo->designId) === $key) {
                return DesignPhoto::query()->find($photo->designId)?->jpeg;
            }
        }

        return null;
    }
}
