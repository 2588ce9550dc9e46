<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use App\Line\Taps\TellScreens;
use App\Models\Bench\Design;
use App\Models\Menu\MenuItem;
use App\Models\Plan\EventDay;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/**
 * Plans the named rungs of designs that stand on menus, one of them: then it goes to the end of the queue with the rest, so that teams
 * have their turns. The screens of its days hear of each.
 */
final class RankDesignsOfTeam implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $backoff = 5;

    /** @param  list<string>  $designIds */
    public function __construct(private readonly string $teamId, public readonly array $designIds)
    {
        $this->onQueue(PlanTeamAnew::QUEUE);
    }

    public function uniqueId(): string
    {
        return hash('xxh128', implode(' ', $this->designIds));
    }

    public function handle(WriteRungs $write, TellScreens $tell): void
    {
        // Another one may have come to a design before.
        /** @var list<string> $open */
        $open = Design::ofTeam($this->teamId)->whereIn('id', $this->designIds)->where('is_ranked', false)->orderBy('id')
            ->pluck('id')->all();
        $id = array_shift($open);
        if ($id === null) {
            return;
        }
        $isDone = $write($this->teamId, $id);
        $rest = $isDone ? $open : [...$open, $id];
        if ($rest !== []) {
            self::dispatch($this->teamId, $rest);
        }
        if ($isDone) {
            $this->tell($tell, $id);
        }
    }

    private function tell(TellScreens $tell, string $designId): void
    {
        $days = EventDay::ofTeam($this->teamId)->where('closes_ms', '>', now()->getTimestampMs())->whereIn(
            'id',
            MenuItem::query()->where('design_id', $designId)->select('event_day_id'),
        );
        foreach ($days->get() as $day) {
            $tell($day, isTapped: false);
        }
    }
}
