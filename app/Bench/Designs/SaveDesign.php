<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Account\Ways\PainterBench;
use App\Exceptions\ChangedElsewhere;
use App\Models\Bench\Design;
use Core\Design\Design as CoreDesign;
use Illuminate\Support\Facades\DB;

final readonly class SaveDesign
{
    public function __construct(private WriteDesign $writeDesign) {}

    /**
     * @param  int  $revision  the one the change was made on
     *
     * @throws ChangedElsewhere when that is no longer the newest
     */
    public function __invoke(PainterBench $bench, Design $design, int $revision, CoreDesign $content): Design
    {
        return DB::transaction(function () use ($bench, $design, $revision, $content): Design {
            $current = Design::ofTeam($design->team_id)->lockForUpdate()->findOrFail($design->id);
            if ($current->revision !== $revision) {
                throw ChangedElsewhere::design($current->name);
            }
            $current->revision++;
            ($this->writeDesign)($bench, $current, $content);

            return $current;
        });
    }
}
