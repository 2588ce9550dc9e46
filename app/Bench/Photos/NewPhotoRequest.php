<?php

declare(strict_types=1);

namespace App\Bench\Photos;

use App\Http\Requests\TeamRequest;
use App\Rules\CaseOf;
use Core\Design\Photo\PhotoOf;

/** The body is the photo itself; what it shows stands in the address. */
final class NewPhotoRequest extends TeamRequest
{
    /** @return array<string, list<string|CaseOf>> */
    public function rules(): array
    {
        return [
            'of' => ['required', 'string', new CaseOf(PhotoOf::class)],
            'yes' => ['accepted_if:of,'.PhotoOf::Face->value],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['yes.accepted_if' => 'A photo of a face needs a yes: a parent’s for a child. Ask first, then tick it.'];
    }

    public function of(): PhotoOf
    {
        return PhotoOf::from($this->string('of')->toString());
    }
}
