<?php

declare(strict_types=1);

namespace App\Console\Commands;

use PHPStan\PhpDocParser\Ast\PhpDoc\PhpDocNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Lexer\Lexer;
use PHPStan\PhpDocParser\Parser\ConstExprParser;
use PHPStan\PhpDocParser\Parser\PhpDocParser;
use PHPStan\PhpDocParser\Parser\TokenIterator;
use PHPStan\PhpDocParser\Parser\TypeParser;
use PHPStan\PhpDocParser\ParserConfig;
use ReflectionClass;
use ReflectionProperty;
use RuntimeException;

/** What docblocks say of types that PHP has no words for: lists and shapes. */
final readonly class DocumentedTypes
{
    private Lexer $lexer;

    private PhpDocParser $parser;

    public function __construct()
    {
        $config = new ParserConfig([]);
        $constants = new ConstExprParser($config);
        $this->lexer = new Lexer($config);
        $this->parser = new PhpDocParser($config, new TypeParser($config, $constants), $constants);
    }

    /** From the property's own docblock, or its constructor's. */
    public function of(ReflectionProperty $property): TypeNode
    {
        $own = $this->parsed($property->getDocComment())->getVarTagValues()[0] ?? null;
        if ($own !== null) {
            return $own->type;
        }
        foreach ($this->parsed($property->getDeclaringClass()->getConstructor()?->getDocComment())->getParamTagValues() as $said) {
            if ($said->parameterName === "\${$property->getName()}") {
                return $said->type;
            }
        }

        throw new RuntimeException("{$property->getDeclaringClass()->getName()}::{$property->getName()} is a list of what?");
    }

    /**
     * @param  ReflectionClass<object>  $class
     * @return array<string, TypeNode> the shapes that a class gives a name, by it
     */
    public function shapes(ReflectionClass $class): array
    {
        return array_column($this->parsed($class->getDocComment())->getTypeAliasTagValues(), 'type', 'alias');
    }

    /** @param  ReflectionClass<object>  $class */
    public function isShape(string $name, ReflectionClass $class): bool
    {
        $imported = array_column($this->parsed($class->getDocComment())->getTypeAliasImportTagValues(), 'importedAlias');

        return isset($this->shapes($class)[$name]) || in_array($name, $imported, true);
    }

    private function parsed(string|false|null $docblock): PhpDocNode
    {
        return $this->parser->parse(new TokenIterator($this->lexer->tokenize(is_string($docblock) ? $docblock : '/** */')));
    }
}
