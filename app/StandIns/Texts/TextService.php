<?php

declare(strict_types=1);

namespace App\StandIns\Texts;

/** Sends short words to a phone. A real service could stand behind it. */
interface TextService
{
    /** @return bool whether the service took it */
    public function send(string $phone, string $words): bool;
}
