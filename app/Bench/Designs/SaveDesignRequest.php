<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Http\Requests\TeamRequest;
use App\Rules\CaseOf;
use App\Rules\Distinct;
use Core\Colour\Load;
use Core\Design\Audience;
use Core\Design\Defaults;
use Core\Design\Design;
use Core\Design\Medium;
use Core\Design\Pin;
use Core\Design\PinKind;
use Core\Design\Place\GuideKind;
use Core\Design\Place\Placement;
use Core\Design\Place\Shape;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\RungChoice;
use Core\Design\RungName;
use Core\Design\Shut;
use Core\Design\Silence;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Design\Technique;
use Core\Order\Defaults as OrderDefaults;
use Core\Units\CoreException;
use Core\Units\Duration;
use Illuminate\Validation\ValidationException;

/**
 * A design as the bench sends it. Times come as typed text; an empty one leaves the time to the work there is in a step. A
 * step that did not change is its id alone.
 *
 * @phpstan-import-type Values from StepValues
 *
 * @phpstan-type AlternativeInput array{medium: string, technique: string, tool: string|null, time: string|null,
 *     count?: int|null, side?: string|null, look?: int|null, coats?: int|null}
 * @phpstan-type StepInput array{
 *     id: string, name: string, medium: string, tool: string|null, colours: list<array{name: string|null, hex: string}>,
 *     zones: list<string>,
 *     side: string, coats: int, dryFor: string|null, optional: bool, note: string|null, time?: string|null, technique?: string,
 *     load?: string,
 *     count?: int|null, smallCount?: int|null, shape?: string|null, sizePercent?: int, turnDegrees?: int,
 *     guides?: list<array{by: string, value: string}>, shut?: string|null, look?: int, group?: string|null,
 *     alternatives?: list<AlternativeInput>, stopAfter?: bool|null
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
            'placement' => ['required', new CaseOf(Placement::class)],
            'promise' => ['present', 'nullable', 'string', 'max:32'],
            'tags' => ['sometimes', 'list', 'max:'.Defaults::MOST_TAGS],
            'tags.*' => ['required', 'string', 'max:'.Defaults::LONGEST_TAG, new Distinct],
            'stillFor' => ['sometimes', 'nullable', 'string', 'max:32'],
            'gentle' => ['sometimes', 'boolean'],
            'fromAge' => ['sometimes', 'nullable', 'integer', 'between:0,18'],
            'pins' => ['sometimes', 'list', 'max:'.OrderDefaults::MOST_PINS],
            'pins.*' => ['array:kind,steps'],
            'pins.*.kind' => ['required', new CaseOf(PinKind::class)],
            'pins.*.steps' => ['required', 'list', 'max:'.Defaults::MOST_STEPS],
            'pins.*.steps.*' => ['required', 'string', 'ulid'],
            'silences' => ['sometimes', 'list', 'max:'.OrderDefaults::MOST_PINS],
            'silences.*' => ['array:rule,reason'],
            'silences.*.rule' => ['required', 'string', 'max:40'],
            'silences.*.reason' => ['required', 'string', 'max:'.OrderDefaults::LONGEST_REASON],
            'rungs' => ['sometimes', 'list', 'max:3'],
            'rungs.*' => ['array:name,within,leftOut,otherWays'],
            'rungs.*.name' => ['required', new CaseOf(RungName::class), new Distinct],
            'rungs.*.within' => ['present', 'nullable', 'string', 'max:32'],
            'rungs.*.leftOut' => ['present', 'list', 'max:'.Defaults::MOST_STEPS],
            'rungs.*.leftOut.*' => ['required', 'string', 'ulid'],
            'rungs.*.otherWays' => ['present', 'list', 'max:'.Defaults::MOST_STEPS],
            'rungs.*.otherWays.*' => ['array:stepId,way'],
            'rungs.*.otherWays.*.stepId' => ['required', 'string', 'ulid'],
            'rungs.*.otherWays.*.way' => ['required', 'integer', 'between:0,3'],
            'steps' => ['present', 'list', 'max:'.Defaults::MOST_STEPS],
            'steps.*' => ['array:id,'.implode(',', self::typedFields())],
            'steps.*.id' => ['required', 'string', 'ulid', new Distinct('Step :position has the same id as another one.')],
            ...$this->rulesOfChangedSteps(),
        ];
    }

    /** @return list<string> a step's, as they are typed */
    public static function typedFields(): array
    {
        return array_map(static fn (string $field): string => StepValues::TYPED[$field] ?? $field, StepValues::FIELDS);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'The design has no name. Give it one that a child would ask for.',
            'steps.max' => 'A design holds :max steps at most. Split it in two.',
            'steps.*.name.required' => 'Step :position has no name. Say what is painted, such as “grey base”.',
            'steps.*.count.between' => 'Step :position has a wrong count. Choose :min to :max strokes a side, or leave it empty.',
            'steps.*.sizePercent.between' => 'Step :position has a wrong size. Choose :min to :max percent.',
            'steps.*.turnDegrees.between' => 'Step :position is turned too far. Choose :min to :max degrees.',
            'tags.max' => 'A design bears :max tags at most. Leave some out.',
            'fromAge.between' => 'From which age? Give 0 to 18 years, or nothing.',
            'silences.*.reason.required' => 'Say why the rule does not hold here, in a few words.',
            'steps.*.coats.between' => 'Step :position has a wrong number of coats. Choose :min to :max.',
        ];
    }

    public function revision(): int
    {
        return $this->integer('revision');
    }

    /** @throws ValidationException naming the field when a value makes no sense */
    public function content(): Design
    {
        /** @var list<StepInput|array{id: string}> $inputs the rules above let nothing else through */
        $inputs = $this->input('steps');
        $saved = $this->design()->steps->keyBy('id');
        $steps = [];
        foreach ($inputs as $index => $input) {
            $steps[] = isset($input['name'])
                ? $this->within("steps.{$index}.time", static fn () => self::step($input))
                : $saved->get(strtolower($input['id']))?->toCore() ?? throw $this->notSaved($index);
        }
        $stillFor = $this->within('stillFor', fn (): ?Duration => self::duration($this->string('stillFor')->toString()));
        /** @var list<string> $tags */
        $tags = $this->validated('tags', []);

        $empty = $this->within('promise', fn () => new Design(
            name: $this->string('name')->trim()->toString(),
            placement: Placement::from($this->string('placement')->toString()),
            promise: self::duration($this->string('promise')->toString()),
            steps: [],
            tags: array_map(trim(...), $tags),
            audience: new Audience($stillFor, $this->boolean('gentle'), $this->filled('fromAge') ? $this->integer('fromAge') : null),
            silences: $this->within('silences', $this->silences(...)),
        ));
        $full = $this->within('placement', static fn () => $empty->withSteps($steps));

        $pinned = $this->within('pins', fn () => $full->withPins($this->pins()));

        return $this->within('rungs', fn () => $pinned->withRungs($this->rungs()));
    }

    /** @return list<RungChoice> those that are saved, where none are sent */
    private function rungs(): array
    {
        if (! $this->has('rungs')) {
            /** @var list<string> $ids */
            $ids = array_column((array) $this->input('steps'), 'id');

            return array_map(
                static fn (RungChoice $rung): RungChoice => $rung->among(array_map(strtolower(...), $ids)),
                $this->design()->toCore()->rungs,
            );
        }
        /**
         * @var list<array{name: string, within: string|null, leftOut: list<string>, otherWays: list<array{stepId: string,
         *     way: int}>}> $rungs
         */
        $rungs = $this->input('rungs');

        return array_map(static fn (array $rung): RungChoice => new RungChoice(
            RungName::from($rung['name']),
            self::duration($rung['within']),
            array_map(strtolower(...), $rung['leftOut']),
            array_change_key_case(array_column($rung['otherWays'], 'way', 'stepId')),
        ), $rungs);
    }

    /** @return list<Pin> those that are saved, where none are sent; without the pins of steps that are gone */
    private function pins(): array
    {
        if (! $this->has('pins')) {
            /** @var list<string> $ids */
            $ids = array_column((array) $this->input('steps'), 'id');

            return array_values(array_filter($this->design()->toCore()->pins, static fn (Pin $pin): bool => $pin->holdsAmong($ids)));
        }
        /** @var list<array{kind: string, steps: list<string>}> $pins */
        $pins = $this->input('pins');

        return array_map(
            static fn (array $pin): Pin => new Pin(PinKind::from($pin['kind']), array_map(strtolower(...), $pin['steps'])),
            $pins,
        );
    }

    /** @return list<Silence> */
    private function silences(): array
    {
        /** @var list<array{rule: string, reason: string}> $silences */
        $silences = $this->input('silences', $this->design()->silences ?? []);

        return array_map(static fn (array $silence): Silence => new Silence($silence['rule'], trim($silence['reason'])), $silences);
    }

    /**
     * @return array<string, list<mixed>> for each step that is sent whole, under its place: no pattern is matched against all the others
     */
    private function rulesOfChangedSteps(): array
    {
        $steps = $this->input('steps');
        $rules = [];
        foreach (is_array($steps) && count($steps) <= Defaults::MOST_STEPS ? $steps : [] as $index => $step) {
            if (is_array($step) && ! self::isKept($step)) {
                foreach (self::rulesOfStep() as $field => $own) {
                    $rules["steps.{$index}.{$field}"] = $own;
                }
            }
        }

        return $rules;
    }

    /** @return array<string, list<mixed>> */
    private static function rulesOfStep(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'medium' => ['required', new CaseOf(Medium::class)],
            'technique' => ['sometimes', new CaseOf(Technique::class)],
            'tool' => ['present', 'nullable', 'string', 'max:80'],
            'colours' => ['present', 'list', 'max:12'],
            'colours.*' => ['array:name,hex'],
            'colours.*.name' => ['present', 'nullable', 'string', 'max:40'],
            'colours.*.hex' => ['required', 'string', 'max:7'],
            'zones' => ['present', 'list', 'max:15'],
            'zones.*' => ['required', new CaseOf(Zone::class)],
            'side' => ['required', new CaseOf(Side::class)],
            'coats' => ['required', 'integer', 'between:1,'.Defaults::MOST_COATS],
            'load' => ['sometimes', new CaseOf(Load::class)],
            'count' => ['sometimes', 'nullable', 'integer', 'between:1,'.Defaults::MOST_COUNT],
            'smallCount' => ['sometimes', 'nullable', 'integer', 'between:1,'.Defaults::MOST_COUNT],
            'shape' => ['sometimes', 'nullable', new CaseOf(Shape::class)],
            'sizePercent' => ['sometimes', 'integer', 'between:'.Defaults::LEAST_SIZE_PERCENT.','.Defaults::MOST_SIZE_PERCENT],
            'turnDegrees' => ['sometimes', 'integer', 'between:-180,180'],
            'guides' => ['sometimes', 'list', 'max:'.Defaults::MOST_GUIDES],
            'guides.*' => ['array:by,value'],
            'guides.*.by' => ['required', new CaseOf(GuideKind::class)],
            'guides.*.value' => ['required', 'string', 'max:40'],
            'time' => ['sometimes', 'nullable', 'string', 'max:32'],
            'shut' => ['sometimes', 'nullable', new CaseOf(Shut::class)],
            'look' => ['sometimes', 'integer', 'between:0,'.Defaults::MOST_LOOK],
            'group' => ['sometimes', 'nullable', 'string', 'max:40'],
            'alternatives' => ['sometimes', 'list', 'max:4'],
            'alternatives.*' => ['array:medium,technique,tool,time,count,side,look,coats'],
            'alternatives.*.medium' => ['required', new CaseOf(Medium::class)],
            'alternatives.*.technique' => ['required', new CaseOf(Technique::class)],
            'alternatives.*.tool' => ['present', 'nullable', 'string', 'max:80'],
            'alternatives.*.time' => ['present', 'nullable', 'string', 'max:32'],
            'alternatives.*.count' => ['sometimes', 'nullable', 'integer', 'between:1,'.Defaults::MOST_COUNT],
            'alternatives.*.side' => ['sometimes', 'nullable', new CaseOf(Side::class)],
            'alternatives.*.look' => ['sometimes', 'nullable', 'integer', 'between:0,'.Defaults::MOST_LOOK],
            'alternatives.*.coats' => ['sometimes', 'nullable', 'integer', 'between:1,'.Defaults::MOST_COATS],
            'stopAfter' => ['sometimes', 'nullable', 'boolean'],
            'dryFor' => ['present', 'nullable', 'string', 'max:32'],
            'optional' => ['required', 'boolean'],
            'note' => ['present', 'nullable', 'string', 'max:500'],
        ];
    }

    /**
     * A step of which nothing but its id is sent stays as it is saved.
     *
     * @param  array<array-key, mixed>  $step
     */
    private static function isKept(array $step): bool
    {
        return array_keys($step) === ['id'];
    }

    /** @param  StepInput  $input */
    private static function step(array $input): Step
    {
        $alternatives = array_map(static fn (array $way): array => self::written(
            [...$way, 'seconds' => self::duration($way['time'])?->seconds()],
            'time',
        ), $input['alternatives'] ?? []);
        /** @var Values $values nothing but what the rules above let through */
        $values = self::written([
            ...$input,
            'seconds' => self::duration($input['time'] ?? null)?->seconds(),
            'drySeconds' => self::duration($input['dryFor'])?->seconds(),
            'colours' => array_map(static fn (array $colour): array => self::written($colour), $input['colours']),
            'alternatives' => $alternatives,
        ], 'time', 'dryFor', 'id');

        return StepValues::read(strtolower($input['id']), $values)->withPossibleWays();
    }

    private function notSaved(int $index): ValidationException
    {
        $number = $index + 1;

        return ValidationException::withMessages(["steps.{$index}.id" => "Step {$number} is not saved here yet. Send all of it."]);
    }

    /**
     * What is empty is left out, as in the written form.
     *
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     */
    private static function written(array $values, string ...$apart): array
    {
        return array_filter(array_diff_key($values, array_flip($apart)), static fn (mixed $value): bool => $value !== null);
    }

    private static function duration(?string $typed): ?Duration
    {
        $typed = trim((string) $typed);

        return $typed === '' ? null : Duration::parse($typed);
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
