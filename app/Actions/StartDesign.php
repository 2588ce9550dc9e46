<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Design;
use App\Queries\PainterBench;
use App\Queries\WorkedDesigns;
use Core\Design\Design as CoreDesign;
use Core\Design\Step;
use Core\Design\Wording\StepReader;
use Core\Exceptions\CoreException;
use Core\Exceptions\UnclearStep;
use Illuminate\Support\Str;

/** Makes a new design from what it begins with. */
final readonly class StartDesign
{
    public function __construct(private CreateDesign $createDesign, private WorkedDesigns $workedDesigns) {}

    /** @throws UnclearStep naming the line that leaves something open */
    public function __invoke(PainterBench $bench, string $teamId, DesignStart $start): Design
    {
        $like = $start->like?->toCore() ?? ($start->startingPoint === null ? null : ($this->workedDesigns)()[$start->startingPoint]);
        $content = $like === null
            ? new CoreDesign($start->name, $start->placement, null, self::steps($bench->reader(), $start->lines))
            : $like->renamed($start->name)->withIds(array_map(self::freshId(...), $like->steps));

        return ($this->createDesign)($bench, $teamId, $content);
    }

    /**
     * @param  list<string>  $lines
     * @return list<Step>
     */
    private static function steps(StepReader $reader, array $lines): array
    {
        $steps = [];
        foreach ($lines as $index => $line) {
            try {
                $steps[] = $reader->read($line)->step(self::freshId());
            } catch (CoreException $refusal) {
                throw UnclearStep::inLine($index + 1, $refusal->getMessage());
            }
        }

        return $steps;
    }

    private static function freshId(): string
    {
        return Str::lower((string) Str::ulid());
    }
}
