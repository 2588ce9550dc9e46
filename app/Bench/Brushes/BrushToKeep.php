<?php

declare(strict_types=1);

namespace App\Bench\Brushes;

use App\Http\Resources\Resource;
use Core\Workspace\BrushSaving;

/** What a brush kept for one colour would save a face. */
final readonly class BrushToKeep extends Resource
{
    public function __construct(public string $colour, public string $hex, public int $savedMs) {}

    public static function of(BrushSaving $saving): self
    {
        return new self($saving->colour->name, $saving->colour->hex, $saving->aFace->milliseconds);
    }
}
