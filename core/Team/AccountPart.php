<?php

declare(strict_types=1);

namespace Core\Team;

/** What a team may take out by itself, for other programs and other teams; the values are the names of the files. */
enum AccountPart: string
{
    case Designs = 'designs.json';
    case Kit = 'kit.json';
    case Events = 'events.ics';
    case Faces = 'faces.csv';

    public function type(): string
    {
        return match ($this) {
            self::Designs, self::Kit => 'application/json',
            self::Events => 'text/calendar; charset=utf-8',
            self::Faces => 'text/csv; charset=utf-8',
        };
    }
}
