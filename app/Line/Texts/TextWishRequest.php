<?php

declare(strict_types=1);

namespace App\Line\Texts;

use App\Http\Requests\StrictRequest;

/** A parent's number and phone. */
final class TextWishRequest extends StrictRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'number' => ['required', 'integer', 'between:1,99999'],
            'slipCode' => ['required', 'string', 'size:3'],
            'phone' => ['required', 'string', 'max:40', 'regex:/^\s*\+?(?:[\s().\/-]*\d){6,15}\s*$/'],
            'language' => ['required', 'string', 'in:en,de,fr,es'],
        ];
    }

    public function number(): int
    {
        return $this->integer('number');
    }

    /** As it is read off paper: an O is a nought, an I or an L a one. */
    public function slipCode(): string
    {
        return strtr(strtoupper($this->string('slipCode')->value()), 'OIL', '011');
    }

    /** Digits alone, with the plus before them where there is one. */
    public function phone(): string
    {
        return (string) preg_replace('/[^+\d]/', '', $this->string('phone')->value());
    }

    public function language(): string
    {
        return $this->string('language')->value();
    }
}
