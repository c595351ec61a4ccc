<?php

declare(strict_types=1);

namespace Rostik\App\Data;

/** Values of a file that may hold anything. */
final class Read
{
    /**
     * @param array<mixed> $data
     *
     * @return list<array<mixed>>
     */
    public static function all(array $data, string $name): array
    {
        return array_values(array_filter(\is_array($data[$name] ?? null) ? $data[$name] : [], is_array(...)));
    }

    /** @param array<mixed> $data */
    public static function text(array $data, string $name, int $longest = 2000): string
    {
        return mb_substr(self::textOrNone($data, $name) ?? '', 0, $longest);
    }

    /** @param array<mixed> $data */
    public static function textOrNone(array $data, string $name): ?string
    {
        return \is_string($data[$name] ?? null) ? $data[$name] : null;
    }

    /** @param array<mixed> $data */
    public static function number(array $data, string $name, int $least, int $most, int $otherwise): int
    {
        return \is_int($data[$name] ?? null) ? max($least, min($most, $data[$name])) : $otherwise;
    }

    /**
     * @param array<mixed> $data
     *
     * @return list<string>
     */
    public static function words(array $data, string $name, int $most = 200): array
    {
        return \array_slice(array_values(array_filter(\is_array($data[$name] ?? null) ? $data[$name] : [], static fn (mixed $one): bool => \is_string($one) && \strlen($one) <= 80)), 0, $most);
    }

    /** @param array<mixed> $data */
    public static function moment(array $data, string $name): ?\DateTimeImmutable
    {
        $text = self::text($data, $name, 40);
        $moment = 1 === preg_match('/^\d{4}-\d\d-\d\d(T[\d:+.Z-]{8,20})?$/', $text) ? date_create_immutable($text) : false;

        return false === $moment ? null : $moment;
    }
}
