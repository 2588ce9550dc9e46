<?php

declare(strict_types=1);

namespace App\Account\Ways;

use App\Http\Requests\TeamRequest;
use App\Models\Account\PainterWays;
use App\Rules\CaseOf;
use Core\Order\Schools\InvalidTradeNumber;
use Core\Order\Schools\TradeNumber;
use Core\Order\Schools\TradeNumbers;
use Illuminate\Validation\ValidationException;

/** One number that findings rest on, set by the painter, or given back to the starting value. */
final class NumberRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['number' => ['required', new CaseOf(TradeNumber::class)], 'value' => ['present', 'nullable', 'numeric']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['value.numeric' => 'Give a number, or nothing for the starting value.'];
    }

    /**
     * @return array<string, mixed> of PainterWays
     *
     * @throws ValidationException when it is out of bounds
     */
    public function change(PainterWays $ways): array
    {
        $numbers = $ways->numbers ?? [];
        $name = $this->string('number')->toString();
        if ($this->input('value') === null) {
            return ['numbers' => array_diff_key($numbers, [$name => 0])];
        }
        try {
            TradeNumbers::of([$name => $this->float('value')]);
        } catch (InvalidTradeNumber $refusal) {
            throw ValidationException::withMessages(['value' => $refusal->getMessage()]);
        }

        return ['numbers' => [...$numbers, $name => $this->float('value')]];
    }
}
