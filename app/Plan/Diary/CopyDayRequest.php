<?php

declare(strict_types=1);

namespace App\Plan\Diary;

use App\Http\Requests\TeamRequest;
use App\Rules\Distinct;

/** The dates on which a day is made again. */
final class CopyDayRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'dates' => ['required', 'list', 'between:1,52'],
            'dates.*' => ['required', 'string', new Distinct, 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'dates.required' => 'No date is chosen. Choose when it takes place again.',
            'dates.between' => 'Choose 1 to 52 dates.',
            'dates.*' => 'That is not a date. Choose the day of the event.',
        ];
    }

    /** @return list<string> */
    public function dates(): array
    {
        /** @var list<string> */
        return $this->validated('dates');
    }
}
