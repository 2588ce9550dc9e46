<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Account\Ways\PainterBench;
use App\Models\Bench\Design;
use Core\Design\Design as CoreDesign;
use Core\Design\Place\Placement;
use Illuminate\Support\Str;

/** Makes a new design from what it begins with. */
final readonly class StartDesign
{
    public function __construct(private CreateDesign $createDesign, private WorkedDesigns $workedDesigns) {}

    public function __invoke(PainterBench $bench, string $teamId, DesignStart $start): Design
    {
        $like = $start->like?->toCore() ?? ($start->startingPoint === null ? null : ($this->workedDesigns)()[$start->startingPoint]);
        $content = $like?->renamed($start->name) ?? self::listed($bench, $start);

        return ($this->createDesign)($bench, $teamId, $content->withIds(array_map(self::freshId(...), $content->steps)));
    }

    private static function listed(PainterBench $bench, DesignStart $start): CoreDesign
    {
        if ($start->list === '') {
            return new CoreDesign($start->name, $start->placement ?? Placement::FullFace, null, []);
        }
        $reading = $bench->reader()->read($start->list, $start->placement);

        return new CoreDesign($start->name, $reading->placement, null, $reading->steps(), pins: $reading->pins);
    }

    private static function freshId(): string
    {
        return Str::lower((string) Str::ulid());
    }
}
