<?php

declare(strict_types=1);

namespace Core\Order\Craft;

use LogicException;
use ReflectionClass;

/** For a rule: it is named after its class; an attribute says the rest. */
trait HasRuleInfo
{
    public function id(): string
    {
        /** @var string|null $id */
        static $id = null;

        return $id ??= strtolower((string) preg_replace('/(?<!^)[A-Z]/', '-$0', (new ReflectionClass($this))->getShortName()));
    }

    public function info(): RuleInfo
    {
        /** @var RuleInfo|null $info */
        static $info = null;

        return $info ??= ((new ReflectionClass($this))->getAttributes(RuleInfo::class)[0]
            ?? throw new LogicException("{$this->id()} has no RuleInfo."))->newInstance();
    }
}
