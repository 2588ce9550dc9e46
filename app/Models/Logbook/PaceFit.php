<?php

declare(strict_types=1);

namespace App\Models\Logbook;

use Core\Pace\Pace;
use Illuminate\Database\Eloquent\Model;

/**
 * How long a step or a whole version of a design takes a painter: see Core\Pace\Pace. Derived.
 *
 * @phpstan-import-type Values from Pace
 *
 * @property int $id
 * @property string $design_id
 * @property string|null $user_id  null for the whole team
 * @property string $kind  step or face
 * @property string $way
 * @property int $planned_ms
 * @property Values $fit
 */
final class PaceFit extends Model
{
    public const STEP = 'step';

    public const FACE = 'face';

    public $timestamps = false;

    protected $table = 'paces';

    protected $guarded = [];

    public function toCore(): Pace
    {
        return Pace::read($this->fit);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['fit' => 'array', 'planned_ms' => 'integer'];
    }
}
