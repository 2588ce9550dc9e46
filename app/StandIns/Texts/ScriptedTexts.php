<?php

declare(strict_types=1);

namespace App\StandIns\Texts;

/** A small service that ships with the application: it takes all words and carries them nowhere; numbers ending in 00 it refuses. */
final readonly class ScriptedTexts implements TextService
{
    public function send(string $phone, string $words): bool
    {
        return ! str_ends_with($phone, '00');
    }
}
