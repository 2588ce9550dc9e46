<?php

declare(strict_types=1);

namespace App\Models\Practice;

use Core\Design\Place\Side;
use Core\Pace\Drill;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * One repetition on the practice board: of a stroke drill, of a design, or of one of its steps.
 *
 * @property string $id
 * @property string $user_id
 * @property Drill|null $drill
 * @property Side $side
 * @property string|null $design_id
 * @property string $way  of the step; empty for the whole design or a drill
 * @property int $spent_ms
 * @property int $at_ms
 * @property bool $interrupted
 */
final class PracticeRun extends Model
{
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['drill' => Drill::class, 'side' => Side::class, 'spent_ms' => 'integer', 'at_ms' => 'integer', 'interrupted' => 'boolean'];
    }
}
