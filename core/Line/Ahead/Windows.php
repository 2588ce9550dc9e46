<?php

declare(strict_types=1);

namespace Core\Line\Ahead;

use Core\Line\Face;
use Core\Line\Ticket;
use Core\Line\TicketStatus;
use Core\Units\Instant;

/**
 * Between when and when each waiting child is called. The line is played many times over: faces and turnarounds take longer or
 * shorter than planned (Spread), some children are not there when called, and the day as a whole runs slower or faster than
 * planned, which is learned from the faces that are done. Whole numbers only and chance of its own, so that a browser that is out
 * of reach comes to the same windows.
 */
final readonly class Windows
{
    /** How often the line is played, and what it may cost to play a long one. */
    private const RUNS = 120;

    private const FEWEST_RUNS = 40;

    private const MOST_CALLS = 6_000;

    /** A step of the generator of Park and Miller (1988), "Random number generators: good ones are hard to find". */
    private const MULTIPLIER = 48_271;

    private const MODULUS = 2_147_483_647;

    private const SEED = 2_026;

    /** @return array<string, int> what a browser plays by */
    public static function values(): array
    {
        return [
            'most' => self::RUNS, 'fewest' => self::FEWEST_RUNS, 'calls' => self::MOST_CALLS, 'seed' => self::SEED,
            'multiplier' => self::MULTIPLIER, 'modulus' => self::MODULUS,
        ];
    }

    /** @return array<string, Window> by ticket, in the order of the line */
    public static function of(Outlook $outlook): array
    {
        $queue = $outlook->line->queue();
        if ($queue === []) {
            return [];
        }
        $pace = Spread::ofDay($outlook);
        $seats = self::seats($outlook);
        $tickets = array_map(static fn (Ticket $ticket): array => [
            array_map(
                static fn (array $seat): int => $outlook->planned->of($ticket->design, $seat[1])->milliseconds,
                $seats,
            ),
            self::wishedSeats($ticket, $seats),
            $outlook->isOverdue($ticket),
            $ticket->status === TicketStatus::Called ? 0 : $outlook->notThere,
        ], $queue);
        $runs = max(self::FEWEST_RUNS, min(self::RUNS, intdiv(self::MOST_CALLS, count($queue))));
        $calls = array_fill(0, count($queue), []);
        $seed = self::SEED;
        for ($run = 0; $run < $runs; $run++) {
            $seed = self::play(
                seats: $seats,
                tickets: $tickets,
                pace: $pace,
                turnaround: $outlook->turnaround->milliseconds,
                seed: $seed,
                calls: $calls,
            );
        }
        $windows = [];
        foreach ($queue as $at => $ticket) {
            $sorted = $calls[$at];
            sort($sorted);
            $windows[$ticket->id] = new Window(
                self::instant($outlook, $sorted[intdiv($runs, 10)]),
                self::instant($outlook, $sorted[intdiv($runs, 2)]),
                self::instant($outlook, $sorted[$runs - 1 - intdiv($runs, 10)]),
            );
        }

        return $windows;
    }

    private static function instant(Outlook $outlook, int $ms): Instant
    {
        return Instant::ofEpochMilliseconds($outlook->now->epochMilliseconds + $ms);
    }

    /**
     * Plays the line once.
     *
     * @param  non-empty-list<array{array{int, bool, int, int}, string|null, int, list<array{int, int}>}>  $seats  as seats() gives them
     * @param  list<array{list<int>, list<int>, bool, int}>  $tickets  planned milliseconds by seat, the seats that will do, whether
     *                                                             not there, thousandths of such children who are not when called
     * @param  array{int, int}  $pace  as Spread::ofDay() gives it
     * @param  array<int, list<int>>  $calls  by place in line, to which this run's are added: milliseconds from now
     * @return int the next seed
     */
    private static function play(array $seats, array $tickets, array $pace, int $turnaround, int $seed, array &$calls): int
    {
        $draw = static function (int $below) use (&$seed): int {
            $seed = $seed * self::MULTIPLIER % self::MODULUS;

            return $seed % $below;
        };
        $unknown = static fn (int $share): int => intdiv(($share - 1000) * $pace[1], 1000);
        $day = $pace[0] + $unknown(Spread::DAY[$draw(count(Spread::DAY))]);
        $free = [];
        $paces = [];
        foreach ($seats as $at => [[$toPaint, $isShort, $elapsed, $turned], , $from]) {
            $pace = $paces[$at] = intdiv($day * (1000 + $unknown(Spread::PAINTER[$draw(count(Spread::PAINTER))])), 1000);
            $spread = $isShort ? Spread::SHORT : Spread::FACE;
            $rest = $toPaint === 0 ? 0 : Spread::rest($spread, intdiv($toPaint * $pace, 1000), $elapsed, $draw(1 << 16));
            $turn = $turned < 0 ? 0 : Spread::rest(Spread::SHORT, $turnaround, $turned, $draw(1 << 16));
            $free[$at] = max($from, $rest + $turn);
        }
        foreach ($tickets as $place => [$planned, $eligible, $isOverdue, $notThere]) {
            $first = $eligible[0];
            foreach ($eligible as $at) {
                $first = $free[$at] < $free[$first] ? $at : $first;
            }
            $calls[$place][] = $free[$first];
            $isThere = $draw(1000) >= $notThere;
            if ($isOverdue || ! $isThere) {
                $free[$first] += $isOverdue ? 0 : Spread::LOST_MS;

                continue;
            }
            $face = intdiv(intdiv($planned[$first] * $paces[$first], 1000) * Spread::FACE[$draw(count(Spread::FACE))], 1000);
            $face += $draw(1000) < Spread::UPSET ? intdiv($planned[$first], 2) : 0;
            $turn = intdiv($turnaround * Spread::SHORT[$draw(count(Spread::SHORT))], 1000);
            $free[$first] = self::afterGap($seats[$first][3], $free[$first] + $face + $turn);
        }

        return $seed;
    }

    /** @param  list<array{int, int}>  $gaps */
    private static function afterGap(array $gaps, int $free): int
    {
        foreach ($gaps as [$from, $until]) {
            $free = $free >= $from && $free < $until ? $until : $free;
        }

        return $free;
    }

    /**
     * The chairs that somebody paints at, or all if nobody does any more.
     *
     * @return non-empty-list<array{array{int, bool, int, int}, string|null, int, list<array{int, int}>}> the face there, who
     *     paints, not before when, and from when until when nobody does
     */
    private static function seats(Outlook $outlook): array
    {
        $all = $staffed = [];
        foreach (range(1, $outlook->chairs) as $chair) {
            $face = $outlook->line->seatedOn($chair)?->face;
            $from = $outlook->staffedFrom($chair, $outlook->now);
            $seat = [
                self::faceOn($face, $outlook->now),
                $outlook->painterAt($chair, $from ?? $outlook->now),
                ($from ?? $outlook->now)->since($outlook->now)->milliseconds,
                $outlook->roster->gaps($chair, $outlook->now, $outlook->line->seats),
            ];
            $all[] = $seat;
            if ($from !== null) {
                $staffed[] = $seat;
            }
        }

        return $staffed === [] ? $all : $staffed;
    }

    /**
     * @return array{int, bool, int, int} what is still to be painted by plan, whether that is a step or two, how long the step under
     *                                    the hand is at work, and how long the turnaround, -1 while nobody sits there
     */
    private static function faceOn(?Face $face, Instant $now): array
    {
        return match (true) {
            $face === null => [0, false, 0, -1],
            $face->paintedAt !== null => [0, false, 0, $now->since($face->paintedAt)->milliseconds],
            default => [max(1, $face->toCome()->milliseconds), $face->isNearlyPainted(), $face->stepTime($now)->milliseconds, 0],
        };
    }

    /**
     * @param  non-empty-list<array{array{int, bool, int, int}, string|null, int, list<array{int, int}>}>  $seats
     * @return non-empty-list<int> their places in the list
     */
    private static function wishedSeats(Ticket $ticket, array $seats): array
    {
        $wished = array_keys(array_filter($seats, static fn (array $seat): bool => $ticket->wish !== null && $seat[1] === $ticket->wish));

        return $wished === [] ? array_keys($seats) : $wished;
    }
}
