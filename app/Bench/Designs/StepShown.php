<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Http\Resources\Resource;
use Core\Colour\Load;
use Core\Design\Alternative;
use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Place\Guide;
use Core\Design\Place\GuideKind;
use Core\Design\Place\Shape;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Shut;
use Core\Design\Step;
use Core\Design\Technique;

/**
 * What every screen shows of a step, and all that the face map draws it from.
 *
 * @phpstan-type OtherWay array{
 *     medium: Medium,
 *     technique: Technique,
 *     tool: string,
 *     time: string,
 *     count: int|null,
 *     side: Side|null,
 *     look: int|null,
 *     coats: int|null,
 * }
 * @phpstan-type PlacingGuide array{by: GuideKind, value: string, words: string}
 * @phpstan-type ColourSwatch array{name: string, hex: string}
 */
abstract readonly class StepShown extends Resource
{
    public string $id;

    public string $name;

    public Medium $medium;

    public Technique $technique;

    public string $tool;

    /** @var list<ColourSwatch> */
    public array $colours;

    /** @var list<Zone> */
    public array $zones;

    public Side $side;

    public int $coats;

    public Load $load;

    public ?int $count;

    public ?int $smallCount;

    public ?Shape $shape;

    public int $sizePercent;

    public int $turnDegrees;

    /** @var list<PlacingGuide> */
    public array $guides;

    public ?Shut $shut;

    public bool $optional;

    public int $look;

    public string $group;

    /** @var list<OtherWay> */
    public array $alternatives;

    public string $note;

    /** Whether one may stop after it, where the painter said so. */
    public ?bool $stopAfter;

    /** @param  list<string>  $seen  #rrggbb of each colour as it comes out on what lies below; empty where that is not worked out */
    public function __construct(Step $step, public array $seen)
    {
        $this->id = $step->id;
        $this->name = $step->name;
        $this->medium = $step->medium;
        $this->technique = $step->technique;
        $this->tool = $step->tool;
        $this->colours = array_map(
            static fn (Colour $colour): array => ['name' => $colour->name, 'hex' => $colour->hex],
            $step->colours,
        );
        $this->zones = $step->zones;
        $this->side = $step->side;
        $this->coats = $step->coats;
        $this->load = $step->load;
        $this->count = $step->count;
        $this->smallCount = $step->smallCount;
        $this->shape = $step->mark->shape;
        $this->sizePercent = $step->mark->sizePercent;
        $this->turnDegrees = $step->mark->turnDegrees;
        $this->guides = array_map(
            static fn (Guide $guide): array => ['by' => $guide->kind, 'value' => $guide->text(), 'words' => $guide->label()],
            $step->mark->guides,
        );
        $this->shut = $step->shut;
        $this->optional = $step->optional;
        $this->look = $step->look;
        $this->group = $step->group;
        $this->alternatives = array_map(static fn (Alternative $way): array => [
            'medium' => $way->medium,
            'technique' => $way->technique,
            'tool' => $way->tool,
            'time' => $way->time?->formatExactly() ?? '',
            'count' => $way->count,
            'side' => $way->side,
            'look' => $way->look,
            'coats' => $way->coats,
        ], $step->alternatives);
        $this->note = $step->note;
        $this->stopAfter = $step->stopAfter;
    }
}
