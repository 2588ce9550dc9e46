<?php

declare(strict_types=1);

namespace App\Logbook\Faces;

use App\Http\Requests\TeamRequest;
use Core\Units\Duration;

/** What a step of a logged face really took. */
final class MendRequest extends TeamRequest
{
    /** A step of four hours is none. */
    private const MOST_MS = 14_400_000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['spentMs' => ['required', 'integer', 'between:1000,'.self::MOST_MS]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['spentMs.between' => 'A step takes a second at least and four hours at most.'];
    }

    public function spent(): Duration
    {
        return Duration::ofMilliseconds($this->integer('spentMs'));
    }

    public function ticketId(): string
    {
        $ticket = $this->route('ticket');

        return is_string($ticket) ? strtolower($ticket) : '';
    }

    public function position(): int
    {
        $position = $this->route('position');

        return is_numeric($position) ? (int) $position : -1;
    }
}
