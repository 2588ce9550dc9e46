<?php

declare(strict_types=1);

namespace App\Plan\Party;

use App\Http\Requests\TeamRequest;
use App\Rules\CaseOf;
use Core\Plan\BirthdayChild;

/** The children of a party as they are typed. They are put in order and not kept. */
final class PartyOrderRequest extends TeamRequest
{
    private const LONGEST = 10_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'guests' => ['required', 'string', 'max:'.self::LONGEST],
            'birthday' => ['required', 'string', new CaseOf(BirthdayChild::class)],
            'cakeAt' => ['present', 'nullable', 'integer', 'gt:'.$this->day()->opens_ms, 'lte:'.$this->day()->closes_ms],
            'more' => ['required', 'integer', 'between:0,50'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'guests.required' => 'Nobody stands on the list. Type one child a line.',
            'guests.max' => 'That list is too long for a party. Type one child a line.',
            'cakeAt.gt' => 'The cake comes before the party begins. Choose a later time.',
            'cakeAt.lte' => 'The cake comes after the party ends. Choose an earlier time.',
        ];
    }

    public function guests(): string
    {
        return $this->string('guests')->toString();
    }

    public function birthday(): BirthdayChild
    {
        return BirthdayChild::from($this->string('birthday')->toString());
    }

    public function cakeMs(): ?int
    {
        return $this->input('cakeAt') === null ? null : $this->integer('cakeAt');
    }

    /** Children who may come without being on the list. */
    public function more(): int
    {
        return $this->integer('more');
    }
}
