<?php

declare(strict_types=1);

namespace App\Search\Queue;

use App\Models\Search\Search;
use App\Models\Search\SearchState;
use Closure;
use Illuminate\Support\Facades\DB;
use JsonSerializable;

/** Keeps what a search tells for whoever asked, who fetches it line by line, and knows when nobody fetches any more. */
final class SearchListener implements Listener
{
    /** A screen asks a few times a second. */
    private const LONGEST_SILENCE_SECONDS = 10;

    private const ASK_EVERY_SECONDS = 0.25;

    private int $lines = 0;

    private float $askedAt = 0.0;

    private bool $isThere = true;

    public function __construct(private readonly Search $search) {}

    public function tell(JsonSerializable $line): bool
    {
        $this->keep(json_encode($line, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));

        return ($this->isThere())();
    }

    public function keep(string $line): void
    {
        DB::table('search_lines')->insert(['search_id' => $this->search->id, 'number' => $this->lines++, 'line' => $line]);
    }

    public function isThere(): Closure
    {
        return function (): bool {
            $now = microtime(true);
            if ($this->isThere && $now > $this->askedAt + self::ASK_EVERY_SECONDS) {
                $this->askedAt = $now;
                $this->isThere = Search::ofTeam($this->search->team_id)->whereKey($this->search->id)
                    ->where('state', SearchState::Running)
                    ->where('heard_at', '>', now()->subSeconds(self::LONGEST_SILENCE_SECONDS))->exists();
            }

            return $this->isThere;
        };
    }
}
