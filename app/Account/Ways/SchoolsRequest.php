<?php

declare(strict_types=1);

namespace App\Account\Ways;

use App\Http\Requests\TeamRequest;
use App\Rules\CaseOf;
use Core\Order\Schools\School;

/** One school for each question that was answered. */
final class SchoolsRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['schools' => ['present', 'list', 'max:20'], 'schools.*' => ['required', new CaseOf(School::class)]];
    }

    /** @return array<string, mixed> of PainterWays */
    public function change(): array
    {
        return ['schools' => $this->validated('schools')];
    }
}
