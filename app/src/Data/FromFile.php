<?php

declare(strict_types=1);

namespace Rostik\App\Data;

use Rostik\App\Api\CannotBeHad;
use Rostik\App\Sheet\QuestionText;
use Rostik\App\Sheet\SheetSettings;
use Symfony\Component\Serializer\Exception\ExceptionInterface as NotMapped;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/** What a file that was taken out holds, as the values it was written from, and checked like what is sent. */
final readonly class FromFile
{
    public function __construct(private DenormalizerInterface $denormalizer, private ValidatorInterface $validator)
    {
    }

    /**
     * @return list<QuestionText>
     *
     * @throws CannotBeHad
     */
    public function questions(mixed $kept): array
    {
        return \is_array($kept) ? array_map($this->question(...), \array_slice(array_values($kept), 0, 100)) : [];
    }

    /** @throws CannotBeHad */
    public function question(mixed $kept): QuestionText
    {
        return $this->checked($this->mapped(\is_array($kept) ? $kept : [], QuestionText::class));
    }

    /**
     * @param array<mixed> $kept
     *
     * @throws CannotBeHad
     */
    public function settings(array $kept): SheetSettings
    {
        return $this->checked($this->mapped(\is_array($kept['settings'] ?? null) ? $kept['settings'] : [], SheetSettings::class));
    }

    /**
     * @template T of object
     *
     * @param array<mixed>    $kept
     * @param class-string<T> $class
     *
     * @return T
     *
     * @throws CannotBeHad
     */
    public function mapped(array $kept, string $class): object
    {
        try {
            $value = $this->denormalizer->denormalize($kept, $class);
        } catch (NotMapped) {
            $value = null;
        }

        return $value instanceof $class ? $value : throw self::notOurs();
    }

    /**
     * @template T of object
     *
     * @param T $value
     *
     * @return T
     *
     * @throws CannotBeHad
     */
    public function checked(object $value): object
    {
        return $this->isFine($value) ? $value : throw self::notOurs();
    }

    public function isFine(object $value): bool
    {
        return 0 === \count($this->validator->validate($value));
    }

    private static function notOurs(): CannotBeHad
    {
        return new CannotBeHad('Something in this file is not as Rostik has written it. Nothing was brought in.');
    }
}
