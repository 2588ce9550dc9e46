<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Http\Resources\Resource;
use Core\Line\EventValues;
use Core\Line\JudgedEvent;
use Core\Line\Story;

/**
 * The events of a line, from which a browser folds it by itself: Core\Line\Story.
 *
 * @phpstan-import-type Said from EventValues as ToldTap
 */
final readonly class LineStory extends Resource
{
    /**
     * @param  int  $finished  faces of children who are not told of any more
     * @param  int  $highestNumber  given to one of those
     * @param  int|null  $until  the moment of their last tap: what reaches back as far is not to be folded on top
     * @param  list<ToldPlan>  $plans
     * @param  list<ToldTap>  $taps  in the line's own time
     */
    public function __construct(
        public int $finished,
        public int $highestNumber,
        public ?int $until,
        public array $plans,
        public array $taps,
    ) {}

    /** @param  bool  $showsMoney  whether what was paid is told */
    public static function of(Story $story, bool $showsMoney): self
    {
        $forgotten = $story->line->forgotten;

        return new self(
            finished: $forgotten->finished,
            highestNumber: $forgotten->highestNumber,
            until: $forgotten->until?->epochMilliseconds,
            plans: array_map(ToldPlan::of(...), $story->plans()),
            taps: array_map(static fn (JudgedEvent $judged): array => self::told($judged, $showsMoney), $story->events),
        );
    }

    /** @return ToldTap */
    public static function told(JudgedEvent $judged, bool $showsMoney): array
    {
        $said = EventValues::of($judged);
        if (! $showsMoney) {
            unset($said['cents']);
        }

        return $said;
    }
}
