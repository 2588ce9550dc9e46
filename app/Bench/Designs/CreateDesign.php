<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Account\Ways\PainterBench;
use App\Models\Bench\Design;
use Core\Design\Design as CoreDesign;
use Illuminate\Support\Facades\DB;

final readonly class CreateDesign
{
    public function __construct(private WriteDesign $writeDesign) {}

    public function __invoke(PainterBench $bench, string $teamId, CoreDesign $content): Design
    {
        return DB::transaction(function () use ($bench, $teamId, $content): Design {
            $design = new Design(['team_id' => $teamId, 'revision' => 1]);
            ($this->writeDesign)($bench, $design, $content);

            return $design;
        });
    }
}
