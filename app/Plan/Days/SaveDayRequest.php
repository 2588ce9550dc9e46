<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Http\Requests\TeamRequest;
use App\Models\Plan\EventDay;
use Core\Line\Defaults;
use Core\Units\ClockTime;
use Core\Units\CoreException;
use Core\Units\Duration;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Validation\ValidationException;

/** An event day as it is typed: a date and times of day where the fair stands. */
final class SaveDayRequest extends TeamRequest
{
    private const LONGEST_DAY_HOURS = 14;

    private const LONGEST_TURNAROUND_MINUTES = 30;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'place' => ['present', 'nullable', 'string', 'max:80'],
            // Browsers still name zones by their old names.
            'timezone' => ['required', 'string', 'timezone:all_with_bc'],
            'date' => ['required', 'string', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            'opens' => ['required', 'string', 'max:16'],
            'closes' => ['required', 'string', 'max:16'],
            'chairs' => ['required', 'integer', 'between:1,'.Defaults::MOST_CHAIRS],
            'turnaround' => ['required', 'string', 'max:32'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'The day has no name. Call it what the booking calls it.',
            'date.date_format' => 'That is not a date. Choose the day of the event.',
            'chairs.between' => 'Choose :min to :max chairs.',
        ];
    }

    public function newDay(): EventDay
    {
        return new EventDay(['team_id' => $this->teamId()]);
    }

    /** @throws ValidationException naming the field when a time makes no sense */
    public function terms(): DayTerms
    {
        $opens = $this->clockTime('opens');
        $closes = $this->clockTime('closes');
        $opensMs = $this->moment($opens, 0);
        // An evening may end after midnight.
        $closesMs = $this->moment($closes, $closes->isAfter($opens) ? 0 : 1);
        if ($closesMs - $opensMs > self::LONGEST_DAY_HOURS * 3_600_000) {
            throw ValidationException::withMessages([
                'closes' => "From {$opens->format()} to {$closes->format()} is too long a day. Mend one of the two times; 4 in "
                    .'the afternoon is 16:00 or 4 pm.',
            ]);
        }

        return new DayTerms(
            name: $this->string('name')->trim()->toString(),
            place: $this->string('place')->trim()->toString(),
            timezone: $this->string('timezone')->toString(),
            opensMs: $opensMs,
            closesMs: $closesMs,
            chairs: $this->integer('chairs'),
            turnaround: $this->turnaround(),
        );
    }

    private function clockTime(string $field): ClockTime
    {
        try {
            return ClockTime::parse($this->string($field)->toString());
        } catch (CoreException $refusal) {
            throw ValidationException::withMessages([$field => $refusal->getMessage()]);
        }
    }

    private function moment(ClockTime $time, int $daysLater): int
    {
        $zone = new DateTimeZone($this->string('timezone')->toString());
        $moment = new DateTimeImmutable("{$this->string('date')} {$time->format()} +{$daysLater} day", $zone);

        return $moment->getTimestamp() * 1000;
    }

    private function turnaround(): Duration
    {
        $typed = Duration::tryParse($this->string('turnaround')->toString());
        if ($typed === null || $typed->isLongerThan(Duration::ofMinutes(self::LONGEST_TURNAROUND_MINUTES))) {
            throw ValidationException::withMessages([
                'turnaround' => 'The turnaround is no time up to half an hour. Type it such as 1, 1:30 or 90s.',
            ]);
        }

        return $typed;
    }
}
