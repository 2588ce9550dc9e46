<?php

declare(strict_types=1);

namespace App\Queries;

use App\Http\Resources\PinShown;
use App\Models\Design;
use Core\Design\Wording\PinReader;
use Core\Exceptions\InvalidPin;
use Illuminate\Validation\ValidationException;

/** What a typed line wants of the order of a design's steps. */
final readonly class PinInLine
{
    /** @throws ValidationException saying what to write instead */
    public function __invoke(Design $design, string $line): PinShown
    {
        try {
            $pin = (new PinReader($design->toCore()->steps))->read($line);
        } catch (InvalidPin $refusal) {
            throw ValidationException::withMessages(['line' => $refusal->getMessage()]);
        }

        return new PinShown($pin->kind, $pin->steps);
    }
}
