<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Design\Design;
use Core\Design\Place\Placement;
use Core\Plan\Menu\Candidate;
use Core\Plan\Menu\MenuOffer;
use Core\Plan\Menu\Promise;
use Core\Plan\Simulation\Arrivals;
use Core\Plan\Simulation\Artist;
use Core\Plan\Simulation\FaceTime;
use Core\Plan\Simulation\LineRules;
use Core\Plan\Simulation\Offer;
use Core\Plan\Simulation\Scenario;
use Core\Units\ClockTime;
use Core\Units\CoreException;
use Core\Units\Duration;

/**
 * The open format of an event plan, version 1: schemas/event-plan.v1.schema.json.
 *
 * @phpstan-type VersionValues array{seconds: int|float, look?: int|float}
 * @phpstan-type OfferValues array{name: string, weight?: int|float, price?: int, versions: list<VersionValues>,
 *     promiseSeconds?: int|float, keep?: bool, placement?: string}
 * @phpstan-type PaceValues array{design: string, seconds: list<int|float>, spread?: int|float, doubt?: int|float,
 *     slope?: int|float, nth?: int}
 * @phpstan-type ArtistValues array{name: string, shifts?: list<array{string, string}>, paces?: list<PaceValues>}
 * @phpstan-type PlanValues array{
 *     event: array{opens: string, closes: string, turnaroundSeconds?: int|float, helperTakesSeconds?: int|float},
 *     arrivals: array{kind: string, children: int|float, profile?: list<int|float>, groups?: list<int|float>},
 *     menu: list<OfferValues>, artists: list<ArtistValues>,
 *     line?: array{stopNamesAt?: string, patienceMinutes?: int|float, longest?: int, quickAbove?: int, lineEach?: bool,
 *         paintsOut?: bool, contagion?: int|float},
 *     wantedChance?: int|float, seed?: int, runs?: int, designs?: int
 * }
 */
final readonly class EventPlanFile
{
    /** @param  PlanValues  $values */
    private function __construct(private array $values, private ClockTime $opens, private Duration $open) {}

    /**
     * @param  array<string, mixed>  $values  a decoded file that the schema has passed
     *
     * @throws InvalidPlanFile when a value makes no sense, naming its path
     */
    public static function read(array $values): EventPlan
    {
        /** @var PlanValues $values */
        $event = $values['event'];
        $opens = self::within('/event/opens', static fn (): ClockTime => ClockTime::parse($event['opens']));
        $closes = self::within('/event/closes', static fn (): ClockTime => ClockTime::parse($event['closes']));
        $minutes = $closes->minutes - $opens->minutes;

        return (new self($values, $opens, Duration::ofMinutes(max(0, $minutes))))->plan();
    }

    private function plan(): EventPlan
    {
        $assumed = [];
        $artists = [];
        foreach ($this->values['artists'] as $at => $artist) {
            $artists[] = $this->artist($at, $artist, $assumed);
        }
        $event = $this->values['event'];
        $turnaround = $event['turnaroundSeconds'] ?? null;
        if ($turnaround === null) {
            $assumed[] = 'a turnaround of one minute';
        }
        $scenario = self::within('/', fn (): Scenario => new Scenario(
            open: $this->open,
            arrivals: $this->arrivals(),
            menu: array_map(self::offer(...), $this->values['menu']),
            artists: $artists,
            turnaround: Duration::ofSeconds($turnaround ?? 60),
            rules: $this->rules(),
        ));

        return new EventPlan(
            scenario: $scenario,
            opens: $this->opens,
            helperTakes: Duration::ofSeconds($event['helperTakesSeconds'] ?? Defaults::HELPER_TAKES_SECONDS),
            wantedChance: (float) ($this->values['wantedChance'] ?? Defaults::WANTED_CHANCE),
            seed: $this->values['seed'] ?? 1,
            runs: $this->values['runs'] ?? Defaults::RUNS,
            assumed: $assumed,
            offers: array_map(self::onMenu(...), $this->values['menu']),
            candidates: array_map(self::candidate(...), $this->values['menu']),
            designs: min(count($this->values['menu']), $this->values['designs'] ?? count($this->values['menu'])),
        );
    }

    /** @param  OfferValues  $values */
    private static function onMenu(array $values): MenuOffer
    {
        $face = self::times($values, null)[0];

        return new MenuOffer(
            id: $values['name'],
            name: $values['name'],
            design: new Design($values['name'], Placement::from($values['placement'] ?? 'cheek'), null, []),
            face: $face,
            isLogged: false,
            promise: isset($values['promiseSeconds']) ? Duration::ofSeconds($values['promiseSeconds']) : Promise::for($face),
            price: $values['price'] ?? null,
        );
    }

    /** @param  OfferValues  $values */
    private static function candidate(array $values): Candidate
    {
        $isKept = $values['keep'] ?? false;

        return new Candidate(
            id: $values['name'],
            weight: (float) ($values['weight'] ?? 1.0),
            times: self::times($values, null),
            looks: array_map(static fn (array $version): float => (float) ($version['look'] ?? 1.0), $values['versions']),
            price: $values['price'] ?? 0,
            isWished: $isKept,
            wishedRung: $isKept ? 0 : null,
        );
    }

    private function arrivals(): Arrivals
    {
        $arrivals = $this->values['arrivals'];

        return ArrivalKind::from($arrivals['kind'])->of(
            (int) round($arrivals['children']),
            array_map(floatval(...), $arrivals['profile'] ?? [1]),
            array_map(floatval(...), $arrivals['groups'] ?? [1]),
        );
    }

    /** @param  OfferValues  $values */
    private static function offer(array $values): Offer
    {
        return new Offer(
            $values['name'],
            (float) ($values['weight'] ?? 1.0),
            $values['price'] ?? 0,
            array_map(static fn (array $version): float => (float) ($version['look'] ?? 1.0), $values['versions']),
        );
    }

    /**
     * @param  ArtistValues  $values
     * @param  list<string>  $assumed
     */
    private function artist(int $at, array $values, array &$assumed): Artist
    {
        $shifts = [];
        foreach ($values['shifts'] ?? [] as $index => [$from, $until]) {
            $shifts[] = [
                $this->sinceOpening("/artists/{$at}/shifts/{$index}", $from),
                $this->sinceOpening("/artists/{$at}/shifts/{$index}", $until),
            ];
        }
        $paces = array_column($values['paces'] ?? [], null, 'design');
        $unknown = array_diff(array_keys($paces), array_column($this->values['menu'], 'name'));
        if ($unknown !== []) {
            throw InvalidPlanFile::at("/artists/{$at}/paces", '“'.reset($unknown).'” is not on the menu. Take it out, or put it on.');
        }
        if ($paces === []) {
            $assumed[] = "{$values['name']} paints at the menu’s own times";
        }

        return new Artist($values['name'], $shifts === [] ? [[0, $this->open->milliseconds]] : $shifts, array_map(
            static fn (array $offer): array => self::times($offer, $paces[$offer['name']] ?? null),
            $this->values['menu'],
        ));
    }

    /**
     * @param  OfferValues  $offer
     * @param  PaceValues|null  $pace
     * @return non-empty-list<FaceTime>
     */
    private static function times(array $offer, ?array $pace): array
    {
        $times = [];
        foreach ($offer['versions'] as $version => $own) {
            $times[] = FaceTime::logNormal(
                middle: Duration::ofSeconds($pace['seconds'][$version] ?? $own['seconds']),
                spread: (float) ($pace['spread'] ?? Defaults::FACE_SPREAD),
                doubt: (float) ($pace['doubt'] ?? ($pace === null ? Defaults::DAY_DOUBT : 0.0)),
                slope: (float) ($pace['slope'] ?? 0.0),
                nth: $pace['nth'] ?? 0,
            );
        }

        return $times === [] ? [FaceTime::fixed(Duration::zero())] : $times;
    }

    private function rules(): LineRules
    {
        $line = $this->values['line'] ?? [];

        return new LineRules(
            stopNamesAt: isset($line['stopNamesAt'])
                ? Duration::ofMilliseconds($this->sinceOpening('/line/stopNamesAt', $line['stopNamesAt']))
                : null,
            patience: isset($line['patienceMinutes']) ? Duration::ofMinutes($line['patienceMinutes']) : null,
            longest: $line['longest'] ?? null,
            quickAbove: $line['quickAbove'] ?? null,
            isLineEach: $line['lineEach'] ?? false,
            paintsOut: $line['paintsOut'] ?? true,
            contagion: (float) ($line['contagion'] ?? Defaults::CONTAGION),
        );
    }

    private function sinceOpening(string $path, string $typed): int
    {
        $clock = self::within($path, static fn (): ClockTime => ClockTime::parse($typed));
        if ($this->opens->isAfter($clock)) {
            throw InvalidPlanFile::at($path, "{$clock->format()} is before the opening. Mend one of the two times.");
        }

        return ($clock->minutes - $this->opens->minutes) * 60_000;
    }

    /**
     * @template T
     *
     * @param  callable(): T  $make
     * @return T
     */
    private static function within(string $path, callable $make): mixed
    {
        try {
            return $make();
        } catch (CoreException $refusal) {
            throw $refusal instanceof InvalidPlanFile ? $refusal : InvalidPlanFile::at($path, $refusal->getMessage());
        }
    }
}
