<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Actions\Plan\RestoreDay;
use App\Actions\ReadShapedJson;
use App\Exceptions\InvalidAccountFile;
use App\Jobs\LearnFromDay;
use App\Models\ChairEvent;
use App\Models\EventDay;
use App\Models\Team;
use App\Models\User;
use App\Queries\Account\OwnOfThose;
use Illuminate\Contracts\Encryption\Encrypter;
use Illuminate\Database\DatabaseManager;

/** Brings one event with its line and its faces into a team that has others. All of it comes in, or nothing; and once. */
final readonly class BringInEvent
{
    public function __construct(
        private DatabaseManager $database,
        private ReadShapedJson $readShapedJson,
        private OwnOfThose $ownOfThose,
        private PutInRows $putInRows,
        private ReadBackAccount $readBack,
        private RestoreDay $restore,
        private KeepAct $keepAct,
        private Encrypter $encrypter,
    ) {}

    /** @throws InvalidAccountFile saying what is wrong with the file, or that the event is there already */
    public function __invoke(User $owner, string $path): EventDay
    {
        $zip = AccountZip::open($path, $this->readShapedJson);
        if (! $zip->isOfEvent()) {
            throw InvalidAccountFile::because('That file holds a whole account. Bring it in on the page of a team that is empty.');
        }
        $day = $this->database->connection()->transaction(fn (): EventDay => $this->bringIn($owner, $zip));
        LearnFromDay::dispatch($day->team_id, $day->id);

        return $day;
    }

    /** @param  resource  $stream  of the file */
    public function fromStream(User $owner, $stream): EventDay
    {
        return AccountZip::inPassing($stream, fn (string $path): EventDay => $this($owner, $path));
    }

    private function bringIn(User $owner, AccountZip $zip): EventDay
    {
        Team::query()->lockForUpdate()->findOrFail($owner->team_id);
        $ids = ShiftedIds::bySecret("events of {$owner->team_id}, {$this->encrypter->getKey()}");
        $old = self::dayIn($zip);
        $mine = EventDay::ofTeam($owner->team_id)->withTrashed();
        $known = $mine->clone()->whereKey([$old, $ids->of($old)])->first();
        if ($known !== null) {
            return $known->trashed()
                ? ($this->restore)($known)
                : throw InvalidAccountFile::because("“{$known->name}” of that day is here already.");
        }
        ($this->putInRows)($zip, new IncomingEvent($owner->team_id, $ids, $this->own($owner->team_id, $zip)), $owner->team_id);
        $day = $mine->clone()->find($ids->of($old)) ?? throw InvalidAccountFile::because('No event is in that file.');
        EventDay::ofTeam($owner->team_id)->whereKey($day->id)->toBase()->update([
            'brought_seq' => ChairEvent::query()->where('event_day_id', $day->id)->max('seq') ?? 0,
        ]);
        $this->readBack->event($day);
        ($this->keepAct)($owner, "brought in the event {$day->name}");

        return $day;
    }

    /** @return string its id; empty where there is none */
    private static function dayIn(AccountZip $zip): string
    {
        foreach ($zip->rows('event_days') as $row) {
            return self::text($row, 'id');
        }

        return '';
    }

    /** @return array<array-key, string> the team's own ids by those in the file */
    private function own(string $teamId, AccountZip $zip): array
    {
        $painters = $designs = $steps = [];
        foreach ($zip->rows('users') as $row) {
            $painters[] = self::named($row);
        }
        foreach ($zip->rows('steps') as $row) {
            $steps[self::text($row, 'design_id')][(int) ($row['position'] ?? 0)] = hash('xxh128', self::text($row, 'content'));
        }
        foreach ($zip->rows('designs') as $row) {
            $own = $steps[self::text($row, 'id')] ?? [];
            ksort($own);
            $designs[] = [...self::named($row), 'steps' => array_values($own)];
        }

        return ($this->ownOfThose)($teamId, $painters, $designs);
    }

    /**
     * @param  array<string, scalar|null>  $row
     * @return array{id: string, name: string}
     */
    private static function named(array $row): array
    {
        return ['id' => self::text($row, 'id'), 'name' => self::text($row, 'name')];
    }

    /** @param  array<string, scalar|null>  $row */
    private static function text(array $row, string $column): string
    {
        return (string) ($row[$column] ?? '');
    }
}
