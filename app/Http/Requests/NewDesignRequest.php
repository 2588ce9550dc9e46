<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\DesignStart;
use App\Models\Design;
use App\Queries\WorkedDesigns;
use App\Rules\CaseOf;
use Core\Design\Defaults;
use Core\Design\Placement;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A new design: its name, and what it begins with. */
final class NewDesignRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(WorkedDesigns $workedDesigns): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'placement' => ['required', new CaseOf(Placement::class)],
            'lines' => ['sometimes', 'list', 'max:'.Defaults::MOST_STEPS],
            'lines.*' => ['required', 'string', 'max:1000'],
            'like' => ['sometimes', 'string', 'ulid'],
            'startingPoint' => ['sometimes', 'string', Rule::in(array_keys($workedDesigns()))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'The design has no name. Give it one that a child would ask for.',
            'lines.max' => 'A design holds :max steps at most. Paste fewer lines, or make two designs of it.',
            'lines.*.max' => 'Line :position is longer than :max letters. Put a shorter one, with the rest in a note.',
            'startingPoint.in' => 'There is no such starting point. Choose one of those shown.',
        ];
    }

    /** @throws ValidationException when the design it should begin like is not there */
    public function start(): DesignStart
    {
        /** @var list<string> $lines */
        $lines = $this->validated('lines', []);

        return new DesignStart(
            $this->string('name')->trim()->toString(),
            Placement::from($this->string('placement')->toString()),
            $lines,
            $this->like(),
            $this->has('startingPoint') ? $this->string('startingPoint')->toString() : null,
        );
    }

    private function like(): ?Design
    {
        if (! $this->has('like')) {
            return null;
        }

        return Design::query()->where('team_id', $this->teamId())->find($this->string('like')->lower()->toString())
            ?? throw ValidationException::withMessages(['like' => 'That design is not here any more. Choose another one.']);
    }
}
