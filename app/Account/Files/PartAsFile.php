<?php

declare(strict_types=1);

namespace App\Account\Files;

use App\Bench\Files\DesignFiles;
use App\Kit\Things\KitFile;
use App\Logbook\Faces\CsvLines;
use App\Models\Account\Team;
use App\Models\Bench\Design;
use App\Models\Logbook\Face;
use App\Models\Plan\EventDay;
use App\Plan\Calendar\CalendarText;
use Core\Team\AccountPart;
use Generator;

/** One part of what is a team's, in the open format of its kind. */
final readonly class PartAsFile
{
    private const HEAD = [
        'event', 'date', 'number', 'design', 'painter', 'finished', 'seated', 'ended', 'painted_s', 'planned_s', 'interrupted',
    ];

    public function __construct(private DesignFiles $designFiles, private KitFile $kitFile, private CalendarText $calendarText) {}

    /** @return iterable<string> its text, piece by piece: of faces there may be many */
    public function __invoke(Team $team, AccountPart $part): iterable
    {
        return match ($part) {
            AccountPart::Designs => [$this->designFiles->write(
                array_values(Design::ofTeam($team->id)->with('steps')->orderBy('name')->orderBy('id')->get()->all()),
            )],
            AccountPart::Kit => [$this->kitFile->write($team->id)],
            AccountPart::Events => [($this->calendarText)(
                EventDay::ofTeam($team->id)->with('menuItems.design')->orderBy('opens_ms')->orderBy('id')->get(),
                $team->name,
            )],
            AccountPart::Faces => $this->faces($team->id),
        };
    }

    /**
     * Every face that a team has painted, one to a line, for a spreadsheet: RFC 4180. Of one event the logbook gives out more.
     *
     * @return Generator<int, string> lines, an event after another
     */
    private function faces(string $teamId): Generator
    {
        yield CsvLines::of([self::HEAD]);
        foreach (EventDay::ofTeam($teamId)->orderBy('opens_ms')->orderBy('id')->get(['id', 'name', 'opens_ms']) as $day) {
            $faces = Face::ofTeam($teamId)->toBase()->where('faces.event_day_id', $day->id)
                ->join('tickets', 'tickets.id', '=', 'faces.ticket_id')->leftJoin('users', 'users.id', '=', 'faces.painter_id')
                ->orderBy('seated_ms')->get([
                    'number', 'design_name', 'users.name as painter', 'outcome', 'seated_ms', 'ended_ms', 'painted_ms', 'planned_ms',
                    'interrupted',
                ]);
            yield CsvLines::of(array_map(static fn (object $face): array => self::line($day, (array) $face), $faces->all()));
        }
    }

    /**
     * @param  array<mixed>  $face
     * @return list<string>
     */
    private static function line(EventDay $day, array $face): array
    {
        $text = static fn (string $column): string => is_scalar($face[$column]) ? (string) $face[$column] : '';
        $at = static fn (int $ms): string => gmdate('Y-m-d\TH:i:s\Z', intdiv($ms, 1000));
        $seconds = static fn (string $column): string => number_format((int) $text($column) / 1000, 1, '.', '');

        return [
            $day->name, gmdate('Y-m-d', intdiv($day->opens_ms, 1000)), $text('number'), $text('design_name'), $text('painter'),
            $text('outcome') === 'finished' ? 'yes' : 'no', $at((int) $text('seated_ms')), $at((int) $text('ended_ms')),
            $seconds('painted_ms'), $seconds('planned_ms'), $text('interrupted') === '1' ? 'yes' : 'no',
        ];
    }
}
