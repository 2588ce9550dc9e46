<?php

declare(strict_types=1);

namespace App\Plan\Party;

use App\Models\Plan\EventDay;
use Core\Plan\BirthdayChild;
use Core\Plan\GrossMinutes;
use Core\Plan\InvalidPartyList;
use Core\Plan\PartyOrder;
use Core\Units\Duration;
use Core\Units\Instant;

/** Puts the children of a party in order, for the chairs and hours of its day. */
final readonly class PartyOrderOfDay
{
    /**
     * @param  int|null  $cakeMs  by then all are painted, milliseconds since 1970; null for the end of the day
     * @param  int  $more  children who may come without being on the list
     *
     * @throws InvalidPartyList when nobody is on it
     */
    public function __invoke(EventDay $day, string $list, BirthdayChild $birthday, ?int $cakeMs, int $more): PartyOrderSheet
    {
        $guests = PartyOrder::read($list);
        $time = Duration::ofMilliseconds(max(0, ($cakeMs ?? $day->closes_ms) - $day->opens_ms));
        $wider = GrossMinutes::of($day->chairs, $time, Duration::zero(), count($guests) + $more);

        $order = PartyOrder::of($guests, $time, $day->chairs, $birthday);
        $opens = Instant::ofEpochMilliseconds($day->opens_ms);

        return new PartyOrderSheet(
            calls: array_map(static fn (array $call): array => [
                'name' => $call[0]->name,
                'age' => $call[0]->age,
                'isBirthday' => $call[0]->isBirthday,
                'at' => $opens->plus($call[1])->epochMilliseconds,
            ], $order->calls),
            eachMs: $order->each->milliseconds,
            netMs: $order->each->minus(Duration::ofMilliseconds($day->turnaround_ms))->milliseconds,
            eachWithMoreMs: $wider->gross->milliseconds ?? 0,
        );
    }
}
