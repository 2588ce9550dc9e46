<?php

declare(strict_types=1);

namespace App\Http\Resources\Line;

use App\Http\Resources\Resource;
use Core\Line\Judged;
use Core\Line\Story;
use Core\Line\StoryValues;

/** The events of a line, from which a browser folds it by itself: Core\Line\Story. */
final readonly class LineStory extends Resource
{
    /**
     * @param  int  $finished  faces of children who are not told of any more
     * @param  int  $highestNumber  given to one of those
     * @param  list<ToldPlan>  $plans
     * @param  list<ToldTap>  $taps  in the line's own time
     */
    public function __construct(public int $finished, public int $highestNumber, public array $plans, public array $taps) {}

    /** @param  bool  $showsMoney  whether what was paid is told */
    public static function of(Story $story, bool $showsMoney): self
    {
        ['forgotten' => $forgotten, 'plans' => $plans] = StoryValues::of($story);

        return new self(
            $forgotten['finished'],
            $forgotten['highestNumber'],
            array_map(
                static fn (array $plan): ToldPlan => new ToldPlan(
                    $plan['id'],
                    $plan['design'],
                    array_map(static fn (array $step): ToldStep => new ToldStep(...$step), $plan['steps']),
                ),
                $plans,
            ),
            array_map(static fn (Judged $judged): ToldTap => ToldTap::of($judged, $showsMoney), $story->events),
        );
    }
}
