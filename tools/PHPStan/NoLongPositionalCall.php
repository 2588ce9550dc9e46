<?php

declare(strict_types=1);

namespace Tools\PHPStan;

use PhpParser\Node;
use PhpParser\Node\Arg;
use PhpParser\Node\Expr\CallLike;
use PhpParser\Node\Expr\FuncCall;
use PHPStan\Analyser\Scope;
use PHPStan\Rules\IdentifierRuleError;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;

/**
 * Of more than four arguments nobody remembers the order: they are named. Values of one kind, as a variadic takes them, are not.
 *
 * @implements Rule<CallLike>
 */
final readonly class NoLongPositionalCall implements Rule
{
    private const MOST = 4;

    public function getNodeType(): string
    {
        return CallLike::class;
    }

    /** @return list<IdentifierRuleError> */
    public function processNode(Node $node, Scope $scope): array
    {
        if ($node instanceof FuncCall || $node->isFirstClassCallable() || $this->isOfOneKind($node, $scope)) {
            return [];
        }
        $positional = array_filter($node->getArgs(), static fn (Arg $argument): bool => $argument->name === null && ! $argument->unpack);

        return count($positional) <= self::MOST ? [] : [RuleErrorBuilder::message('More than four arguments by their place: name them.')
            ->identifier('call.positional')->build()];
    }

    private function isOfOneKind(CallLike $call, Scope $scope): bool
    {
        $types = array_map(
            static fn (Arg $argument): string => implode('|', $scope->getType($argument->value)->getObjectClassNames()),
            $call->getArgs(),
        );

        return count(array_unique($types)) <= 2 && array_filter($types, static fn (string $type): bool => $type === '') === [];
    }
}
