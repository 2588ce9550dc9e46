<?php

declare(strict_types=1);

use App\Models\Account\User;
use App\Models\Search\Search;
use App\Models\Search\SearchState;
use App\Search\Queue\TakeSearch;
use Tests\Scene;

// Whose turn it is among all teams' searches.

/** One that waits, or runs where it began. */
function search(User $user, int $seconds, bool $runs = false): Search
{
    return Search::ofTeam($user->team_id)->create([
        'team_id' => $user->team_id, 'user_id' => $user->id, 'method' => 'GET', 'address' => "/?seconds={$seconds}", 'body' => '',
        'state' => $runs ? SearchState::Running : SearchState::Waiting, 'started_at' => $runs ? now() : null,
        'seconds' => $seconds, 'heard_at' => now(),
    ]);
}

beforeEach(function (): void {
    $this->take = fn (): ?Search => app(TakeSearch::class)();
    $this->users = array_map(static fn (int $at): User => Scene::team("Team {$at}")->painter, range(1, 9));
});

it('begins a short one at once, though eight teams look for three long ones each', function (): void {
    [$small, $others] = [$this->users[8], array_slice($this->users, 0, 8)];
    foreach ([1, 2, 3] as $_) {
        array_map(static fn (User $user): Search => search($user, 60), $others);
    }
    [$first, $second] = [($this->take)(), ($this->take)()];
    expect($first?->seconds)->toBeGreaterThan(10)->and($second?->team_id)->not->toBe($first?->team_id)
        // The third worker is left for whoever waits before a screen.
        ->and(($this->take)())->toBeNull();
    $short = search($small, 8);
    expect(($this->take)()?->id)->toBe($short->id);
});

it('gives a long one less time while other teams wait for theirs, and all of it where none does', function (): void {
    search($this->users[0], 60);
    expect(($this->take)()?->seconds)->toBe(60);
    foreach (range(1, 4) as $at) {
        search($this->users[$at], 60);
    }
    expect(($this->take)()?->seconds)->toBe(TakeSearch::SLICE_SECONDS);
});

it('lets a long one begin where none runs, however many short ones wait', function (): void {
    array_map(static fn (User $user): Search => search($user, 8), $this->users);
    $long = search($this->users[0], 60);
    expect(($this->take)()?->id)->toBe($long->id)->and(($this->take)()?->seconds)->toBe(8);
});
