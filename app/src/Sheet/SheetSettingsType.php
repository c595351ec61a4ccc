<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Doctrine\DBAL\Platforms\AbstractPlatform;
use Doctrine\DBAL\Types\JsonType;
use Symfony\Component\PropertyInfo\Extractor\ReflectionExtractor;
use Symfony\Component\PropertyInfo\PropertyInfoExtractor;
use Symfony\Component\Serializer\Exception\PartialDenormalizationException;
use Symfony\Component\Serializer\Normalizer\BackedEnumNormalizer;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;
use Symfony\Component\Serializer\Normalizer\ObjectNormalizer;
use Symfony\Component\Serializer\Serializer;

/** The settings of a sheet as the database keeps them: JSON, mapped by the serializer. What is missing or of another time is as usual. */
final class SheetSettingsType extends JsonType
{
    public const NAME = 'sheet_settings';

    private ?Serializer $serializer = null;

    public function convertToDatabaseValue(mixed $value, AbstractPlatform $platform): ?string
    {
        return parent::convertToDatabaseValue($value instanceof SheetSettings ? $this->serializer()->normalize($value) : $value, $platform);
    }

    public function convertToPHPValue(mixed $value, AbstractPlatform $platform): SheetSettings
    {
        $kept = parent::convertToPHPValue($value, $platform);

        return $this->settings(\is_array($kept) ? $kept : []);
    }

    /** @param array<mixed> $kept */
    private function settings(array $kept): SheetSettings
    {
        try {
            $settings = $this->serializer()->denormalize($kept, SheetSettings::class, context: [DenormalizerInterface::COLLECT_DENORMALIZATION_ERRORS => true]);
        } catch (PartialDenormalizationException $partly) {
            foreach ($partly->getErrors() as $error) {
                // of a part of a setting, the whole setting
                unset($kept[explode('.', explode('[', (string) $error->getPath())[0])[0]]);
            }
            $settings = $this->serializer()->denormalize($kept, SheetSettings::class, context: [DenormalizerInterface::COLLECT_DENORMALIZATION_ERRORS => false]);
        }

        return $settings instanceof SheetSettings ? $settings : new SheetSettings();
    }

    private function serializer(): Serializer
    {
        return $this->serializer ??= new Serializer([
            new BackedEnumNormalizer(),
            new ObjectNormalizer(propertyTypeExtractor: new PropertyInfoExtractor(typeExtractors: [new ReflectionExtractor()])),
        ]);
    }
}
