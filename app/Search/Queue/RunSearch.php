<?php

declare(strict_types=1);

namespace App\Search\Queue;

use App\Models\Search\Search;
use App\Models\Search\SearchState;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Queue\Queueable;

/** Works out the search whose turn it is, which need not be the one that it was sent for. */
final class RunSearch implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public const QUEUE = 'searches';

    public int $tries = 1;

    /** Seconds; no search may take so long. */
    public int $timeout = 75;

    public int $uniqueFor = 60;

    public function __construct(public readonly string $searchId)
    {
        $this->onQueue(self::QUEUE);
    }

    public function uniqueId(): string
    {
        return $this->searchId;
    }

    public function handle(Application $app, TakeSearch $take, ReplayRequest $replay): void
    {
        $search = $take();
        if ($search === null) {
            return;
        }
        $listener = new SearchListener($search);
        $app->instance(Listener::class, $listener);
        try {
            $response = $replay($search);
        } finally {
            $app->forgetInstance(Listener::class);
        }
        $content = (string) $response->getContent();
        if ($content !== '') {
            $listener->keep($content);
        }
        Search::ofTeam($search->team_id)->whereKey($search->id)->where('state', SearchState::Running)
            ->update(['state' => SearchState::Over, 'status' => $response->getStatusCode()]);
        // Whoever came when it was not its turn left one waiting, of this team or another, that nobody is sent for any more.
        if ($take->someWait()) {
            self::dispatch($search->id);
        }
    }
}
