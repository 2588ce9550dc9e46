<?php

declare(strict_types=1);

namespace App\Bench\Files;

use App\Models\Bench\Design;
use Core\Design\Design as CoreDesign;
use Core\Design\DesignFile;

/** Designs in the open format, as JSON text. */
final readonly class DesignsAsFile
{
    /** @param  list<Design>  $designs */
    public function __invoke(array $designs): string
    {
        $file = DesignFile::write(array_map(static fn (Design $design): CoreDesign => $design->toCore(), $designs));

        return json_encode($file, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }
}
