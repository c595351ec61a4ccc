<?php

declare(strict_types=1);

namespace Rostik\App\Api;

use Rostik\Core\Board\BoardSum;
use Rostik\Core\Board\ClockSetting;
use Rostik\Core\Board\HandsSet;
use Symfony\Component\PropertyInfo\PropertyInfoExtractorInterface;
use Symfony\Component\TypeInfo\Type;
use Symfony\Component\TypeInfo\Type\BackedEnumType;
use Symfony\Component\TypeInfo\Type\BuiltinType;
use Symfony\Component\TypeInfo\Type\CollectionType;
use Symfony\Component\TypeInfo\Type\NullableType;
use Symfony\Component\TypeInfo\Type\ObjectType;
use Symfony\Component\TypeInfo\Type\UnionType;
use Symfony\Component\TypeInfo\TypeIdentifier;

/**
 * The API's classes as TypeScript: every class of the application whose name ends in Request or Reply, the worked
 * sum on the board, and all that they refer to. An interface becomes the union of the classes beside it, or in the folders beside it, that implement it.
 *
 * @internal
 */
final class TypeScript
{
    /** @var array<string, string> definitions by name */
    private array $done = [];

    /** @var array<string, class-string> by name */
    private array $classes = [];

    public function __construct(private readonly PropertyInfoExtractorInterface $extractor, private readonly string $root)
    {
    }

    /** @param array<string, array<string, string>> $choices by the name of a constant: what can be chosen, and how it is said, by its value */
    public function write(array $choices = []): string
    {
        $this->name(BoardSum::class);
        $this->name(HandsSet::class);
        $this->name(ClockSetting::class);
        foreach (glob($this->root.'/app/src/*/*{Request,Reply}.php', \GLOB_BRACE) ?: [] as $file) {
            $class = 'Rostik\\App\\'.basename(\dirname($file)).'\\'.basename($file, '.php');
            if (class_exists($class)) {
                $this->name($class);
            }
        }
        ksort($this->done);

        return "// Written by ./rostik types from the PHP request and reply classes. Do not edit.\n\n".implode("\n", $this->done).implode('', array_map(self::constant(...), array_keys($choices), $choices));
    }

    /** @param array<string, string> $said by value */
    private static function constant(string $name, array $said): string
    {
        $lines = array_map(static fn (string $value, string $text): string => "  { value: '".$value."', text: '".$text."' },\n", array_keys($said), $said);

        return "\nexport const ".$name.': readonly { value: string; text: string }[] = ['."\n".implode('', $lines)."];\n";
    }

    /** @param class-string $class */
    private function name(string $class): string
    {
        $short = substr((string) strrchr($class, '\\'), 1);
        if (isset($this->done[$short])) {
            return $this->classes[$short] === $class ? $short : throw new \LogicException(\sprintf('Two classes would be %s in TypeScript: %s and %s.', $short, $this->classes[$short], $class));
        }
        $this->classes[$short] = $class;
        $this->done[$short] = '';
        $reflection = new \ReflectionClass($class);
        if ($reflection->isInterface()) {
            $this->done[$short] = 'export type '.$short.' = '.implode(' | ', $this->implementations($reflection)).";\n";

            return $short;
        }
        if (enum_exists($class)) {
            $cases = array_map(
                static fn (\ReflectionClassConstant $c): string => "'".($c->getValue() instanceof \BackedEnum ? $c->getValue()->value : $c->getName())."'",
                (new \ReflectionEnum($class))->getCases(),
            );
            $this->done[$short] = 'export type '.$short.' = '.implode(' | ', $cases).";\n";

            return $short;
        }
        $lines = [];
        foreach ($reflection->getProperties(\ReflectionProperty::IS_PUBLIC) as $property) {
            $constant = 'type' === $property->getName() ? $reflection->getConstant('TYPE') : false;
            $type = \is_string($constant) ? "'".$constant."'" : $this->type($this->extractor->getType($class, $property->getName()));
            $optional = $this->hasDefault($reflection, $property->getName()) ? '?' : '';
            $lines[] = '  '.$property->getName().$optional.': '.$type.";\n";
        }
        $this->done[$short] = 'export interface '.$short." {\n".implode('', $lines)."}\n";

        return $short;
    }

    /** @param \ReflectionClass<object> $class */
    private function hasDefault(\ReflectionClass $class, string $property): bool
    {
        if (!str_ends_with($class->getName(), 'Request')) {
            return false;
        }
        foreach ($class->getConstructor()?->getParameters() ?? [] as $parameter) {
            if ($parameter->getName() === $property) {
                return $parameter->isDefaultValueAvailable();
            }
        }

        return false;
    }

    /**
     * @param \ReflectionClass<object> $interface
     *
     * @return list<string>
     */
    private function implementations(\ReflectionClass $interface): array
    {
        $names = [];
        $folder = \dirname((string) $interface->getFileName());
        foreach (glob($folder.'/{*,*/*}.php', \GLOB_BRACE) ?: [] as $file) {
            $class = $interface->getNamespaceName().'\\'.strtr(substr($file, \strlen($folder) + 1, -4), '/', '\\');
            if (class_exists($class) && is_subclass_of($class, $interface->getName())) {
                $names[] = $this->name($class);
            }
        }

        return $names;
    }

    private function type(?Type $type): string
    {
        return match (true) {
            $type instanceof NullableType => $this->type($type->getWrappedType()).' | null',
            $type instanceof UnionType => implode(' | ', array_unique(array_map($this->type(...), $type->getTypes()))),
            // what has names: in JSON an object, or an empty list where there is nothing in it
            $type instanceof CollectionType && !$type->isList() && 'string' === (string) $type->getCollectionKeyType() => \sprintf('Partial<Record<string, %s>>', $this->type($type->getCollectionValueType())),
            $type instanceof CollectionType => $this->listOf($this->type($type->getCollectionValueType())),
            $type instanceof BackedEnumType, $type instanceof ObjectType => $this->object($type),
            $type instanceof BuiltinType => match ($type->getTypeIdentifier()) {
                TypeIdentifier::INT, TypeIdentifier::FLOAT => 'number',
                TypeIdentifier::STRING => 'string',
                TypeIdentifier::BOOL => 'boolean',
                default => 'unknown',
            },
            default => 'unknown',
        };
    }

    private function listOf(string $type): string
    {
        return (str_contains($type, '|') ? '('.$type.')' : $type).'[]';
    }

    /** @param ObjectType<class-string>|BackedEnumType<class-string<\BackedEnum>, BuiltinType<TypeIdentifier::INT>|BuiltinType<TypeIdentifier::STRING>> $type */
    private function object(ObjectType $type): string
    {
        $class = $type->getClassName();
        if (!str_starts_with($class, 'Rostik\\')) {
            return 'unknown';
        }

        return class_exists($class) || interface_exists($class) || enum_exists($class) ? $this->name($class) : 'unknown';
    }
}
