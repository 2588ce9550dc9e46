<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Bench\Files\ReadDesignFile;
use Core\Design\Design;

/** The shipped designs that a painter may begin with. */
final readonly class WorkedDesigns
{
    public function __construct(private ReadDesignFile $readDesignFile) {}

    /** @return array<string, Design> by name */
    public function __invoke(): array
    {
        $designs = ($this->readDesignFile)((string) file_get_contents(database_path('demo/designs.json')));

        return array_column($designs, null, 'name');
    }
}
