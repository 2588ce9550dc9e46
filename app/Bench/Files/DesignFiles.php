<?php

declare(strict_types=1);

namespace App\Bench\Files;

use App\Bench\Designs\Designs;
use App\Exceptions\InvalidShape;
use App\Json\ReadShapedJson;
use App\Models\Bench\Design;
use Core\Design\Design as CoreDesign;
use Core\Design\DesignFile;
use Core\Design\InvalidDesignFile;

/** Designs as a file, and out of one. */
final readonly class DesignFiles
{
    public function __construct(private ReadShapedJson $readShapedJson) {}

    /**
     * Reads a design file: JSON, then its published schema, then the meaning.
     *
     * @return list<CoreDesign>
     *
     * @throws InvalidShape|InvalidDesignFile naming the path inside the file and the reason
     */
    public function read(string $json): array
    {
        return DesignFile::read(($this->readShapedJson)($json, 'design.v5.schema.json'));
    }

    /**
     * Designs in the open format, as JSON text.
     *
     * @param  list<Design>  $designs
     */
    public function write(array $designs): string
    {
        $file = DesignFile::write(array_map(static fn (Design $design): CoreDesign => $design->toCore(), $designs));

        return json_encode($file, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }
}
