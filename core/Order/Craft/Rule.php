<?php

declare(strict_types=1);

namespace Core\Order\Craft;

/** A rule of the craft. It either orders steps, or looks at the painted face, or both. */
interface Rule
{
    /** Lower case with hyphens; never changes. */
    public function id(): string;

    public function info(): RuleInfo;
}
