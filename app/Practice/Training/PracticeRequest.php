<?php

declare(strict_types=1);

namespace App\Practice\Training;

use App\Http\Requests\TeamRequest;
use App\Models\Bench\Design;
use App\Rules\CaseOf;
use Core\Design\Place\Side;
use Core\Pace\Drill;
use Core\Units\Duration;
use Illuminate\Validation\ValidationException;

/** What is practised, and for a repetition how long it took. */
final class PracticeRequest extends TeamRequest
{
    private const LONGEST_MS = 3_600_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'drill' => ['required_without:design', 'nullable', new CaseOf(Drill::class)],
            'design' => ['required_without:drill', 'nullable', 'string', 'ulid'],
            'step' => ['sometimes', 'nullable', 'string', 'ulid'],
            'side' => ['sometimes', 'nullable', 'in:left,right'],
            'aim' => ['sometimes', 'nullable', 'string', 'max:32'],
            'id' => [$this->isMethod('POST') ? 'required' : 'sometimes', 'string', 'ulid'],
            'spentMs' => [$this->isMethod('POST') ? 'required' : 'sometimes', 'integer', 'between:1,'.self::LONGEST_MS],
            'interrupted' => ['sometimes', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'drill.required_without' => 'Say what is practised: a stroke, or a design.',
            'spentMs.between' => 'That repetition took no time, or more than an hour. Start again.',
        ];
    }

    /** @throws ValidationException when that design or step is not one of the team's */
    public function target(): PracticeTarget
    {
        $drill = Drill::tryFrom($this->string('drill')->toString());
        $side = $this->filled('side') ? Side::from($this->string('side')->toString()) : null;
        if ($drill !== null) {
            return new PracticeTarget($drill, null, '', $side ?? Side::Right);
        }
        $design = Design::ofTeam($this->teamId())->with(['steps', 'plan'])->find(strtolower($this->string('design')->toString()))
            ?? throw ValidationException::withMessages(['design' => 'That design is not one of yours, or was deleted.']);
        $step = strtolower($this->string('step')->toString());
        if ($step !== '' && ! $design->steps->contains('id', $step)) {
            throw ValidationException::withMessages(['step' => 'That step is not in the design any more. Choose another.']);
        }

        return new PracticeTarget(null, $design, $step, $step === '' ? null : $side);
    }

    public function spent(): Duration
    {
        return Duration::ofMilliseconds($this->integer('spentMs'));
    }

    /** @throws ValidationException when it is no time */
    public function aim(): ?Duration
    {
        $typed = $this->string('aim')->trim()->toString();

        return $typed === '' ? null : Duration::tryParse($typed) ?? throw ValidationException::withMessages(
            ['aim' => "“{$typed}” is no time. Type it such as 0:40, 40s or 3:30."],
        );
    }
}
