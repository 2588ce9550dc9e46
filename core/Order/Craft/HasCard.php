<?php

declare(strict_types=1);

namespace Core\Order\Craft;

use LogicException;
use ReflectionClass;

/** For a rule: it is called by its class, and its card says the rest. */
trait HasCard
{
    public function id(): string
    {
        /** @var string|null $id */
        static $id = null;

        return $id ??= strtolower((string) preg_replace('/(?<!^)[A-Z]/', '-$0', (new ReflectionClass($this))->getShortName()));
    }

    public function card(): Card
    {
        /** @var Card|null $card */
        static $card = null;

        return $card ??= ((new ReflectionClass($this))->getAttributes(Card::class)[0]
            ?? throw new LogicException("{$this->id()} has no card."))->newInstance();
    }
}
