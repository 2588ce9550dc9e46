<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Account\Ways\BenchOfPainter;
use App\Models\Account\User;
use App\Models\Bench\BenchTime;
use App\Plan\Days\PainterName;
use Core\Kit\BenchAction;
use Core\Kit\Item;
use Core\Team\Role;
use Core\Units\Duration;

/** All that a painter's team owns, and what the painter's hands take between steps. */
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
                static fn (BenchAction $action): HandTime => HandTime::of($action, $hands[$action->value] ?? null),
                BenchAction::cases(),
            ),
            array_map(
                static fn (string $id, string $name): PainterName => new PainterName($id, $name),
                array_keys($painters),
                $painters,
            ),
        );
    }
}
