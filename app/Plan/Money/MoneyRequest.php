<?php

declare(strict_types=1);

namespace App\Plan\Money;

use App\Http\Requests\TeamRequest;
use Core\Plan\Money\Costs;
use Core\Plan\Money\Rates;
use Core\Units\Duration;

/** What a team wants for its work and what an event takes, to be kept or only to be tried. */
final class MoneyRequest extends TeamRequest
{
    private const MOST_CENTS = 100_000_000;

    private const MOST_KILOMETRES = 2000;

    private const LONGEST_WAY_MINUTES = 1440;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $amount = ['required', 'integer', 'between:0,'.self::MOST_CENTS];

        return [
            'hourCents' => $amount, 'leastCents' => $amount, 'kilometreCents' => $amount, 'materialsCents' => $amount,
            'isTravelPaid' => ['required', 'boolean'], 'isSetUpPaid' => ['required', 'boolean'],
            'kilometres' => ['required', 'integer', 'between:0,'.self::MOST_KILOMETRES],
            'travelMinutes' => ['required', 'integer', 'between:0,'.self::LONGEST_WAY_MINUTES],
            'pitchCents' => $amount,
            'offeredHourCents' => ['present', 'nullable', 'integer', 'between:0,'.self::MOST_CENTS],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kilometres.*' => 'Give the way as whole kilometres, :min to :max.',
            'travelMinutes.*' => 'Give the way in minutes, :min to :max.',
            'between' => 'That is no amount to be paid. Type one from 0 up.',
            'integer' => 'That is no amount to be paid. Type one from 0 up.',
        ];
    }

    public function terms(): MoneyTerms
    {
        return new MoneyTerms(
            new Rates(
                hour: $this->integer('hourCents'),
                least: $this->integer('leastCents'),
                kilometre: $this->integer('kilometreCents'),
                materials: $this->integer('materialsCents'),
                isTravelPaid: $this->boolean('isTravelPaid'),
                isSetUpPaid: $this->boolean('isSetUpPaid'),
            ),
            new Costs(
                kilometres: $this->integer('kilometres'),
                travel: Duration::ofMinutes($this->integer('travelMinutes')),
                pitch: $this->integer('pitchCents'),
                offeredHour: $this->input('offeredHourCents') === null ? null : $this->integer('offeredHourCents'),
            ),
        );
    }
}
