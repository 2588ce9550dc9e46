<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Http\Requests\TeamRequest;

/** Whether the name stays with what was painted. */
final class RemoveMemberRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['keepsName' => ['required', 'boolean']];
    }
}
