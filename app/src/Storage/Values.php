<?php

declare(strict_types=1);

namespace Rostik\App\Storage;

/**
 * Values of classes whose constructor takes all of it, as the database keeps them: an array by the names of the parameters.
 * What is missing, or of another time, is as the parameter has it by default; of a part within a part, the whole part.
 *
 * The serializer does the same and more, at some milliseconds for each request: a sheet and a class are read with nearly
 * every one.
 */
final class Values
{
    /** @var array<class-string, list<\ReflectionParameter>> */
    private array $parameters = [];

    /**
     * @template T of object
     *
     * @param class-string<T> $class all of whose constructor's parameters have defaults
     * @param array<mixed>    $kept
     *
     * @return T
     */
    public function read(string $class, array $kept): object
    {
        return $this->make($class, $kept, false) ?? new $class();
    }

    /** @return array<string, mixed> */
    public function write(object $value): array
    {
        $kept = [];
        $own = get_object_vars($value);
        foreach ($this->of($value::class) as $parameter) {
            $kept[$parameter->name] = $this->plain($own[$parameter->name] ?? null);
        }

        return $kept;
    }

    private function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof \BackedEnum => $value->value,
            \is_object($value) => $this->write($value),
            \is_array($value) => array_map($this->plain(...), $value),
            default => $value,
        };
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     * @param array<mixed>    $kept
     * @param bool            $strict whether one value that does not fit spoils all
     *
     * @return ?T
     */
    private function make(string $class, array $kept, bool $strict): ?object
    {
        $given = [];
        foreach ($this->of($class) as $parameter) {
            $there = \array_key_exists($parameter->name, $kept);
            $value = $there ? $this->fitted($parameter, $kept[$parameter->name]) : null;
            $fits = null !== $value || ($there && null === $kept[$parameter->name] && $parameter->allowsNull());
            if ($fits) {
                $given[$parameter->name] = $value;
            } elseif (($there && $strict) || !$parameter->isDefaultValueAvailable()) {
                return null;
            }
        }

        return new $class(...$given);
    }

    /** Null for what does not fit. */
    private function fitted(\ReflectionParameter $parameter, mixed $value): mixed
    {
        $type = $parameter->getType();
        if (!$type instanceof \ReflectionNamedType) {
            return null;
        }
        $name = $type->getName();

        return match (true) {
            'int' === $name => \is_int($value) ? $value : null,
            'float' === $name => \is_int($value) || \is_float($value) ? (float) $value : null,
            'bool' === $name => \is_bool($value) ? $value : null,
            'string' === $name => \is_string($value) ? $value : null,
            'array' === $name => \is_array($value) ? $value : null,
            is_a($name, \BackedEnum::class, true) => \is_int($value) || \is_string($value) ? self::enum($name, $value) : null,
            class_exists($name) => \is_array($value) ? $this->make($name, $value, true) : null,
            default => null,
        };
    }

    /** @param class-string<\BackedEnum> $enum */
    private static function enum(string $enum, int|string $value): ?\BackedEnum
    {
        foreach ($enum::cases() as $case) {
            if ($case->value === $value) {
                return $case;
            }
        }

        return null;
    }

    /**
     * @param class-string $class
     *
     * @return list<\ReflectionParameter>
     */
    private function of(string $class): array
    {
        return $this->parameters[$class] ??= (new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [];
    }
}
