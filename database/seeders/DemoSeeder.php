<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Account\Team\Members;
use App\Account\Ways\BenchOfPainter;
use App\Bench\Designs\Designs;
use App\Kit\Things\KitFile;
use App\Menu\Menus\Menus;
use App\Menu\Menus\OfferTerms;
use App\Models\Account\Team;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Kit\KitItem;
use App\Models\Menu\Menu;
use App\Models\Plan\EventDay;
use App\Plan\Days\Days;
use App\Plan\Days\DayTerms;
use App\Plan\Days\MenuTerms;
use App\Plan\Days\SaveMenu;
use App\Plan\Forecast\KeepForecast;
use App\Plan\Forecast\PlanTerms;
use App\Plan\Forecast\SavePlan;
use App\Plan\Forecast\TermsOfDay;
use Core\Units\Duration;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;

/** The made-up team Saltmarsh Faces, with a fair that is running right now and a birthday a week ago. */
final class DemoSeeder extends Seeder
{
    /** Each has them to oneself. */
    private const OWN = ['marked round 2', 'line cake'];

    private const AT_HOME = ['half sponge' => 'Ines', 'wipes' => 'Ines', 'water pots' => 'Tobi', 'practice board' => 'Tobi'];

    private const TEAM = 'Saltmarsh Faces';

    public const EMAIL = 'ines@saltmarsh.example';

    public const PASSWORD = 'lantern-quay';

    /** Between these hours the demo's fair has a place in the day. */
    private const EARLIEST_HOUR = 11;

    private const LATEST_HOUR = 17;

    private const AFTERNOON_HOUR = 13;

    private const PRICES = ['Wave band' => 400, 'Starfish' => 500, 'Storm cloud' => 400, 'Whale tail' => 400];

    private const FULL_PRICE = 700;

    private const FIRST_NAMES = [
        'Mila', 'Oskar', 'Juna', 'Levi', 'Ida', 'Sami', 'Greta', 'Nils', 'Alma', 'Piet', 'Rosa', 'Henk', 'Lina', 'Aziz', 'Noor',
        'Emil', 'Ada', 'Theo', 'Bea', 'Jon', 'Wren', 'Kaya', 'Finn', 'Elif', 'Otto', 'Mara', 'Tuuli', 'Bram', 'Suri', 'Hugo',
    ];

    public function __construct(
        private readonly Members $members,
        private readonly KitFile $kitFile,
        private readonly Designs $designs,
        private readonly BenchOfPainter $benchOfPainter,
        private readonly Days $days,
        private readonly SaveMenu $saveMenu,
        private readonly SavePlan $savePlan,
        private readonly Menus $menus,
        private readonly TermsOfDay $termsOfDay,
    ) {}

    public function run(): void
    {
        $ines = $this->members->add(self::TEAM, 'Ines', self::EMAIL, self::PASSWORD);
        $tobi = $this->members->add(self::TEAM, 'Tobi', 'tobi@saltmarsh.example', self::PASSWORD);
        $team = $ines->team;
        $this->kitFile->shipped($ines, 'demo/kit.json');
        self::bags($team->id, ['Ines' => $ines->id, 'Tobi' => $tobi->id]);
        $file = (string) file_get_contents(database_path('demo/designs.json'));
        $designs = $this->designs->bringIn($this->benchOfPainter->ofTeam($team->id), $team->id, $file);

        $now = now()->toImmutable();
        $birthday = $this->day(
            team: $team,
            name: 'Seventh birthday',
            place: 'Boat shed',
            opens: Carbon::instance($now)->subDays(6)->startOfHour(),
            hours: 2,
            chairs: 1,
        );
        $this->menu($birthday, array_slice($designs, 0, 6), priced: false);
        $this->expect($birthday, children: 14, profile: [1.0, 1.0]);
        KeepForecast::dispatchSync($birthday->team_id, $birthday->id);
        (new DemoLine($birthday, [$ines], $designs, self::FIRST_NAMES, seed: 7))->play(names: 14, until: $birthday->closes_ms);

        (new DemoPractice($ines, $now->getTimestampMs(), seed: 13))->play($designs);

        // The birthday taught how long they take; the fair is painted by that.
        $designs = array_map(static fn (Design $design): Design => $design->refresh(), $designs);
        $opens = Carbon::instance($now)->subMinutes(160)->floorMinutes(15);
        $fair = $this->day(team: $team, name: 'Harbour lantern fair', place: 'Lantern Quay', opens: $opens, hours: 5, chairs: 2);
        $this->menu($fair, array_slice($designs, 0, 8), priced: true);
        $this->menuOfFairs($ines, array_slice($designs, 0, 8));
        $this->expect($fair, children: 110, profile: [1.0, 2.0, 2.0, 1.5, 1.0]);
        (new DemoLine($fair, [$ines, $tobi], $designs, self::FIRST_NAMES, seed: 11))->play(names: null, until: $now->getTimestampMs());
    }

    private function day(Team $team, string $name, string $place, Carbon $opens, int $hours, int $chairs): EventDay
    {
        $opensMs = $opens->getTimestampMs();

        return $this->days->save(new EventDay(['team_id' => $team->id]), new DayTerms(
            name: $name,
            place: $place,
            timezone: self::timezone(),
            opensMs: $opensMs,
            closesMs: $opensMs + $hours * 3_600_000,
            chairs: $chairs,
            turnaround: Duration::ofSeconds(60),
        ));
    }

    /**
     * Whose own a thing is, and who takes the team's home.
     *
     * @param  array<string, string>  $painters  ids by name
     */
    private static function bags(string $teamId, array $painters): void
    {
        foreach (KitItem::ofTeam($teamId)->whereIn('name', self::OWN)->get() as $thing) {
            $thing->replicate()->fill(['owner_id' => $painters['Tobi'], 'owner_key' => $painters['Tobi']])->save();
            $thing->update(['owner_id' => $painters['Ines'], 'owner_key' => $painters['Ines']]);
        }
        foreach (self::AT_HOME as $thing => $name) {
            KitItem::ofTeam($teamId)->where('name', $thing)->update(['home_id' => $painters[$name]]);
        }
    }

    /** @param  list<Design>  $designs */
    private function menuOfFairs(User $painter, array $designs): void
    {
        $this->menus->write($painter, new Menu(['team_id' => $painter->team_id]), 'Fairs', array_map(
            static fn (Design $design): OfferTerms => new OfferTerms(
                designId: $design->id,
                rung: null,
                promiseMs: null,
                priceCents: self::PRICES[$design->name] ?? self::FULL_PRICE,
                group: null,
            ),
            $designs,
        ));
    }

    /** @param  list<float>  $profile */
    private function expect(EventDay $day, int $children, array $profile): void
    {
        $assumed = get_object_vars(($this->termsOfDay)($day));
        ($this->savePlan)($day, new PlanTerms(...[...$assumed, 'children' => $children, 'profile' => $profile]));
    }

    /** @param  list<Design>  $designs */
    private function menu(EventDay $day, array $designs, bool $priced): void
    {
        $terms = static fn (Design $design): MenuTerms => new MenuTerms(
            $design->id,
            Duration::ofMilliseconds($design->promise_ms ?? 0),
            $priced ? self::PRICES[$design->name] ?? self::FULL_PRICE : null,
        );
        ($this->saveMenu)($day, array_map($terms, $designs));
    }

    /** The fair runs where this machine stands; by night it runs where it is day, for nobody paints lanterns at three. */
    private static function timezone(): string
    {
        $file = '/etc/timezone';
        $here = is_readable($file) ? trim((string) file_get_contents($file)) : '';
        $zone = in_array($here, timezone_identifiers_list(), true) ? $here : 'UTC';
        $hour = now($zone)->hour;
        if ($hour >= self::EARLIEST_HOUR && $hour <= self::LATEST_HOUR) {
            return $zone;
        }
        $east = self::AFTERNOON_HOUR - now('UTC')->hour;

        // These zones are named the other way round: Etc/GMT-5 lies five hours east.
        return 'Etc/GMT'.($east > 0 ? '-' : '+').abs($east);
    }
}
