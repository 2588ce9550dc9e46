<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Account\Ways\PainterBench;
use App\Bench\Files\DesignFiles;
use Core\Design\Design;
use Core\Order\PaintedSequence;

/** The shipped designs that a painter may begin with. */
final readonly class WorkedDesigns
{
    public function __construct(private DesignFiles $designFiles) {}

    /** @return array<string, Design> by name */
    public function __invoke(): array
    {
        $designs = $this->designFiles->read((string) file_get_contents(database_path('demo/designs.json')));

        return array_column($designs, null, 'name');
    }

    /**
     * The worked starting points, with their pictures and what they take on this painter's bench.
     *
     * @return list<PaintedSequence>
     */
    public function startingPoints(PainterBench $bench): array
    {
        $circumstances = $bench->circumstances($bench->stepTimes);

        $painted = static fn (Design $design): PaintedSequence => PaintedSequence::of($design, $circumstances);

        return array_map($painted, array_values(($this)()));
    }
}
