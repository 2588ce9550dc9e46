<?php

declare(strict_types=1);

namespace App\Begin\FirstDay;

use App\Bench\Designs\WorkedDesigns;
use App\Http\Requests\TeamRequest;
use App\Rules\CaseOf;
use App\Rules\Distinct;
use Core\Line\Defaults;
use Core\Plan\Occasion;
use Illuminate\Validation\Rule;

/** The three taps of whoever begins: where, how many hands, and what is painted already. */
final class BeginRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(WorkedDesigns $workedDesigns): array
    {
        return [
            'occasion' => ['required', new CaseOf(Occasion::class)],
            'name' => ['required', 'string', 'max:80'],
            'hands' => ['required', 'integer', 'between:1,'.Defaults::MOST_CHAIRS],
            'designs' => ['required', 'list', 'min:1'],
            'designs.*' => ['required', 'string', new Distinct, Rule::in(array_keys($workedDesigns()))],
            // Browsers still name zones by their old names.
            'timezone' => ['required', 'string', 'timezone:all_with_bc'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'designs.required' => 'Nothing is chosen yet. Tap at least one design that you paint.',
            'designs.*.in' => 'There is no such design to begin with. Choose among those shown.',
            'hands.between' => 'Choose :min to :max painters.',
        ];
    }

    public function terms(): BeginTerms
    {
        /** @var list<string> $designs */
        $designs = $this->validated('designs');

        return new BeginTerms(
            occasion: Occasion::from($this->string('occasion')->toString()),
            hands: $this->integer('hands'),
            designs: $designs,
            timezone: $this->string('timezone')->toString(),
            name: $this->string('name')->trim()->toString(),
        );
    }
}
