<?php

declare(strict_types=1);

namespace Tests;

use App\Account\Team\Members;
use App\Models\Bench\Design;
use App\Models\Plan\EventDay;
use BackedEnum;
use Core\Design\Step;
use Core\Line\LineEvent;
use Core\Units\Duration;
use Core\Units\Instant;
use Illuminate\Support\Facades\Date;
use Random\Randomizer;
use Tests\Core\Line\Day;
use Tests\Core\Paint;

/** A day of any team, tapped in any way, sensible or not, through the door by which the taps of devices come in. */
final class AnyDay
{
    private const NAMES = ['Béa 🐚', 'Zoë', '“Odo”', 'Ana\\Lis', 'Šárka', "O'Hara", 'Ida, Tobi', '李', 'ألما', 'a;b"c'];

    /** @var array<string, string> by what stands for it in a made-up line: a child, a painter, a tap */
    private array $ids = [];

    /** @param  list<Design>  $designs */
    private function __construct(private readonly EventDay $day, private readonly array $designs) {}

    /** What the taps of it came to is asserted to be something. */
    public static function of(Randomizer $chance): EventDay
    {
        $names = $chance->shuffleArray(self::NAMES);
        $scene = Scene::team("Dune {$names[0]}");
        test()->actingAs($scene->painter);
        $painters = [
            $scene->painter->id,
            ...array_map(
                static fn (string $name): string => app(Members::class)->add(
                    $scene->painter->team->name,
                    $name,
                    Scene::ulid().'@example.org',
                    'a long password',
                )->id,
                array_slice($names, 1, 2),
            ),
        ];
        $designs = array_map(static fn (string $name): Design => $scene->design($name, ...self::steps($chance)), array_slice($names, 3, 2));
        $day = $scene->day(2, ...$designs);
        test()->putJson("/api/days/{$day->id}/roster", ['shifts' => [
            ['chair' => 1, 'painterId' => $painters[2 * $chance->getInt(0, 1)], 'from' => null],
            ['chair' => 2, 'painterId' => $chance->getInt(0, 1) === 0 ? null : $painters[1], 'from' => null],
        ]])->assertOk();
        $any = new self($day, $designs);
        $any->ids = array_combine(['ines', 'tobi', 'ada'], $painters);
        $made = $chance->getInt(0, 1) === 0 ? Day::any($chance, $chance->getInt(30, 80)) : Day::likely($chance, $chance->getInt(30, 80));
        test()->travelTo(Date::createFromTimestampMs($day->opens_ms + 3_600_000));
        test()->postJson("/api/days/{$day->id}/taps", ['taps' => array_map($any->tap(...), $made->events)])->assertOk();

        return $day->refresh();
    }

    /** @return list<Step> two or three */
    private static function steps(Randomizer $chance): array
    {
        return array_map(
            static fn (int $number): Step => Paint::step(Scene::ulid(), $chance->getInt(5, 90), name: self::NAMES[$number]),
            range(1, $chance->getInt(2, 3)),
        );
    }

    /** @return array<string, mixed> as a browser sends it */
    private function tap(LineEvent $event): array
    {
        // One child's faces are of one design, so that the steps of its plan are its own.
        $design = $this->designs[(int) substr($event->ticket ?? '0', 1) % count($this->designs)];
        $tap = get_object_vars($event);
        $tap['id'] = $this->id($event->id);
        foreach (['ticket', 'before', 'target', 'painter', 'party'] as $who) {
            $tap[$who] = $tap[$who] === null ? null : $this->id($tap[$who]);
        }
        $tap['design'] = $event->design === null ? null : $design->id;
        $tap['plan'] = $event->plan === null ? null : $design->plan_id;
        $step = static fn (string $name): string => $design->steps[(int) substr($name, 1) - 1]->id ?? '';
        $tap['step'] = $event->step === null ? null : $step($event->step);
        $tap['without'] = array_map($step, $event->without);
        $tap['note'] = $event->note === null && $event->ticket !== null ? 'blue coat' : $event->note;

        return array_map($this->plain(...), array_filter(
            array_diff_key($tap, ['number' => 1]),
            static fn (mixed $value): bool => $value !== null && $value !== [],
        ));
    }

    private function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof Instant => $this->day->opens_ms + $value->epochMilliseconds,
            $value instanceof Duration => $value->milliseconds,
            $value instanceof BackedEnum => $value->value,
            default => $value,
        };
    }

    private function id(string $standIn): string
    {
        return $this->ids[$standIn] ??= Scene::ulid();
    }
}
