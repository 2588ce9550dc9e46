<?php

declare(strict_types=1);

namespace App\Line\Taps;

use App\Http\Requests\TeamRequest;
use App\Line\Told\LineVersion;
use App\Rules\CaseOf;
use Core\Line\Ahead\AfterFace;
use Core\Line\Caution;
use Core\Line\Defaults;
use Core\Line\EventKind;
use Core\Line\PauseReason;
use Core\Line\Payment;
use Illuminate\Support\Facades\Validator as ValidatorFacade;
use Illuminate\Support\Str;

/** A batch of taps. A tap that is out of shape is refused alone, so that it never holds up the ones behind it. */
final class RecordTapsRequest extends TeamRequest
{
    public const MOST_TAPS = 500;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'taps' => ['required', 'list', 'max:'.self::MOST_TAPS],
            'since' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'taps.max' => 'Too many taps at once. Send :max at most, then the rest.',
        ];
    }

    /** @return list<Tap|TapOutcome> in the order sent */
    public function taps(): array
    {
        /** @var list<mixed> $inputs */
        $inputs = $this->input('taps');

        return array_map(self::tap(...), $inputs);
    }

    /** What the sender has of the line; null where nothing, or nothing that is known. */
    public function since(): ?LineVersion
    {
        return LineVersion::read($this->string('since')->value());
    }

    private static function tap(mixed $input): Tap|TapOutcome
    {
        $id = is_array($input) && is_string($input['id'] ?? null) ? $input['id'] : '';
        if (! is_array($input) || ! Str::isUlid($id)) {
            return new TapOutcome($id, TapFate::Refused, 'A tap has no proper id. Give each one a ULID.');
        }
        // Most taps say little: rules for what is not there would only cost time.
        $said = ['kind' => true, 'at' => true, ...$input];
        $validator = ValidatorFacade::make($input, array_filter(
            self::strictly(self::tapRules()),
            static fn (string $field): bool => isset($said[explode('.', $field)[0]]) || array_key_exists($field, $said),
            ARRAY_FILTER_USE_KEY,
        ));
        if ($validator->fails()) {
            return new TapOutcome(strtolower($id), TapFate::Refused, 'This tap is out of shape: '.$validator->errors()->first());
        }
        /** @var array<string, mixed> $tap */
        $tap = $validator->validated();

        return Tap::of($tap);
    }

    /** @return array<string, list<mixed>> */
    private static function tapRules(): array
    {
        return [
            'id' => ['required', 'string', 'ulid'],
            'kind' => ['required', new CaseOf(EventKind::class)],
            'at' => ['required', 'integer', 'min:0', 'max:4102444800000'],
            'ticket' => ['nullable', 'string', 'ulid'],
            'firstName' => ['nullable', 'string', 'max:40'],
            'design' => ['nullable', 'string', 'ulid'],
            'chair' => ['nullable', 'integer', 'between:1,'.Defaults::MOST_CHAIRS],
            'plan' => ['nullable', 'string', 'regex:/^[0-9a-f]{64}$/'],
            'step' => ['nullable', 'string', 'ulid'],
            'before' => ['nullable', 'string', 'ulid'],
            'target' => ['nullable', 'string', 'ulid'],
            'painter' => ['nullable', 'string', 'ulid'],
            'until' => ['nullable', 'integer', 'min:0', 'max:4102444800000'],
            'party' => ['nullable', 'string', 'ulid'],
            'note' => ['nullable', 'string', 'max:'.Defaults::LONGEST_NOTE],
            'answers' => ['nullable', 'list', 'max:'.count(Caution::cases())],
            'answers.*' => ['required', new CaseOf(Caution::class)],
            'without' => ['nullable', 'list', 'max:200'],
            'without.*' => ['required', 'string', 'ulid'],
            'reason' => ['nullable', new CaseOf(PauseReason::class)],
            'part' => ['nullable', new CaseOf(AfterFace::class)],
            'cents' => ['nullable', 'integer', 'between:0,10000000'],
            'payment' => ['nullable', new CaseOf(Payment::class)],
            'spent' => ['nullable', 'integer', 'between:1000,14400000'],
        ];
    }
}
