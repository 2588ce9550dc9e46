<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Http\Resources\Resource;
use Core\Line\EventValues;
use Core\Line\JudgedEvent;
use Core\Line\LineEvent;
use Core\Units\Instant;

/**
 * What a reader of a line lacks: taps to go on from what was told before, or the whole line in its place.
 *
 * @phpstan-import-type Said from EventValues as ToldTap
 */
final readonly class LineNews extends Resource
{
    /**
     * @param  string  $version  what the reader has with it
     * @param  LineBoard|null  $line  in place of all that was told before
     * @param  list<ToldPlan>  $plans  of the faces that the taps tell of
     * @param  list<ToldTap>  $taps  in the order they arrived, some perhaps told before
     */
    public function __construct(
        public string $version,
        public int $now,
        public ?LineBoard $line,
        public array $plans,
        public array $taps,
    ) {}

    /**
     * @param  LineVersion  $version  what the reader has with it
     * @param  LineRead|null  $whole  in place of all that was told before
     * @param  list<LineEvent>  $events  to go on from that, in the order they arrived
     * @param  bool  $showsMoney  not to those whom it is no business of
     */
    public static function of(LineVersion $version, Instant $now, ?LineRead $whole, array $events, bool $showsMoney): self
    {
        $plans = array_filter(array_column($events, 'plan', 'id'), static fn (mixed $plan): bool => $plan !== null);

        return new self(
            version: (string) $version,
            now: $now->epochMilliseconds,
            line: $whole === null ? null : LineBoard::of($whole),
            plans: array_values(array_map(ToldPlan::of(...), array_column($plans, null, 'id'))),
            taps: array_map(
                static fn (LineEvent $event): array => LineStory::told(new JudgedEvent($event), $showsMoney),
                $events,
            ),
        );
    }
}
