<?php

declare(strict_types=1);

namespace App\Bench\Photos;

use App\Http\Requests\TeamRequest;
use App\Rules\CaseOf;
use Core\Design\Photo\PhotoPlace;

/** Where a photo takes the place of the drawing. */
final class ShowPhotoRequest extends TeamRequest
{
    /** @return array<string, list<string|CaseOf>> */
    public function rules(): array
    {
        return ['on' => ['present', 'list', 'max:'.count(PhotoPlace::cases())], 'on.*' => ['string', new CaseOf(PhotoPlace::class)]];
    }

    /** @return list<PhotoPlace> */
    public function places(): array
    {
        $said = $this->array('on');

        return array_values(array_filter(
            PhotoPlace::cases(),
            static fn (PhotoPlace $place): bool => in_array($place->value, $said, true),
        ));
    }
}
