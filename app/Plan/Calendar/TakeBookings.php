<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Models\Plan\EventDay;
use App\Plan\Days\Days;
use Illuminate\Support\Facades\DB;

/** Takes bookings from another calendar: all of them or none. One that is here already gets its new name, place and hours. */
final readonly class TakeBookings
{
    public function __construct(private Days $days, private BookingsKnown $bookingsKnown) {}

    /**
     * @param  list<BookingTerms>  $bookings
     * @return list<EventDay>
     */
    public function __invoke(string $teamId, array $bookings): array
    {
        return DB::transaction(function () use ($teamId, $bookings): array {
            $keys = array_map(static fn (BookingTerms $one): string => $one->key, $bookings);
            $known = ($this->bookingsKnown)($teamId, $keys, isGoneToo: true);

            return array_map(function (BookingTerms $one) use ($teamId, $known): EventDay {
                $day = $known[$one->key] ?? new EventDay(['team_id' => $teamId, 'calendar_key' => $one->key]);
                if ($day->trashed()) {
                    $day->restore();
                }

                return $this->days->save($day, $one->day);
            }, $bookings);
        });
    }
}
