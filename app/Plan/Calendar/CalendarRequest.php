<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Http\Requests\TeamRequest;

/** A calendar to be looked at: the body is the file itself, the address says where whoever reads it is. */
final class CalendarRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['timezone' => ['required', 'string', 'timezone:all_with_bc']];
    }

    /** @return array<string, mixed> */
    public function validationData(): array
    {
        return ['timezone' => $this->query('timezone')];
    }

    public function timezone(): string
    {
        return (string) $this->string('timezone');
    }
}
