<?php

declare(strict_types=1);

namespace App\Bench\Files;

use App\Account\Ways\PainterBench;
use App\Bench\Designs\Designs;
use App\Models\Bench\Design;
use Core\Design\Design as CoreDesign;
use Core\Design\InvalidDesignFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Brings the designs of a file into a team: all of them or none. */
final readonly class ImportDesigns
{
    public function __construct(private ReadDesignFile $readDesignFile, private Designs $designs) {}

    /**
     * @return list<Design>
     *
     * @throws InvalidDesignFile
     */
    public function __invoke(PainterBench $bench, string $teamId, string $json): array
    {
        $designs = ($this->readDesignFile)($json);

        return DB::transaction(fn (): array => array_map(
            fn (CoreDesign $design): Design => $this->designs->create(
                $bench,
                $teamId,
                $design->withIds(array_map(static fn (): string => Str::lower((string) Str::ulid()), $design->steps)),
            ),
            $designs,
        ));
    }
}
