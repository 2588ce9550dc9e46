<?php

declare(strict_types=1);

namespace App\Plan\Packing;

use App\Http\Requests\TeamRequest;
use App\Rules\Distinct;
use Core\Kit\Defaults;

/** What is left after an event. */
final class StockRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'left' => ['required', 'list', 'between:1,500'],
            'left.*.itemId' => ['required', 'string', new Distinct],
            'left.*.left' => ['required', 'integer', 'between:0,'.Defaults::MOST_GRAMS],
            'left.*.isWeighed' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'left.required' => 'Nothing of it is weighed or counted in the kit. Type what is left of something first.',
            'left.*.left.*' => 'What is left is :min to :max, whole grams or pieces.',
        ];
    }

    /** @return list<array{itemId: string, left: int, isWeighed: bool}> */
    public function left(): array
    {
        /** @var list<array{itemId: string, left: int, isWeighed: bool}> $left */
        $left = $this->validated('left');

        return $left;
    }
}
