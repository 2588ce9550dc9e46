<?php

declare(strict_types=1);

namespace App\Account\Ways;

use App\Http\Requests\TeamRequest;
use App\Rules\CaseOf;
use Core\Timeline\Timing;

/** What the painter's typed seconds hold. */
final class TimingRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['timing' => ['required', new CaseOf(Timing::class)]];
    }

    /** @return array<string, mixed> of PainterWays */
    public function change(): array
    {
        return ['timing' => $this->validated('timing')];
    }
}
