<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Http\Requests\TeamRequest;
use Core\Units\Currency;
use Core\Units\UnknownCurrency;
use Illuminate\Validation\ValidationException;

/** In what a team is paid. */
final class CurrencyRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['currency' => ['required', 'string', 'max:8']];
    }

    /** @throws ValidationException when nobody is paid in it */
    public function currency(): Currency
    {
        try {
            return Currency::of($this->string('currency')->toString());
        } catch (UnknownCurrency $refusal) {
            throw ValidationException::withMessages(['currency' => $refusal->getMessage()]);
        }
    }
}
