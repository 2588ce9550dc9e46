<?php

declare(strict_types=1);

namespace App\Account\Files;

use App\Account\Team\RecordAudit;
use App\Exceptions\InvalidAccountFile;
use App\Json\ReadShapedJson;
use App\Logbook\Pace\LearnFromDay;
use App\Models\Account\Team;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Bench\Step;
use App\Models\Line\ChairEvent;
use App\Models\Plan\EventDay;
use App\Plan\Days\Days;
use Illuminate\Database\DatabaseManager;

/** Brings one event with its line and its faces into a team that has others. All of it comes in, or nothing; and once. */
final readonly class BringInEvent
{
    public function __construct(
        private DatabaseManager $database,
        private ReadShapedJson $readShapedJson,
        private PutInRows $putInRows,
        private ReadBackAccount $readBack,
        private Days $days,
        private RecordAudit $recordAudit,
        private FileIds $fileIds,
    ) {}

    /** @throws InvalidAccountFile saying what is wrong with the file, or that the event is there already */
    public function __invoke(User $owner, string $path): EventDay
    {
        $zip = AccountZip::open($path, $this->readShapedJson);
        if (! $zip->isOfEvent()) {
            throw InvalidAccountFile::because('That file holds a whole account. Bring it in on the page of a team that is empty.');
        }
        $day = $this->database->connection()->transaction(fn (): EventDay => $this->bringIn($owner, $zip, $path));
        LearnFromDay::dispatch($day->team_id, $day->id);

        return $day;
    }

    /** @param  resource  $stream  of the file */
    public function fromStream(User $owner, $stream): EventDay
    {
        return AccountZip::inPassing($stream, fn (string $path): EventDay => $this($owner, $path));
    }

    private function bringIn(User $owner, AccountZip $zip, string $path): EventDay
    {
        Team::query()->lockForUpdate()->findOrFail($owner->team_id);
        $id = self::dayIn($zip);
        $mine = EventDay::ofTeam($owner->team_id)->withTrashed();
        /** @var list<string> $days */
        $days = $mine->pluck('id')->all();
        $known = $mine->clone()->find($this->fileIds->known($owner->team_id, [$id], $days)[$id] ?? null);
        if ($known !== null) {
            return $known->trashed()
                ? $this->days->restore($known)
                : throw InvalidAccountFile::because("“{$known->name}” of that day is here already.");
        }
        [$painters, $designs] = self::named($zip);
        $own = $this->ownOfThose($owner->team_id, $painters, $designs);
        $lasting = [];
        foreach ([$id, ...array_column($painters, 'id'), ...array_column($designs, 'id')] as $met) {
            $lasting[$met] = $this->fileIds->lasting($owner->team_id, $met);
        }
        $ids = $this->fileIds->inward($owner->team_id, $path)->with($lasting);
        ($this->putInRows)($zip, new IncomingEvent($owner->team_id, $ids, $own), $owner->team_id);
        $day = $mine->clone()->findOrFail($ids->of($id));
        EventDay::ofTeam($owner->team_id)->whereKey($day->id)->toBase()->update([
            'brought_seq' => ChairEvent::query()->where('event_day_id', $day->id)->max('seq') ?? 0,
        ]);
        $this->readBack->event($day);
        ($this->recordAudit)($owner, "brought in the event {$day->name}");

        return $day;
    }

    /** @return string its id */
    private static function dayIn(AccountZip $zip): string
    {
        $ids = [];
        foreach ($zip->rows(AccountTable::named('event_days')) as $row) {
            $ids[] = self::text($row, 'id');
        }

        return count($ids) === 1 && $ids[0] !== ''
            ? $ids[0]
            : throw InvalidAccountFile::because($ids === [] ? 'No event is in that file.' : 'That file holds more than one event.');
    }

    /**
     * The painters and designs of a file.
     *
     * @return array{list<array{id: string, name: string}>, list<array{id: string, name: string, steps: list<string>}>}
     */
    private static function named(AccountZip $zip): array
    {
        $painters = $designs = $steps = [];
        foreach ($zip->rows(AccountTable::named('users')) as $row) {
            $painters[] = ['id' => self::text($row, 'id'), 'name' => self::text($row, 'name')];
        }
        foreach ($zip->rows(AccountTable::named('steps')) as $row) {
            $steps[self::text($row, 'design_id')][(int) ($row['position'] ?? 0)] = hash('xxh128', self::text($row, 'content'));
        }
        foreach ($zip->rows(AccountTable::named('designs')) as $row) {
            $own = $steps[self::text($row, 'id')] ?? [];
            ksort($own);
            $designs[] = ['id' => self::text($row, 'id'), 'name' => self::text($row, 'name'), 'steps' => array_values($own)];
        }

        return [$painters, $designs];
    }

    /** @param  array<string, scalar|null>  $row */
    private static function text(array $row, string $column): string
    {
        return (string) ($row[$column] ?? '');
    }

    /**
     * Which painters and designs of an event's file a team has already: those that came from it, and those that are the same by name.
     *
     * @param  list<array{id: string, name: string}>  $painters  of the file
     * @param  list<array{id: string, name: string, steps: list<string>}>  $designs  of the file, with a hash of the text of each step
     * @return array<array-key, string> the team's ids by those of the file
     */
    private function ownOfThose(string $teamId, array $painters, array $designs): array
    {
        /** @var list<string> $here */
        $here = [
            ...User::ofTeam($teamId)->withTrashed()->pluck('id')->all(),
            ...Design::ofTeam($teamId)->withTrashed()->pluck('id')->all(),
        ];
        $own = $this->fileIds->known($teamId, [...array_column($painters, 'id'), ...array_column($designs, 'id')], $here);
        $named = User::ofTeam($teamId)->get()->groupBy('name');
        foreach ($painters as ['id' => $id, 'name' => $name]) {
            $same = $named->get($name);
            // Two of one name are not to be told apart.
            if ($same?->count() === 1) {
                $own[$id] ??= $same->firstOrFail()->id;
            }
        }
        $shelf = Design::ofTeam($teamId)->with('steps')->whereIn('name', array_column($designs, 'name'))->orderBy('id')->get();
        foreach ($designs as ['id' => $id, 'name' => $name, 'steps' => $steps]) {
            $same = $shelf->first(static fn (Design $design): bool => $design->name === $name && self::steps($design) === $steps);
            if ($same !== null) {
                $own[$id] ??= $same->id;
            }
        }

        return $own;
    }

    /** @return list<string> */
    private static function steps(Design $design): array
    {
        return array_values($design->steps->map(static function (Step $step): string {
            $text = $step->getRawOriginal('content');

            return hash('xxh128', is_string($text) ? $text : '');
        })->all());
    }
}
