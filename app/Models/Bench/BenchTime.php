<?php

declare(strict_types=1);

namespace App\Models\Bench;

use Core\Kit\BenchAction;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string $user_id
 * @property BenchAction $action
 * @property int $time_ms
 * @property int $repetitions of the drill that it rests on
 */
final class BenchTime extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['action' => BenchAction::class];
    }
}
