<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Account\Ways\BenchOfPainter;
use App\Models\Account\User;
use App\Models\Bench\BenchTime;
use App\Models\Bench\Design;
use App\Models\Bench\Step;
use App\Models\Kit\KitItem;
use Core\Kit\BenchAction;
use Core\Kit\Item;
use Core\Team\Role;
use Core\Units\Duration;
use Core\Workspace\Replacement;

/**
 * All that a painter's team owns, and what the painter's hands take between steps.
 *
 * @phpstan-import-type UsingDesign from ThingUses
 * @phpstan-import-type HandTime from KitSheet
 */
final readonly class KitOnTable
{
    public function __construct(private BenchOfPainter $benchOfPainter) {}

    public function __invoke(User $painter): KitSheet
    {
        $hands = [];
        foreach (BenchTime::query()->where('user_id', $painter->id)->get() as $time) {
            $hands[$time->action->value] = ['time' => Duration::ofMilliseconds($time->time_ms), 'repetitions' => $time->repetitions];
        }

        /** @var array<string, string> $painters */
        $painters = User::ofTeam($painter->team_id)->whereNot('role', Role::Helper)->orderBy('id')->pluck('name', 'id')->all();

        $kit = $this->benchOfPainter->kit($painter->team_id);

        return new KitSheet(
            array_map(static fn (Item $item): KitThing => KitThing::of($item, $kit), $kit->items),
            array_map(
                static fn (BenchAction $action): array => self::handTime($action, $hands[$action->value] ?? null),
                BenchAction::cases(),
            ),
            array_map(
                static fn (string $id, string $name): array => ['id' => $id, 'name' => $name],
                array_keys($painters),
                $painters,
            ),
        );
    }

    /** Where designs use a thing of the kit, and what could take its place. */
    public function uses(KitItem $thing): ThingUses
    {
        $item = $thing->toCore();
        $offered = array_filter(
            $this->benchOfPainter->kit($thing->team_id)->items,
            static fn (Item $other): bool => Replacement::isOffered($item, $other),
        );

        return new ThingUses(
            $this->designs($thing->team_id, $item),
            array_values(array_map(static fn (Item $other): array => ['id' => $other->id, 'name' => $other->name], $offered)),
        );
    }

    /** @return list<UsingDesign> */
    private function designs(string $teamId, Item $item): array
    {
        $uses = [];
        foreach (Design::ofTeam($teamId)->with('steps')->orderBy('name')->get() as $design) {
            $steps = $design->steps->filter(static fn (Step $step): bool => Replacement::isUsed($item, $step->toCore()));
            if ($steps->isNotEmpty()) {
                $names = array_values($steps->map(static fn (Step $step): string => $step->toCore()->name)->all());
                $uses[] = ['id' => $design->id, 'name' => $design->name, 'steps' => $names];
            }
        }

        return $uses;
    }

    /**
     * @param  array{time: Duration, repetitions: int}|null  $own  null for the team's starting value
     * @return HandTime how long a painter's hands take for one thing
     */
    private static function handTime(BenchAction $action, ?array $own): array
    {
        $starting = Duration::ofSeconds($action->startingSeconds());

        return [
            'action' => $action,
            'timeMs' => ($own['time'] ?? $starting)->milliseconds,
            'startingMs' => $starting->milliseconds,
            'repetitions' => $own['repetitions'] ?? 0,
        ];
    }
}
