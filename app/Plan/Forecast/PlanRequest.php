<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Http\Requests\TeamRequest;
use App\Rules\CaseOf;
use App\Rules\Distinct;
use Core\Line\Defaults as OfTheLine;
use Core\Plan\Ages;
use Core\Plan\ArrivalKind;
use Core\Plan\BookingKind;
use Core\Plan\Defaults;
use Core\Plan\Simulation\LeverKind;
use Core\Plan\TurnaroundPart;
use Core\Surface\InvalidWeather;
use Core\Surface\Weather;
use Core\Units\Duration;
use Illuminate\Validation\ValidationException;

/** What is expected of an event, whole, to be kept or only to be tried. */
final class PlanRequest extends TeamRequest
{
    private const LONGEST_DAY_MS = 14 * 3_600_000;

    private const MOST_CENTS = 100_000_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'opensAt' => ['required', 'integer', 'min:0'],
            'closesAt' => ['required', 'integer', 'gt:opensAt', 'lte:'.($this->integer('opensAt') + self::LONGEST_DAY_MS)],
            'chairs' => ['required', 'integer', 'between:1,'.OfTheLine::MOST_CHAIRS],
            'kind' => ['required', 'string', new CaseOf(BookingKind::class)],
            'children' => ['required', 'integer', 'between:1,'.Defaults::MOST_CHILDREN],
            'arrivals' => ['required', 'string', new CaseOf(ArrivalKind::class)],
            'profile' => ['required', 'list', 'between:1,96'],
            'profile.*' => ['numeric', 'between:0,1000'],
            'groups' => ['required', 'list', 'between:1,8'],
            'groups.*' => ['numeric', 'between:0,1000'],
            'bookingCents' => ['present', 'nullable', 'integer', 'between:0,'.self::MOST_CENTS],
            'setUpMinutes' => ['required', 'integer', 'between:0,600'],
            'packUpMinutes' => ['required', 'integer', 'between:0,600'],
            'turnaround' => ['required', 'array:'.implode(',', array_column(TurnaroundPart::cases(), 'value'))],
            'turnaround.*' => ['integer', 'between:0,1800000'],
            'patienceMinutes' => ['present', 'nullable', 'integer', 'between:1,600'],
            'longest' => ['present', 'nullable', 'integer', 'between:0,1000'],
            'quickAbove' => ['present', 'nullable', 'integer', 'between:0,1000'],
            'isLineEach' => ['required', 'boolean'],
            'stopNamesAt' => ['present', 'nullable', 'integer', 'gte:opensAt', 'lte:closesAt'],
            'wantedPercent' => ['required', 'integer', 'between:50,99'],
            'levers' => ['present', 'list', 'max:20'],
            'levers.*' => ['string', new Distinct, new CaseOf(LeverKind::class)],
            // An older screen may not know of these.
            'youngest' => ['nullable', 'integer', 'between:0,'.Defaults::OLDEST_AGE],
            'oldest' => ['nullable', 'integer', 'between:0,'.Defaults::OLDEST_AGE],
            'weather' => ['nullable', 'array:celsius,humidity,wind'],
            'weather.*' => ['numeric'],
            // Which of the days that may come is to be looked at.
            'like' => ['sometimes', 'in:good,usual,bad'],
            'next' => ['sometimes', 'integer', 'between:0,1000000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'closesAt.gt' => 'The event closes before it opens. Mend one of the two times.',
            'closesAt.lte' => 'That is too long a day. Mend one of the two times.',
            'children.between' => 'Say how many children may come: :min to :max.',
            'chairs.between' => 'Choose :min to :max chairs.',
            'bookingCents.between' => 'That is no price for a booking. Type an amount from 0 up.',
            'stopNamesAt.gte' => 'Names cannot stop before the event opens. Choose a later time.',
            'stopNamesAt.lte' => 'Names cannot stop after the event closes. Choose an earlier time.',
            'youngest.*' => 'Children are 0 to '.Defaults::OLDEST_AGE.' years old.',
            'oldest.*' => 'Children are 0 to '.Defaults::OLDEST_AGE.' years old.',
            'wantedPercent.between' => 'Choose a chance of :min to :max in a hundred.',
        ];
    }

    public function terms(): PlanTerms
    {
        /** @var array{profile: list<int|float>, groups: list<int|float>, turnaround: array<string, int>, levers: list<string>} $lists */
        $lists = $this->validated();
        $optional = fn (string $field): ?int => $this->input($field) === null ? null : $this->integer($field);

        return new PlanTerms(
            opensMs: $this->integer('opensAt'),
            closesMs: $this->integer('closesAt'),
            chairs: $this->integer('chairs'),
            kind: BookingKind::from($this->string('kind')->toString()),
            children: $this->integer('children'),
            arrivals: ArrivalKind::from($this->string('arrivals')->toString()),
            profile: self::busy($lists['profile']),
            groups: self::busy($lists['groups']),
            bookingCents: $optional('bookingCents'),
            setUpMinutes: $this->integer('setUpMinutes'),
            packUpMinutes: $this->integer('packUpMinutes'),
            turnaround: array_map(Duration::ofMilliseconds(...), $lists['turnaround']),
            patienceMinutes: $optional('patienceMinutes'),
            longest: $optional('longest'),
            quickAbove: $optional('quickAbove'),
            isLineEach: $this->boolean('isLineEach'),
            stopNamesMs: $optional('stopNamesAt'),
            wantedPercent: $this->integer('wantedPercent'),
            levers: array_map(LeverKind::from(...), $lists['levers']),
            ages: $this->ages(),
            weather: $this->weather(),
        );
    }

    private function ages(): ?Ages
    {
        return $this->input('youngest') === null || $this->input('oldest') === null
            ? null
            : Ages::between($this->integer('youngest'), $this->integer('oldest'));
    }

    /** @throws ValidationException when nobody could paint in it */
    private function weather(): ?Weather
    {
        if ($this->input('weather') === null) {
            return null;
        }
        try {
            return new Weather($this->float('weather.celsius'), $this->float('weather.humidity'), $this->float('weather.wind'));
        } catch (InvalidWeather $refusal) {
            throw ValidationException::withMessages(['weather' => $refusal->getMessage()]);
        }
    }

    /** The share of days that end earlier than the one to be looked at. */
    public function like(): float
    {
        return match ($this->string('like')->toString()) {
            'good' => 0.1,
            'bad' => 0.9,
            default => 0.5,
        };
    }

    public function next(): int
    {
        return $this->integer('next');
    }

    /**
     * Dragged down to nothing everywhere, it is the same everywhere.
     *
     * @param  list<int|float>  $shares
     * @return list<float>
     */
    private static function busy(array $shares): array
    {
        return array_map(static fn (int|float $share): float => array_sum($shares) > 0 ? (float) $share : 1.0, $shares);
    }
}
