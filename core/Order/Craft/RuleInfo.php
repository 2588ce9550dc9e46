<?php

declare(strict_types=1);

namespace Core\Order\Craft;

use Attribute;
use Core\Order\Schools\School;

/** What a rule says of itself. */
#[Attribute(Attribute::TARGET_CLASS)]
final readonly class RuleInfo
{
    /**
     * @param  string  $title  a few words, as a heading
     * @param  School|null  $school  that wants the rule; null where all agree. Rules of other schools are not asked
     */
    public function __construct(public string $title, public Severity $severity, public ?School $school = null) {}
}
