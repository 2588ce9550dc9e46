<?php

declare(strict_types=1);

namespace Tools\PHPStan;

use PhpParser\Node;
use PhpParser\Node\Expr\FuncCall;
use PhpParser\Node\Expr\New_;
use PhpParser\Node\Name;
use PHPStan\Analyser\Scope;
use PHPStan\Rules\IdentifierRuleError;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;

/**
 * The core asks nobody what time it is and throws no dice: moments and seeded randomizers are passed in.
 *
 * @implements Rule<Node\Expr>
 */
final readonly class NoAmbientClockOrChance implements Rule
{
    private const FUNCTIONS = [
        'time', 'microtime', 'hrtime', 'date', 'gmdate', 'getdate', 'localtime', 'idate', 'mktime', 'strtotime', 'date_create',
        'date_default_timezone_get', 'now', 'today', 'usleep', 'sleep', 'rand', 'mt_rand', 'random_int', 'random_bytes', 'uniqid',
        'lcg_value', 'shuffle', 'array_rand', 'str_shuffle', 'mt_srand', 'srand', 'getenv', 'env',
    ];

    private const CLASSES = ['datetime', 'datetimeimmutable', 'random\engine\secure', 'carbon\carbon', 'carbon\carbonimmutable'];

    public function getNodeType(): string
    {
        return Node\Expr::class;
    }

    /** @return list<IdentifierRuleError> */
    public function processNode(Node $node, Scope $scope): array
    {
        if (! str_starts_with((string) $scope->getNamespace(), 'Core')) {
            return [];
        }
        $name = match (true) {
            $node instanceof FuncCall && $node->name instanceof Name => $this->among(self::FUNCTIONS, $node->name->getLast()),
            $node instanceof New_ && $node->class instanceof Name => $this->among(self::CLASSES, $scope->resolveName($node->class)),
            default => null,
        };

        return $name === null ? [] : [RuleErrorBuilder::message(
            "{$name} is not for the core: take the moment or a seeded Randomizer as a parameter.",
        )
            ->identifier('core.ambient')->build()];
    }

    /** @param  list<string>  $banned */
    private function among(array $banned, string $name): ?string
    {
        return in_array(strtolower($name), $banned, true) ? $name : null;
    }
}
