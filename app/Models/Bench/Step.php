<?php

declare(strict_types=1);

namespace App\Models\Bench;

use Core\Design\Step as CoreStep;
use Core\Design\StepValues;
use Illuminate\Database\Eloquent\Model;

/**
 * @phpstan-import-type Values from StepValues
 *
 * @property string $id client-made, unique within its design
 * @property string $design_id
 * @property int $position
 * @property Values $content
 */
final class Step extends Model
{
    public $timestamps = false;

    protected $primaryKey = 'seq';

    protected $guarded = [];

    public function toCore(): CoreStep
    {
        return StepValues::read($this->id, $this->content);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['content' => 'array'];
    }
}
