<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Account\Ways\PainterBench;
use App\Models\Bench\Design;

final readonly class CopyDesign
{
    private const NAME_LENGTH = 80;

    public function __construct(private CreateDesign $createDesign) {}

    public function __invoke(PainterBench $bench, Design $design): Design
    {
        $content = $design->toCore();
        $name = mb_substr($content->name, 0, self::NAME_LENGTH - mb_strlen(' copy')).' copy';

        return ($this->createDesign)($bench, $design->team_id, $content->renamed($name));
    }
}
