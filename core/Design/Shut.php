<?php

declare(strict_types=1);

namespace Core\Design;

/** What the child keeps shut while a step is painted. */
enum Shut: string
{
    case Eyes = 'eyes';
    case Lips = 'lips';
    case Both = 'both';

    public function label(): string
    {
        return match ($this) {
            self::Eyes => 'eyes shut',
            self::Lips => 'lips shut',
            self::Both => 'eyes and lips shut',
        };
    }
}
