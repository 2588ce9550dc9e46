<?php

declare(strict_types=1);

namespace App\Models\Bench;

use Core\Design\Design;
use Core\Design\Place\Placement;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Line\FacePlan as CoreFacePlan;
use Core\Line\PlannedStep;
use Core\Units\Duration;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Model;

/**
 * What a face is seated with: immutable, named by the SHA-256 of its content. Its steps are a step's Values with id and minutes, and
 * with the colours that are seen.
 *
 * @phpstan-type PlannedValues array{
 *     id: string, plannedMs: int, seen?: list<string>, name: string, medium: string, technique?: string, tool?: string,
 *     colours?: list<array{name?: string, hex: string}>, zones?: list<string>, side?: string, coats?: int, seconds?: int|float,
 *     drySeconds?: int|float, optional?: bool, note?: string, load?: string, count?: int, smallCount?: int, shape?: string,
 *     sizePercent?: int,
 *     turnDegrees?: int, guides?: list<array{by: string, value: string}>, shut?: string, look?: int, group?: string,
 *     alternatives?: list<array{medium: string, technique?: string, tool?: string, seconds?: int|float, count?: int,
 *     side?: string, look?: int, coats?: int}>, stopAfter?: bool,
 *     films?: list<array{step: string, least: int, most?: int}>
 * }
 * @phpstan-type PlanSpan array{kind: string, stepId: string, startMs: int, lengthMs: int}
 * @phpstan-type PlanContent array{name: string, placement: string, steps: list<PlannedValues>, spans: list<PlanSpan>}
 *
 * @property string $id
 * @property string $design_id
 * @property PlanContent $content
 * @property int $total_ms
 */
final class FacePlan extends Model
{
    public const UPDATED_AT = null;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $table = 'face_plans';

    protected $guarded = [];

    public function toCore(): CoreFacePlan
    {
        $steps = array_map(
            fn (array $step) => new PlannedStep($step['id'], $step['name'], Duration::ofMilliseconds($step['plannedMs']), $this->id),
            $this->content['steps'],
        );

        return new CoreFacePlan($this->id, $this->content['name'], $steps);
    }

    /** @return list<Step> */
    public function steps(): array
    {
        return once(fn (): array => array_map(
            static fn (array $step): Step => StepValues::read($step['id'], $step),
            $this->content['steps'],
        ));
    }

    public function toDesign(): Design
    {
        return new Design($this->content['name'], Placement::from($this->content['placement']), null, $this->steps());
    }

    /** Read once: it is long, and often asked for. */
    protected function content(): Attribute
    {
        return Attribute::make(
            get: static fn (string $json): array => (array) json_decode($json, true, flags: JSON_THROW_ON_ERROR),
            set: static fn (array $content): string => json_encode($content, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        )->shouldCache();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['total_ms' => 'integer'];
    }
}
