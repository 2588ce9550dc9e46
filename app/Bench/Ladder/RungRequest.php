<?php

declare(strict_types=1);

namespace App\Bench\Ladder;

use App\Http\Requests\TeamRequest;
use Core\Design\Defaults;
use Core\Design\RungChoice;
use Core\Design\RungName;

/** A version of a design: which steps are left out, and which are painted another way ("step id:number of the way"). */
final class RungRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'leftOut' => ['sometimes', 'list', 'max:'.Defaults::MOST_STEPS],
            'leftOut.*' => ['required', 'string', 'ulid'],
            'otherWays' => ['sometimes', 'list', 'max:'.Defaults::MOST_STEPS],
            'otherWays.*' => ['required', 'string', 'regex:/^[0-9a-z]{26}:[0-3]$/'],
        ];
    }

    public function choice(): RungChoice
    {
        /** @var list<string> $leftOut */
        $leftOut = $this->validated('leftOut', []);
        /** @var list<string> $otherWays */
        $otherWays = $this->validated('otherWays', []);
        $ways = [];
        foreach ($otherWays as $way) {
            $ways[strtolower(substr($way, 0, 26))] = (int) substr($way, 27);
        }

        return new RungChoice(RungName::Core, null, array_map(strtolower(...), $leftOut), $ways);
    }
}
