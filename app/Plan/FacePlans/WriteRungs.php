<?php

declare(strict_types=1);

namespace App\Plan\FacePlans;

use App\Account\Ways\BenchOfPainter;
use App\Bench\Order\WatchSearch;
use App\Logbook\Pace\PacesOfDesign;
use App\Models\Bench\Design;
use App\Models\Bench\DesignRung;
use Core\Ladder\Ladder;
use Core\Ladder\Rung;
use Core\Ladder\TooManyChoices;
use Core\Order\Circumstances;
use Illuminate\Support\Facades\DB;

/** Works out the named rungs of a design, which menus offer and the chair falls back to, and writes their plans. */
final readonly class WriteRungs
{
    /** What has a hundred versions is cut off there: the best found until then are the rungs. */
    private const SECONDS = 1.5;

    public function __construct(
        private PacesOfDesign $pacesOfDesign,
        private WritePlan $writePlan,
        private BenchOfPainter $benchOfPainter,
    ) {}

    /** @return bool false where the design was saved or timed anew meanwhile, and it has to be done again */
    public function __invoke(string $teamId, string $designId): bool
    {
        $design = Design::ofTeam($teamId)->with('steps')->whereNotNull('plan_id')->find($designId);
        if ($design === null) {
            return true;
        }
        $bench = $this->benchOfPainter->ofTeam($teamId);
        $circumstances = $bench->circumstances($bench->stepTimes->knowing(($this->pacesOfDesign)($designId, null)));
        // Nothing is locked while this looks: whoever saves the design does not wait for it.
        $named = self::named($design, $circumstances);

        return DB::transaction(function () use ($teamId, $design, $named, $circumstances): bool {
            $now = Design::ofTeam($teamId)->lockForUpdate()->find($design->id);
            if ($now === null) {
                return true;
            }
            if ($now->revision !== $design->revision || $now->plan_id !== $design->plan_id) {
                return false;
            }
            $this->write($now->id, $named, $circumstances);
            $now->forceFill(['is_ranked' => true])->save();
            DesignPlans::forPainters($now);

            return true;
        });
    }

    /** @return array<string, Rung> */
    private static function named(Design $design, Circumstances $circumstances): array
    {
        try {
            return Ladder::of($design->toCore(), $circumstances, null, WatchSearch::silent(self::SECONDS))->named();
        } catch (TooManyChoices) {
            return [];
        }
    }

    /** @param  array<string, Rung>  $named */
    private function write(string $designId, array $named, Circumstances $circumstances): void
    {
        DesignRung::query()->where('design_id', $designId)->delete();
        DesignRung::query()->insert(array_map(fn (string $name, Rung $rung): array => [
            'design_id' => $designId,
            'name' => $name,
            'plan_id' => ($plan = ($this->writePlan)($designId, $rung->design, $circumstances))->id,
            'total_ms' => $plan->total_ms,
            'share' => $rung->version->share(),
            'changes' => json_encode($rung->version->changes(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ], array_keys($named), $named));
    }
}
