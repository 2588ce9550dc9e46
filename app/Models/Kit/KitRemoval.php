<?php

declare(strict_types=1);

namespace App\Models\Kit;

use App\Models\Concerns\BelongsToTeam;
use Core\Design\StepValues;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * @phpstan-import-type Values from StepValues
 *
 * @phpstan-type StepChange array{designId: string, id: string, before: Values, after: Values}
 *
 * @property string $id
 * @property string $team_id
 * @property array<string, mixed> $item the row as it was
 * @property list<StepChange> $steps
 */
final class KitRemoval extends Model
{
    use BelongsToTeam;
    use HasUlids;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['item' => 'array', 'steps' => 'array'];
    }
}
