<?php

declare(strict_types=1);

namespace App\Account\Files;

use App\Exceptions\InvalidAccountFile;
use App\Kit\Things\KitOnTable;
use App\Line\Taps\StoryOfDay;
use App\Logbook\Report\ReportOfDay;
use App\Menu\Menus\MenuOnTable;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Logbook\Face;
use App\Models\Menu\Menu;
use App\Models\Menu\MenuItem;
use App\Models\Plan\EventDay;
use Closure;
use Throwable;

/** Reads what was brought in as the rooms will read it, before it is kept: a file that was edited may fit and mean nothing. */
final readonly class ReadBackAccount
{
    /** Folding a line takes a while, and nobody opens those of years ago: of these the logbook alone is read. */
    private const LINES = 60;

    public function __construct(
        private KitOnTable $kitOnTable,
        private StoryOfDay $storyOfDay,
        private MenuOnTable $menuOnTable,
        private ReportOfDay $reportOfDay,
    ) {}

    /** @throws InvalidAccountFile naming what cannot be read */
    public function __invoke(User $owner): void
    {
        self::try('the kit', fn () => ($this->kitOnTable)($owner));
        foreach (Design::ofTeam($owner->team_id)->withTrashed()->with('steps')->get() as $design) {
            self::try("the design {$design->name}", static fn () => $design->toCore());
        }
        foreach (Menu::ofTeam($owner->team_id)->get() as $menu) {
            self::try("the menu {$menu->name}", fn () => ($this->menuOnTable)($menu, $owner));
        }
        $days = EventDay::ofTeam($owner->team_id)->withTrashed()->orderByDesc('opens_ms')->limit(self::LINES)->get();
        foreach ($days as $day) {
            self::try("the line of {$day->name}", fn () => ($this->storyOfDay)($day));
        }
    }

    /** @throws InvalidAccountFile naming what cannot be read */
    public function event(EventDay $day): void
    {
        $designs = Design::ofTeam($day->team_id)->withTrashed()->with('steps')->whereIn('id', [
            ...MenuItem::query()->where('event_day_id', $day->id)->pluck('design_id')->all(),
            ...Face::ofTeam($day->team_id)->where('event_day_id', $day->id)->distinct()->pluck('design_id')->all(),
        ]);
        foreach ($designs->get() as $design) {
            self::try("the design {$design->name}", static fn () => $design->toCore());
        }
        self::try("the line of {$day->name}", fn () => ($this->storyOfDay)($day));
        self::try("the faces of {$day->name}", fn () => ($this->reportOfDay)($day));
    }

    /** @param  Closure(): mixed  $read */
    private static function try(string $what, Closure $read): void
    {
        try {
            $read();
        } catch (Throwable) {
            throw InvalidAccountFile::because("What that file says of {$what} makes no sense.");
        }
    }
}
