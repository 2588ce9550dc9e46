<?php

declare(strict_types=1);

namespace App\Account\Ways;

use App\Http\Requests\TeamRequest;
use App\Rules\CaseOf;
use Core\Colour\PaintKind;
use Core\Surface\Drying;
use Core\Units\Duration;

/** Two taps after a dab of paint: when it turned tacky, and when it was dry. */
final class TouchTestRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'paintKind' => ['required', new CaseOf(PaintKind::class), 'not_in:powder'],
            'tackyMs' => ['required', 'integer', 'between:1000,3600000'],
            'dryMs' => ['required', 'integer', 'gt:tackyMs', 'max:3600000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'paintKind.not_in' => 'Powder is always dry. Dab wax or glycerine paint.',
            'tackyMs.between' => 'Paint turns tacky between a second and an hour after the dab. Do the test again.',
            'dryMs.gt' => 'It is dry after it was tacky. Do the test again.',
        ];
    }

    /** @return array<string, mixed> of PainterWays */
    public function change(): array
    {
        $drying = Drying::fromTouchTest(
            PaintKind::from($this->string('paintKind')->toString()),
            Duration::ofMilliseconds($this->integer('tackyMs')),
            Duration::ofMilliseconds($this->integer('dryMs')),
        );

        return ['touched_factor' => $drying->factor, 'touched_at' => now()];
    }
}
