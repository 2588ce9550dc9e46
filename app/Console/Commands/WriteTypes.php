<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Http\Resources\Resource;
use BackedEnum;
use Illuminate\Console\Command;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeItemNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeNode;
use PHPStan\PhpDocParser\Ast\Type\GenericTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IdentifierTypeNode;
use PHPStan\PhpDocParser\Ast\Type\NullableTypeNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Ast\Type\UnionTypeNode;
use ReflectionClass;
use ReflectionEnum;
use ReflectionNamedType;
use ReflectionProperty;
use RuntimeException;
use UnitEnum;

/** Writes the browser's types from the resource classes, so that the two never drift apart. */
final class WriteTypes extends Command
{
    private const TYPES = 'resources/js/api/types.gen.ts';

    private const TABLES = 'resources/js/api/tables.gen.ts';

    protected $signature = 'inch:types {--check : only say whether the file is up to date}';

    protected $description = 'Write the browser\'s API types from the resource classes';

    /** @var array<string, class-string<UnitEnum>> */
    private array $enums = [];

    private DocumentedTypes $documented;

    public function handle(DocumentedTypes $documented): int
    {
        $this->documented = $documented;
        $isUpToDate = true;
        foreach ([self::TYPES => $this->types(), self::TABLES => BrowserTables::written()] as $name => $written) {
            $file = base_path($name);
            if ($written === (is_file($file) ? (string) file_get_contents($file) : '')) {
                continue;
            }
            if ($this->option('check') === true) {
                $this->error("{$name} is not what the application says. Run: php artisan inch:types");
                $isUpToDate = false;

                continue;
            }
            file_put_contents($file, $written);
        }

        return $isUpToDate ? self::SUCCESS : self::FAILURE;
    }

    private function types(): string
    {
        $blocks = [];
        foreach (self::answers() as $name => $class) {
            $blocks[$name] = $class->isAbstract() ? '' : $this->interface($name, $class);
            foreach ([[$class, $this->documented->shapes($class)], ...$this->documented->ofCore($class)] as [$owner, $shapes]) {
                foreach ($shapes as $shape => $type) {
                    $blocks[$shape] = "export interface {$shape} ".$this->written($type, $owner)."\n";
                }
            }
        }
        $blocks = array_filter($blocks, static fn (string $block): bool => $block !== '');
        ksort($blocks);
        ksort($this->enums);
        foreach ($this->enums as $name => $enum) {
            $cases = array_map(
                static fn (UnitEnum $case): string => "'".($case instanceof BackedEnum ? $case->value : $case->name)."'",
                $enum::cases(),
            );
            $blocks[] = "export const {$name}Values = [".implode(', ', $cases)
                ."] as const;\nexport type {$name} = (typeof {$name}Values)[number];\n";
        }

        return "// Written by `php artisan inch:types` from what the application answers with. Do not edit.\n\n".implode("\n", $blocks);
    }

    /** @return array<string, ReflectionClass<object>> by their last word */
    private static function answers(): array
    {
        $answers = [];
        foreach ((array) glob(app_path('*/*/*.php')) as $file) {
            $class = str_replace([app_path(), '/'], ['App', '\\'], substr((string) $file, 0, -4));
            if (is_subclass_of($class, Resource::class)) {
                $answers[class_basename($class)] = new ReflectionClass($class);
            }
        }
        ksort($answers);

        return $answers;
    }

    /** @param  ReflectionClass<object>  $class */
    private function interface(string $name, ReflectionClass $class): string
    {
        $lines = array_map(
            fn (ReflectionProperty $property): string => "  {$property->getName()}: {$this->typeOf($property)};",
            [...$this->inherited($class), ...$this->own($class)],
        );

        return "export interface {$name} {\n".implode("\n", $lines)."\n}\n";
    }

    /**
     * @param  ReflectionClass<object>  $class
     * @return list<ReflectionProperty>
     */
    private function own(ReflectionClass $class): array
    {
        return array_values(array_filter(
            $class->getProperties(ReflectionProperty::IS_PUBLIC),
            static fn (ReflectionProperty $property): bool => $property->getDeclaringClass()->getName() === $class->getName(),
        ));
    }

    /**
     * @param  ReflectionClass<object>  $class
     * @return list<ReflectionProperty>
     */
    private function inherited(ReflectionClass $class): array
    {
        $parent = $class->getParentClass();

        return $parent === false ? [] : [...$this->inherited($parent), ...$this->own($parent)];
    }

    private function typeOf(ReflectionProperty $property): string
    {
        $type = $property->getType();
        $class = $property->getDeclaringClass();
        if (! $type instanceof ReflectionNamedType) {
            throw new RuntimeException("{$class->getName()}::{$property->getName()} needs a single named type.");
        }
        $text = match ($type->getName()) {
            'string' => 'string',
            'int', 'float' => 'number',
            'bool' => 'boolean',
            'array' => $this->written($this->documented->of($property), $class),
            default => $this->named($type->getName()),
        };

        return $type->allowsNull() && ! str_ends_with($text, ' | null') ? "{$text} | null" : $text;
    }

    /** @param  ReflectionClass<object>  $class */
    private function written(TypeNode $type, ReflectionClass $class): string
    {
        return match (true) {
            $type instanceof IdentifierTypeNode => $this->item($type->name, $class),
            $type instanceof NullableTypeNode => "{$this->written($type->type, $class)} | null",
            $type instanceof UnionTypeNode => implode(' | ', array_map(
                fn (TypeNode $one): string => $this->written($one, $class),
                $type->types,
            )),
            $type instanceof GenericTypeNode && (string) $type->type === 'list' => $this->written($type->genericTypes[0], $class).'[]',
            $type instanceof GenericTypeNode && (string) $type->type === 'value-of' => $this->written($type->genericTypes[0], $class),
            $type instanceof ArrayShapeNode => "{\n".implode('', array_map(
                fn (ArrayShapeItemNode $one): string => "  {$one->keyName}".($one->optional ? '?' : '').': '
                    .$this->written($one->valueType, $class).";\n",
                $type->items,
            )).'}',
            default => throw new RuntimeException("{$class->getName()} says {$type}, which is not written yet."),
        };
    }

    /** @param  ReflectionClass<object>  $class */
    private function item(string $name, ReflectionClass $class): string
    {
        $plain = match ($name) {
            'string', 'null' => $name,
            'int', 'float' => 'number',
            'bool' => 'boolean',
            default => $this->documented->isShape($name, $class) ? $name : null,
        };
        if ($plain !== null) {
            return $plain;
        }
        $code = (string) file_get_contents((string) $class->getFileName());
        $imported = preg_match(
            '/^use ([\w\\\\]+\\\\'.preg_quote($name, '/').');$/m',
            $code,
            $match,
        ) === 1 ? $match[1] : "{$class->getNamespaceName()}\\{$name}";

        return $this->named($imported);
    }

    private function named(string $class): string
    {
        if (! class_exists($class) && ! enum_exists($class)) {
            throw new RuntimeException("There is no type {$class}.");
        }
        $short = (new ReflectionClass($class))->getShortName();
        if (enum_exists($class)) {
            $this->enums[$short] = (new ReflectionEnum($class))->getName();
        }

        return $short;
    }
}
