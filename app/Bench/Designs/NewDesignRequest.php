<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Bench\TypedSteps\ReadListRequest;
use App\Http\Requests\TeamRequest;
use App\Models\Bench\Design;
use App\Rules\CaseOf;
use Core\Design\Place\Placement;
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
            'placement' => ['nullable', 'required_without:list', new CaseOf(Placement::class)],
            'list' => ['sometimes', ...ReadListRequest::rulesOfList()],
            'like' => ['sometimes', 'string', 'ulid'],
            'startingPoint' => ['sometimes', 'string', Rule::in(array_keys($workedDesigns()))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'The design has no name. Give it one that a child would ask for.',
            'list.max' => 'A list is read up to :max letters. Paste it in parts.',
            'startingPoint.in' => 'There is no such starting point. Choose one of those shown.',
        ];
    }

    /** @throws ValidationException when the design it should begin like is not there */
    public function start(): DesignStart
    {
        return new DesignStart(
            name: $this->string('name')->trim()->toString(),
            placement: $this->filled('placement') ? Placement::from($this->string('placement')->toString()) : null,
            list: $this->string('list')->toString(),
            like: $this->like(),
            startingPoint: $this->has('startingPoint') ? $this->string('startingPoint')->toString() : null,
        );
    }

    private function like(): ?Design
    {
        if (! $this->has('like')) {
            return null;
        }

        return Design::ofTeam($this->teamId())->find($this->string('like')->lower()->toString())
            ?? throw ValidationException::withMessages(['like' => 'That design is not here any more. Choose another one.']);
    }
}
