<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Http\Requests\TeamRequest;
use Core\Kit\BenchAction;
use Core\Kit\Defaults;
use Core\Units\Duration;

/** The repetitions of a drill; none to go back to the starting value. */
final class HandTimeRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'repetitions' => ['present', 'list', 'max:'.Defaults::MOST_REPETITIONS],
            'repetitions.*' => ['integer', 'between:100,120000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['repetitions.*.between' => 'A repetition takes a tenth of a second to two minutes. Do it again.'];
    }

    public function action(): BenchAction
    {
        $action = $this->route('action');

        return BenchAction::tryFrom(is_string($action) ? $action : '') ?? abort(404);
    }

    /** @return list<Duration> */
    public function repetitions(): array
    {
        /** @var list<int> $repetitions */
        $repetitions = $this->validated('repetitions');

        return array_map(Duration::ofMilliseconds(...), $repetitions);
    }
}
