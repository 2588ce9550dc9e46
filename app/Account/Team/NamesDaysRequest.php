<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Http\Requests\TeamRequest;
use Core\Team\Defaults;

/** For how many days after an event children's first names are kept. */
final class NamesDaysRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['days' => ['required', 'integer', 'between:0,'.Defaults::MOST_NAMES_DAYS]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['days.between' => 'First names can be kept for :min to :max days after an event.'];
    }
}
