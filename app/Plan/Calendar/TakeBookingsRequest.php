<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Http\Requests\TeamRequest;
use App\Plan\Days\DayTerms;
use App\Rules\Distinct;
use Core\Line\Defaults;
use Core\Units\Duration;
use Illuminate\Validation\ValidationException;

/** Bookings of another calendar, as they were looked at. */
final class TakeBookingsRequest extends TeamRequest
{
    private const LONGEST_DAY_MS = 14 * 3_600_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'bookings' => ['required', 'list', 'between:1,400'],
            'bookings.*.key' => ['required', 'string', 'max:255', new Distinct],
            'bookings.*.name' => ['required', 'string', 'max:80'],
            'bookings.*.place' => ['present', 'nullable', 'string', 'max:80'],
            'bookings.*.timezone' => ['required', 'string', 'timezone:all_with_bc'],
            'bookings.*.opensAt' => ['required', 'integer', 'min:0'],
            'bookings.*.closesAt' => ['required', 'integer', 'gt:bookings.*.opensAt'],
            'bookings.*.chairs' => ['required', 'integer', 'between:1,'.Defaults::MOST_CHAIRS],
            'bookings.*.turnaroundMs' => ['required', 'integer', 'between:0,1800000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'bookings.required' => 'Nothing is ticked. Tick what you want to take.',
            'bookings.*.closesAt.gt' => 'One of them closes before it opens. Leave it out, or make it by hand.',
        ];
    }

    /**
     * @return array<string, DayTerms> by their names there
     *
     * @throws ValidationException when one of them is too long to be a day
     */
    public function bookings(): array
    {
        /**
         * @var array{bookings: list<array{
         *     key: string, name: string, place: string|null, timezone: string, opensAt: int, closesAt: int, chairs: int, turnaroundMs: int
         * }>} $sent
         */
        $sent = $this->validated();
        foreach ($sent['bookings'] as $one) {
            if ($one['closesAt'] - $one['opensAt'] > self::LONGEST_DAY_MS) {
                throw ValidationException::withMessages(
                    ['bookings' => "“{$one['name']}” is longer than 14 hours. Leave it out, and make its days by hand."],
                );
            }
        }

        return array_map(static fn (array $one): DayTerms => new DayTerms(
            name: $one['name'],
            place: $one['place'] ?? '',
            timezone: $one['timezone'],
            opensMs: $one['opensAt'],
            closesMs: $one['closesAt'],
            chairs: $one['chairs'],
            turnaround: Duration::ofMilliseconds($one['turnaroundMs']),
        ), array_column($sent['bookings'], null, 'key'));
    }
}
