<?php

declare(strict_types=1);

namespace App\Models;

use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Side;
use Core\Design\Step as CoreStep;
use Core\Design\Zone;
use Core\Units\Duration;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string $id client-made, unique within its design
 * @property string $design_id
 * @property int $position
 * @property string $name
 * @property Medium $medium
 * @property string $tool
 * @property list<array{name: string, hex: string}> $colours
 * @property non-empty-list<string> $zones
 * @property Side $side
 * @property int $coats
 * @property int $time_ms
 * @property int $dry_ms
 * @property bool $optional
 * @property string $note
 */
final class Step extends Model
{
    public $timestamps = false;

    protected $primaryKey = 'seq';

    protected $guarded = [];

    public function toCore(): CoreStep
    {
        return new CoreStep(
            $this->id,
            $this->name,
            $this->medium,
            $this->tool,
            array_map(static fn (array $colour) => Colour::of($colour['name'], $colour['hex']), $this->colours),
            array_map(Zone::from(...), $this->zones),
            $this->side,
            $this->coats,
            Duration::ofMilliseconds($this->time_ms),
            Duration::ofMilliseconds($this->dry_ms),
            $this->optional,
            $this->note,
        );
    }

    /** @return array<string, mixed> the columns of a step, design and position apart */
    public static function columnsOf(CoreStep $step): array
    {
        return [
            'id' => $step->id,
            'name' => $step->name,
            'medium' => $step->medium,
            'tool' => $step->tool,
            'colours' => array_map(static fn (Colour $colour) => ['name' => $colour->name, 'hex' => $colour->hex], $step->colours),
            'zones' => array_map(static fn (Zone $zone) => $zone->value, $step->zones),
            'side' => $step->side,
            'coats' => $step->coats,
            'time_ms' => $step->time->milliseconds,
            'dry_ms' => $step->dryFor->milliseconds,
            'optional' => $step->optional,
            'note' => $step->note,
        ];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'medium' => Medium::class,
            'side' => Side::class,
            'colours' => 'array',
            'zones' => 'array',
            'optional' => 'boolean',
        ];
    }
}
