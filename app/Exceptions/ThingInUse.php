<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

final class ThingInUse extends RuntimeException
{
    /** @param  non-empty-list<string>  $designs */
    public static function of(string $thing, array $designs): self
    {
        $count = count($designs);
        $named = implode(', ', array_slice($designs, 0, 4)).($count > 4 ? ' and '.($count - 4).' more' : '');

        return new self("“{$thing}” is used by {$named}. Choose what takes its place, or take it out all the same.");
    }
}
