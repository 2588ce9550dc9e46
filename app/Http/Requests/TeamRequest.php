<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Account\Invitation;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Kit\KitItem;
use App\Models\Kit\KitRemoval;
use App\Models\Menu\Menu;
use App\Models\Plan\EventDay;
use Core\Team\AccountPart;
use LogicException;

/** A request of a signed-in painter. What its address names is the painter's team's, or the address leads nowhere. */
abstract class TeamRequest extends StrictRequest
{
    final public function painter(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : throw new LogicException('This address is behind the sign-in.');
    }

    final public function teamId(): string
    {
        return $this->painter()->team_id;
    }

    final public function design(): Design
    {
        $design = $this->route('design') ?? $this->route('deletedDesign');

        return $design instanceof Design ? $design : throw new LogicException('This address names no design.');
    }

    final public function thing(): KitItem
    {
        $thing = $this->route('thing');

        return $thing instanceof KitItem ? $thing : throw new LogicException('This address names no thing of a kit.');
    }

    final public function removal(): KitRemoval
    {
        $removal = $this->route('removal');

        return $removal instanceof KitRemoval ? $removal : throw new LogicException('This address names no removal.');
    }

    final public function menu(): Menu
    {
        $menu = $this->route('menu');

        return $menu instanceof Menu ? $menu : throw new LogicException('This address names no menu.');
    }

    /** Of the team's data, as the name of its file says. */
    final public function part(): AccountPart
    {
        $part = $this->route('part');

        return AccountPart::tryFrom(is_string($part) ? $part : '') ?? abort(404);
    }

    final public function member(): User
    {
        $member = $this->route('member');

        return $member instanceof User ? $member : throw new LogicException('This address names nobody of the team.');
    }

    /** Of a child, as its address names it; 0 for what is no number. */
    final public function number(): int
    {
        $number = $this->route('number');

        return is_string($number) ? (int) $number : throw new LogicException('This address names no number.');
    }

    /** The id of a sign-in, as its address names it. */
    final public function signIn(): string
    {
        $signIn = $this->route('signIn');

        return is_string($signIn) ? $signIn : throw new LogicException('This address names no sign-in.');
    }

    final public function invitation(): Invitation
    {
        $invitation = $this->route('invitation');

        return $invitation instanceof Invitation ? $invitation : throw new LogicException('This address names no invitation.');
    }

    final public function day(): EventDay
    {
        $day = $this->route('day') ?? $this->route('deletedDay');

        return $day instanceof EventDay ? $day : throw new LogicException('This address names no day.');
    }
}
