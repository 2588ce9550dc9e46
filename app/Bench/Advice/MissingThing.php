<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Http\Resources\Resource;
use Core\Kit\ItemKind;
use Core\Workspace\Lack;

/** What the kit lacks for a step, the slower way where there is one, what that costs more, and what may be added to the kit. */
final readonly class MissingThing extends Resource
{
    public function __construct(
        public string $stepId,
        public string $missing,
        public ?string $instead,
        public int $extraMs,
        public ?ItemKind $kind,
        public ?ColourSwatch $colour,
    ) {}

    public static function of(Lack $lack): self
    {
        $colour = $lack->kind === null || $lack->colour === null ? null : new ColourSwatch($lack->colour->name, $lack->colour->hex);

        return new self(
            stepId: $lack->stepId,
            missing: $lack->missing,
            instead: $lack->instead,
            extraMs: $lack->extra->milliseconds,
            kind: $lack->kind,
            colour: $colour,
        );
    }
}
