<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Models\Plan\EventDay;
use App\Plan\Days\Days;
use App\Plan\Days\DayTerms;
use Illuminate\Support\Facades\DB;

/** Takes bookings from another calendar: all of them or none. One that is here already gets its new name, place and hours. */
final readonly class TakeBookings
{
    public function __construct(private Days $days, private BookingsKnown $bookingsKnown) {}

    /**
     * @param  array<string, DayTerms>  $bookings  by their names there
     * @return list<EventDay>
     */
    public function __invoke(string $teamId, array $bookings): array
    {
        return DB::transaction(function () use ($teamId, $bookings): array {
            $keys = array_map(strval(...), array_keys($bookings));
            $known = ($this->bookingsKnown)($teamId, $keys, isGoneToo: true);

            return array_map(function (string $key, DayTerms $terms) use ($teamId, $known): EventDay {
                $day = $known[$key] ?? new EventDay(['team_id' => $teamId, 'calendar_key' => $key]);
                if ($day->trashed()) {
                    $day->restore();
                }

                return $this->days->save($day, $terms);
            }, $keys, array_values($bookings));
        });
    }
}
