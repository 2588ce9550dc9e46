<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Http\Requests\TeamRequest;
use Core\Line\Seating\Shift;
use Core\Units\ClockTime;
use Core\Units\CoreException;
use Core\Units\Instant;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Validation\ValidationException;

final class SaveRosterRequest extends TeamRequest
{
    private const MOST_SHIFTS = 64;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'shifts' => ['present', 'list', 'max:'.self::MOST_SHIFTS],
            'shifts.*' => ['array:chair,painterId,from'],
            'shifts.*.chair' => ['required', 'integer', 'between:1,'.$this->day()->chairs],
            'shifts.*.painterId' => ['present', 'nullable', 'string', 'ulid'],
            'shifts.*.from' => ['present', 'nullable', 'string', 'max:16'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['shifts.*.chair.between' => 'This day has chairs :min to :max.'];
    }

    /**
     * @return list<Shift>
     *
     * @throws ValidationException naming the field when a time makes no sense
     */
    public function terms(): array
    {
        /** @var list<array{chair: int, painterId: string|null, from: string|null}> $typed */
        $typed = $this->validated('shifts');
        $terms = [];
        foreach ($typed as $at => $shift) {
            $from = $this->moment($at, trim($shift['from'] ?? ''));
            $key = "{$shift['chair']} {$from}";
            if (isset($terms[$key])) {
                throw ValidationException::withMessages(
                    ["shifts.{$at}.from" => "Two painters begin at chair {$shift['chair']} at the same time. Change one of the two times."],
                );
            }
            $terms[$key] = new Shift(
                $shift['chair'],
                $shift['painterId'] === null ? null : strtolower($shift['painterId']),
                Instant::ofEpochMilliseconds($from),
            );
        }

        return array_values($terms);
    }

    /** Nothing typed is the beginning of the day. An hour before the day opens by more than a half day is one after midnight. */
    private function moment(int $at, string $typed): int
    {
        if ($typed === '') {
            return 0;
        }
        try {
            $time = ClockTime::parse($typed);
        } catch (CoreException $refusal) {
            throw ValidationException::withMessages(["shifts.{$at}.from" => $refusal->getMessage()]);
        }
        $zone = new DateTimeZone($this->day()->timezone);
        $opens = (new DateTimeImmutable('@'.intdiv($this->day()->opens_ms, 1000)))->setTimezone($zone);
        $moment = new DateTimeImmutable("{$opens->format('Y-m-d')} {$time->format()}", $zone);
        $later = $moment->getTimestamp() < $opens->getTimestamp() - 12 * 3600 ? '+1 day' : '+0 day';

        return $moment->modify($later)->getTimestamp() * 1000;
    }
}
