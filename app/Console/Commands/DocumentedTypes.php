<?php

declare(strict_types=1);

namespace App\Console\Commands;

use PHPStan\PhpDocParser\Ast\PhpDoc\PhpDocNode;
use PHPStan\PhpDocParser\Ast\PhpDoc\TypeAliasImportTagValueNode;
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
        return isset($this->shapes($class)[$name]) || isset($this->imported($class)[$name]);
    }

    /**
     * @param  ReflectionClass<object>  $class
     * @return list<array{ReflectionClass<object>, array<string, TypeNode>}> shapes of the core that it takes over, under its names for them
     */
    public function ofCore(ReflectionClass $class): array
    {
        $found = [];
        preg_match_all('/^use (Core[\\w\\\\]+);$/m', (string) file_get_contents((string) $class->getFileName()), $used);
        foreach ($this->imported($class) as $name => $import) {
            foreach ($used[1] as $core) {
                if (class_exists($core) && class_basename($core) === (string) $import->importedFrom) {
                    $owner = new ReflectionClass($core);
                    $found[] = [$owner, [$name => $this->shapes($owner)[$import->importedAlias]]];
                }
            }
        }

        return $found;
    }

    /**
     * @param  ReflectionClass<object>  $class
     * @return array<string, TypeAliasImportTagValueNode> by the name that the class has for it
     */
    private function imported(ReflectionClass $class): array
    {
        $imports = [];
        foreach ($this->parsed($class->getDocComment())->getTypeAliasImportTagValues() as $import) {
            $imports[$import->importedAs ?? $import->importedAlias] = $import;
        }

        return $imports;
    }

    private function parsed(string|false|null $docblock): PhpDocNode
    {
        return $this->parser->parse(new TokenIterator($this->lexer->tokenize(is_string($docblock) ? $docblock : '/** */')));
    }
}
