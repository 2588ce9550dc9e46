<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Core\Design\Design;
use Core\Design\Placement;
use Illuminate\Validation\Rule;

final class NewDesignRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:80'], 'placement' => ['required', Rule::enum(Placement::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'The design has no name. Give it one that a child would ask for.'];
    }

    /** A named design with nothing to paint yet. */
    public function blank(): Design
    {
        return new Design(
            $this->string('name')->trim()->toString(),
            Placement::from($this->string('placement')->toString()),
            null,
            [],
        );
    }
}
