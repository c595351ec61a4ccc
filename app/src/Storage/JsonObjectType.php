<?php

declare(strict_types=1);

namespace Rostik\App\Storage;

use Doctrine\DBAL\Platforms\AbstractPlatform;
use Doctrine\DBAL\Types\JsonType;
use Symfony\Component\PropertyInfo\Extractor\ReflectionExtractor;
use Symfony\Component\PropertyInfo\PropertyInfoExtractor;
use Symfony\Component\Serializer\Exception\PartialDenormalizationException;
use Symfony\Component\Serializer\Normalizer\BackedEnumNormalizer;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;
use Symfony\Component\Serializer\Normalizer\ObjectNormalizer;
use Symfony\Component\Serializer\Serializer;

/**
 * A value as the database keeps it: JSON, mapped by the serializer. What is missing or of another time is as the class has
 * it of itself: all its constructor's parameters have defaults.
 *
 * @template T of object
 */
abstract class JsonObjectType extends JsonType
{
    private ?Serializer $serializer = null;

    /** @return class-string<T> */
    abstract protected function class(): string;

    public function convertToDatabaseValue(mixed $value, AbstractPlatform $platform): ?string
    {
        return parent::convertToDatabaseValue(\is_object($value) ? $this->serializer()->normalize($value) : $value, $platform);
    }

    /** @return T */
    public function convertToPHPValue(mixed $value, AbstractPlatform $platform): object
    {
        $kept = parent::convertToPHPValue($value, $platform);

        return $this->value(\is_array($kept) ? $kept : []);
    }

    /**
     * @param array<mixed> $kept
     *
     * @return T
     */
    private function value(array $kept): object
    {
        try {
            return $this->mapped($kept, true);
        } catch (PartialDenormalizationException $partly) {
            foreach ($partly->getErrors() as $error) {
                // of a part of a setting, the whole setting
                unset($kept[explode('.', explode('[', (string) $error->getPath())[0])[0]]);
            }

            return $this->mapped($kept, false);
        }
    }

    /**
     * @param array<mixed> $kept
     *
     * @return T
     */
    private function mapped(array $kept, bool $collecting): object
    {
        $value = $this->serializer()->denormalize($kept, $this->class(), context: [DenormalizerInterface::COLLECT_DENORMALIZATION_ERRORS => $collecting]);
        $class = $this->class();

        return $value instanceof $class ? $value : new $class();
    }

    private function serializer(): Serializer
    {
        return $this->serializer ??= new Serializer([
            new BackedEnumNormalizer(),
            new ObjectNormalizer(propertyTypeExtractor: new PropertyInfoExtractor(typeExtractors: [new ReflectionExtractor()])),
        ]);
    }
}
