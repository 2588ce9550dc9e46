<?php

declare(strict_types=1);

namespace Core\Design;

/** What a painter wants of the order of some steps. */
final readonly class Pin
{
    /**
     * @param  list<string>  $steps  ids: of a pair the earlier one first, of "needs" the one that needs the other; of a group
     *     two at least; of "first" and "last" one
     *
     * @throws InvalidPin when there are not as many steps as the kind needs, or one of them twice
     */
    public function __construct(public PinKind $kind, public array $steps)
    {
        $count = count($steps);
        $fits = match ($kind) {
            PinKind::Before, PinKind::WhileWet, PinKind::Needs => $count === 2,
            PinKind::Together => $count >= 2,
            PinKind::First, PinKind::Last => $count === 1,
        };
        match (true) {
            ! $fits => throw InvalidPin::steps($kind),
            count(array_unique($steps)) !== $count => throw InvalidPin::twice(),
            default => null,
        };
    }

    /**
     * What is left of it where only these steps are.
     *
     * @param  list<string>  $steps  ids
     */
    public function among(array $steps): ?self
    {
        $left = array_values(array_intersect($this->steps, $steps));

        if (count($left) === count($this->steps)) {
            return $this;
        }

        return $this->kind === PinKind::Together && count($left) > 1 ? new self($this->kind, $left) : null;
    }

    /** @param  list<string>  $steps  ids of the steps there are */
    public function holdsAmong(array $steps): bool
    {
        return array_diff($this->steps, $steps) === [];
    }
}
