<?php

declare(strict_types=1);

namespace App\Line\Taps;

use App\Http\Resources\Resource;

/** What became of one tap. */
final readonly class TapOutcome extends Resource
{
    /** @param  string  $message empty unless the tap changed nothing */
    public function __construct(public string $id, public TapFate $fate, public string $message = '') {}
}
