<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Design;
use Core\Design\Design as CoreDesign;

final readonly class CopyDesign
{
    private const NAME_LENGTH = 80;

    public function __construct(private CreateDesign $createDesign) {}

    public function __invoke(Design $design): Design
    {
        $content = $design->toCore();
        $name = mb_substr($content->name, 0, self::NAME_LENGTH - mb_strlen(' copy')).' copy';

        return ($this->createDesign)(
            $design->team_id,
            new CoreDesign($name, $content->placement, $content->promise, $content->steps),
        );
    }
}
