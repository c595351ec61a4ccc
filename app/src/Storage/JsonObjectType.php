<?php

declare(strict_types=1);

namespace Rostik\App\Storage;

use Doctrine\DBAL\Platforms\AbstractPlatform;
use Doctrine\DBAL\Types\JsonType;

/**
 * A value as the database keeps it: JSON, mapped by {@see Values}. What is missing or of another time is as the class has
 * it of itself: all its constructor's parameters have defaults.
 *
 * @template T of object
 */
abstract class JsonObjectType extends JsonType
{
    private ?Values $values = null;

    /** @return class-string<T> */
    abstract protected function class(): string;

    public function convertToDatabaseValue(mixed $value, AbstractPlatform $platform): ?string
    {
        return parent::convertToDatabaseValue(\is_object($value) ? $this->values()->write($value) : $value, $platform);
    }

    /** @return T */
    public function convertToPHPValue(mixed $value, AbstractPlatform $platform): object
    {
        $kept = parent::convertToPHPValue($value, $platform);

        return $this->values()->read($this->class(), \is_array($kept) ? $kept : []);
    }

    private function values(): Values
    {
        return $this->values ??= new Values();
    }
}
