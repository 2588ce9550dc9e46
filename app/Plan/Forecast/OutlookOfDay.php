<?php

declare(strict_types=1);

namespace App\Plan\Forecast;

use App\Exceptions\NobodyListens;
use App\Exceptions\TakesLong;
use App\Models\Plan\EventDay;
use App\Search\Queue\Listener;
use Closure;
use Core\Plan\Outlook;
use Core\Plan\Simulation\Scenario;
use Core\Plan\Simulation\ScenarioJson;
use Core\Plan\Simulation\Tally;
use Core\Units\Duration;
use Illuminate\Contracts\Container\Container;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * What may come of an event day, from so many days that it stays: the same wherever it is asked for. It is kept, and played anew only
 * when something has changed that it depends on.
 */
final readonly class OutlookOfDay
{
    public const SEED = 1;

    public function __construct(private Container $container, private PlayDays $playDays) {}

    /** @throws TakesLong where it has to be played first, and nobody has said that they would wait for it */
    public function __invoke(EventDay $day, EventOutline $outline): Outlook
    {
        return self::kept($day, $outline) ?? ($this->container->bound(Listener::class)
            ? $this->played($day, $outline)
            : throw new TakesLong("The outlook of {$day->name} has to be played first."));
    }

    /**
     * Kept already, or played now.
     *
     * @param  (Closure(): bool)|null  $isHeard  whether anybody still wants to know
     *
     * @throws NobodyListens once nobody does
     */
    public function played(EventDay $day, EventOutline $outline, ?Closure $isHeard = null): Outlook
    {
        $kept = self::kept($day, $outline);
        if ($kept !== null) {
            return $kept;
        }
        $outlook = Outlook::of(
            $outline->scenario,
            $outline->terms->wantedPercent / 100,
            fn (Scenario $scenario): Tally => ($this->playDays)($scenario, self::SEED, config()->integer('plan.days'), $isHeard),
        );
        // One for each day: whoever turns the dials to and fro fills no disk.
        DB::table('outlooks')->upsert([[
            'event_day_id' => $day->id,
            'outline' => self::nameOf($outline),
            'latest_name_ms' => $outlook->latestName?->milliseconds,
            'tally' => base64_encode((string) gzdeflate(json_encode($outlook->tally, JSON_THROW_ON_ERROR), 1)),
        ]], 'event_day_id');

        return $outlook;
    }

    private static function kept(EventDay $day, EventOutline $outline): ?Outlook
    {
        /** @var (stdClass&object{latest_name_ms: int|null, tally: string})|null $kept */
        $kept = DB::table('outlooks')->where('event_day_id', $day->id)->where('outline', self::nameOf($outline))->first();

        return $kept === null ? null : Outlook::again(
            $outline->scenario,
            $outline->terms->wantedPercent / 100,
            $kept->latest_name_ms === null ? null : Duration::ofMilliseconds($kept->latest_name_ms),
            Tally::read((string) gzinflate((string) base64_decode($kept->tally, true))),
        );
    }

    /** The same as long as the outlook would be: of all that it depends on, and of the version that plays it. */
    private static function nameOf(EventOutline $outline): string
    {
        $rest = [$outline->terms->wantedPercent, config()->integer('plan.days'), config()->string('app.version')];

        return hash('xxh128', ScenarioJson::of($outline->scenario).json_encode($rest, JSON_THROW_ON_ERROR));
    }
}
