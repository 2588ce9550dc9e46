<?php

declare(strict_types=1);

namespace App\Account\Files;

use Illuminate\Contracts\Encryption\Encrypter;

/** The ids that stand in what is given out of events, and those that such a file's rows get here. */
final readonly class FileIds
{
    public function __construct(private Encrypter $encrypter) {}

    /** A team's own ids are not given away: the same others stand in all its files. */
    public function outward(string $teamId): RemappedIds
    {
        return RemappedIds::bySecret($this->secret("files of {$teamId}"));
    }

    /** For the rows of a file. Another letter in it makes other ones, so no file can be written that meets a row of somebody else. */
    public function inward(string $teamId, string $path): RemappedIds
    {
        return RemappedIds::bySecret($this->secret("rows of {$teamId} ".hash_file('sha256', $path)));
    }

    /** For what is met again in other files, as a painter is: always the same one, which nobody can aim either. */
    public function lasting(string $teamId, string $id): string
    {
        return substr($id, 0, RemappedIds::TIME).RemappedIds::chance($this->secret("{$id} of {$teamId}"));
    }

    /** By which other calendars know an event. */
    public function inCalendars(string $dayId): string
    {
        return substr($this->secret("{$dayId} in calendars"), 0, 32).'@inch-timer';
    }

    /**
     * @param  list<string>  $ids  in a file
     * @param  list<string>  $own  of the team
     * @return array<array-key, string> the team's ids by those of the file: what was taken out here, or brought in before
     */
    public function known(string $teamId, array $ids, array $own): array
    {
        $outward = $this->outward($teamId);
        $here = array_combine($own, $own);
        $taken = array_combine(array_map($outward->of(...), $own), $own);
        $known = [];
        foreach ($ids as $id) {
            // Files of earlier releases have a team's own ids.
            $known[$id] = $taken[$id] ?? $here[$id] ?? $here[$this->lasting($teamId, $id)] ?? null;
        }

        return array_filter($known, is_string(...));
    }

    private function secret(string $purpose): string
    {
        return hash_hmac('sha256', $purpose, $this->encrypter->getKey());
    }
}
