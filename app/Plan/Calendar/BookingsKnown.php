<?php

declare(strict_types=1);

namespace App\Plan\Calendar;

use App\Account\Files\FileIds;
use App\Models\Plan\EventDay;
use Illuminate\Database\Eloquent\Builder;

/** Which bookings of another calendar are here already. */
final readonly class BookingsKnown
{
    public function __construct(private FileIds $fileIds) {}

    /**
     * @param  list<string>  $keys  their names there
     * @param  bool  $isGoneToo  whether those count that were deleted here
     * @return array<string, EventDay> by name
     */
    public function __invoke(string $teamId, array $keys, bool $isGoneToo = false): array
    {
        $days = static fn (): Builder => $isGoneToo ? EventDay::ofTeam($teamId)->withTrashed() : EventDay::ofTeam($teamId);
        $named = [];
        /** @var string $id */
        foreach ($days()->pluck('id') as $id) {
            $named[$this->fileIds->inCalendars($id)] = $id;
            // As files of earlier releases name it.
            $named["{$id}@inch-timer"] = $id;
        }
        $own = array_intersect_key($named, array_flip($keys));
        $found = $days()->where(static fn ($query) => $query->whereIn('calendar_key', $keys)->orWhereIn('id', $own))->get()->keyBy('id');
        $known = $found->whereNotNull('calendar_key')->keyBy('calendar_key')->all();
        foreach ($own as $key => $id) {
            $known[$key] = $found[$id];
        }

        return array_intersect_key($known, array_flip($keys));
    }
}
