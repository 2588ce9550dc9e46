<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Account\Ways\BenchOfPainter;
use App\Models\BenchTime;
use App\Models\User;
use Core\Team\Role;
use Core\Units\Duration;

/** All that a painter's team owns, and what the painter's hands take between steps. */
final readonly class KitOnTable
{
    public function __construct(private BenchOfPainter $benchOfPainter) {}

    public function __invoke(User $painter): KitRead
    {
        $hands = [];
        foreach (BenchTime::query()->where('user_id', $painter->id)->get() as $time) {
            $hands[$time->action->value] = ['time' => Duration::ofMilliseconds($time->time_ms), 'repetitions' => $time->repetitions];
        }

        /** @var array<string, string> $painters */
        $painters = User::ofTeam($painter->team_id)->whereNot('role', Role::Helper)->orderBy('id')->pluck('name', 'id')->all();

        return new KitRead($this->benchOfPainter->kit($painter->team_id), $hands, $painters);
    }
}
