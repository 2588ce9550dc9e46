<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\EventDay;

/** Which bookings of another calendar are here already. */
final readonly class BookingsKnown
{
    /**
     * @param  list<string>  $keys  their names there
     * @param  bool  $isGoneToo  whether those count that were deleted here
     * @return array<string, EventDay> by name
     */
    public function __invoke(string $teamId, array $keys, bool $isGoneToo = false): array
    {
        $known = [];
        // What was made here goes out under its own id, and comes back under it.
        $own = array_filter(array_map(static fn (string $key): ?string => self::ownId($key), array_combine($keys, $keys)), is_string(...));
        $days = $isGoneToo ? EventDay::ofTeam($teamId)->withTrashed() : EventDay::ofTeam($teamId);
        $found = $days->where(static fn ($query) => $query->whereIn('calendar_key', $keys)->orWhereIn('id', array_values($own)))->get();
        foreach ($found as $day) {
            $known[$day->calendar_key ?? ''] = $day;
            $known["{$day->id}@inch-timer"] = $day;
        }

        return array_intersect_key($known, array_flip($keys));
    }

    private static function ownId(string $key): ?string
    {
        return preg_match('/^([0-9a-z]{26})@inch-timer$/', $key, $match) === 1 ? $match[1] : null;
    }
}
