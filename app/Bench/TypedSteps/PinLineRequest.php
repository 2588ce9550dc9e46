<?php

declare(strict_types=1);

namespace App\Bench\TypedSteps;

use App\Http\Requests\TeamRequest;

/** One line about the order of steps. */
final class PinLineRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['line' => ['required', 'string', 'max:300']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['line.required' => 'Write what you want of the order, such as “foam before outline”.'];
    }

    public function line(): string
    {
        return $this->string('line')->toString();
    }
}
