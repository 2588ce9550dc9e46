<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Core\Design\Colour;
use Core\Design\Defaults;
use Core\Design\Design;
use Core\Design\Medium;
use Core\Design\Placement;
use Core\Design\Side;
use Core\Design\Step;
use Core\Design\Zone;
use Core\Exceptions\CoreException;
use Core\Units\Duration;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/**
 * A design as the bench sends it. Times come as typed text.
 *
 * @phpstan-type StepInput array{
 *     id: string, name: string, medium: string, tool: string|null, colours: list<array{name: string|null, hex: string}>,
 *     zones: non-empty-list<string>, side: string, coats: int, time: string, dryFor: string|null, optional: bool, note: string|null
 * }
 */
final class SaveDesignRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer', 'min:1'],
            'name' => ['required', 'string', 'max:80'],
            'placement' => ['required', Rule::enum(Placement::class)],
            'promise' => ['present', 'nullable', 'string', 'max:32'],
            'steps' => ['present', 'list', 'max:'.Defaults::MOST_STEPS],
            'steps.*' => ['array:id,name,medium,tool,colours,zones,side,coats,time,dryFor,optional,note'],
            'steps.*.id' => ['required', 'string', 'ulid', 'distinct:ignore_case'],
            'steps.*.name' => ['required', 'string', 'max:80'],
            'steps.*.medium' => ['required', Rule::enum(Medium::class)],
            'steps.*.tool' => ['present', 'nullable', 'string', 'max:80'],
            'steps.*.colours' => ['present', 'list', 'max:12'],
            'steps.*.colours.*' => ['array:name,hex'],
            'steps.*.colours.*.name' => ['present', 'nullable', 'string', 'max:40'],
            'steps.*.colours.*.hex' => ['required', 'string', 'max:7'],
            'steps.*.zones' => ['required', 'list', 'max:15'],
            'steps.*.zones.*' => ['required', Rule::enum(Zone::class)],
            'steps.*.side' => ['required', Rule::enum(Side::class)],
            'steps.*.coats' => ['required', 'integer', 'between:1,'.Defaults::MOST_COATS],
            'steps.*.time' => ['required', 'string', 'max:32'],
            'steps.*.dryFor' => ['present', 'nullable', 'string', 'max:32'],
            'steps.*.optional' => ['required', 'boolean'],
            'steps.*.note' => ['present', 'nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'The design has no name. Give it one that a child would ask for.',
            'steps.max' => 'A design holds :max steps at most. Split it in two.',
            'steps.*.name.required' => 'Step :position has no name. Say what is painted, such as “grey base”.',
            'steps.*.time.required' => 'Step :position has no time. Type minutes such as 4, 4:30, 4m30 or 270s.',
            'steps.*.zones.required' => 'Step :position has no place. Choose at least one zone.',
            'steps.*.coats.between' => 'Step :position has a wrong number of coats. Choose :min to :max.',
            'steps.*.id.distinct' => 'Step :position has the same id as another one.',
        ];
    }

    public function revision(): int
    {
        return $this->integer('revision');
    }

    /** @throws ValidationException naming the field when a value makes no sense */
    public function content(): Design
    {
        /** @var list<StepInput> $inputs */
        $inputs = $this->validated('steps');
        $steps = [];
        foreach ($inputs as $index => $input) {
            $steps[] = $this->within("steps.{$index}.time", static fn () => self::step($input));
        }
        $promise = $this->string('promise')->trim()->toString();

        return $this->within('promise', fn () => new Design(
            $this->string('name')->trim()->toString(),
            Placement::from($this->string('placement')->toString()),
            $promise === '' ? null : Duration::parse($promise),
            $steps,
        ));
    }

    /** @param  StepInput  $input */
    private static function step(array $input): Step
    {
        $dryFor = trim($input['dryFor'] ?? '');

        return new Step(
            strtolower($input['id']),
            trim($input['name']),
            Medium::from($input['medium']),
            trim($input['tool'] ?? ''),
            array_map(static fn (array $colour) => Colour::of(trim($colour['name'] ?? ''), $colour['hex']), $input['colours']),
            array_map(Zone::from(...), $input['zones']),
            Side::from($input['side']),
            $input['coats'],
            Duration::parse($input['time']),
            $dryFor === '' ? Duration::zero() : Duration::parse($dryFor),
            $input['optional'],
            trim($input['note'] ?? ''),
        );
    }

    /**
     * @template T
     *
     * @param  callable(): T  $make
     * @return T
     */
    private function within(string $field, callable $make): mixed
    {
        try {
            return $make();
        } catch (CoreException $refusal) {
            throw ValidationException::withMessages([$field => $refusal->getMessage()]);
        }
    }
}
