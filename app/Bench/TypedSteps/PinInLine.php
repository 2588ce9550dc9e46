<?php

declare(strict_types=1);

namespace App\Bench\TypedSteps;

use App\Models\Bench\Design;
use Core\Design\InvalidPin;
use Core\Design\Pin;
use Core\Design\Wording\PinReader;
use Illuminate\Validation\ValidationException;

/** What a typed line wants of the order of a design's steps. */
final readonly class PinInLine
{
    /** @throws ValidationException saying what to write instead */
    public function __invoke(Design $design, string $line): Pin
    {
        try {
            return (new PinReader($design->toCore()->steps))->read($line);
        } catch (InvalidPin $refusal) {
            throw ValidationException::withMessages(['line' => $refusal->getMessage()]);
        }
    }
}
