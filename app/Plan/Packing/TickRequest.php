<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Http\Requests\TeamRequest;

/** Something put into the bag, or taken out of it. */
final class TickRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['thing' => ['required', 'string', 'max:120'], 'isPacked' => ['required', 'boolean']];
    }
}
