<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Models\Bench\Design;
use App\Models\Kit\KitRemoval;
use Core\Design\StepValues;
use Core\Workspace\Replacement;

/**
 * Puts one thing of the kit in the place of another in every design of a team. Runs inside the caller's transaction.
 *
 * @phpstan-import-type StepChange from KitRemoval
 */
final readonly class ReplaceInDesigns
{
    /** @return list<StepChange> */
    public function __invoke(string $teamId, Replacement $replacement): array
    {
        $changed = [];
        foreach (Design::ofTeam($teamId)->with('steps')->orderBy('id')->lockForUpdate()->get() as $design) {
            $changes = $this->inDesign($design, $replacement);
            if ($changes !== []) {
                $design->revision++;
                $design->save();
            }
            $changed = [...$changed, ...$changes];
        }

        return $changed;
    }

    /** @return list<StepChange> */
    private function inDesign(Design $design, Replacement $replacement): array
    {
        $changes = [];
        foreach ($design->steps as $step) {
            $before = $step->toCore();
            $after = $replacement->in($before);
            if ($after !== $before) {
                $step->update(['content' => StepValues::of($after)]);
                $changes[] = [
                    'designId' => $design->id,
                    'id' => $step->id,
                    'before' => StepValues::of($before),
                    'after' => StepValues::of($after),
                ];
            }
        }

        return $changes;
    }
}
