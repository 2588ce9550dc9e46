<?php

declare(strict_types=1);

namespace App\Bench\Files;

use App\Exceptions\InvalidShape;
use App\Json\ReadShapedJson;
use Core\Design\Design;
use Core\Design\DesignFile;
use Core\Design\InvalidDesignFile;

/** Reads a design file: JSON, then its published schema, then the meaning. */
final readonly class ReadDesignFile
{
    public function __construct(private ReadShapedJson $readShapedJson) {}

    /**
     * @return list<Design>
     *
     * @throws InvalidShape|InvalidDesignFile naming the path inside the file and the reason
     */
    public function __invoke(string $json): array
    {
        return DesignFile::read(($this->readShapedJson)($json, 'design.v5.schema.json'));
    }
}
