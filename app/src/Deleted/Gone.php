<?php

declare(strict_types=1);

namespace Rostik\App\Deleted;

/** Something that was deleted, as one thing: a sheet with its levels, a set of copies, the lessons of a plan. */
final readonly class Gone
{
    /**
     * @param string                    $id   by which it is brought back
     * @param string                    $name as the teacher knows it
     * @param string                    $with what comes back with it, in a few words; empty for nothing
     * @param non-empty-list<Deletable> $what all of it
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $with,
        public string $className,
        public array $what,
    ) {
    }

    public function at(): \DateTimeImmutable
    {
        return $this->what[0]->deletedAt() ?? throw new \LogicException('It was deleted.');
    }

    /** @return string "1 paper", "22 papers"; empty for none */
    public static function so(int $many, string $one, string $several): string
    {
        return match ($many) {
            0 => '',
            1 => '1 '.$one,
            default => $many.' '.$several,
        };
    }

    /** "3 children, 2 practices": those of which there are some. */
    public static function list(string ...$parts): string
    {
        return implode(', ', array_filter($parts, static fn (string $part): bool => '' !== $part));
    }

    /** By what was deleted together: at the same moment. */
    public static function moment(Deletable $one): string
    {
        return $one->deletedAt()?->format('YmdHis') ?? '';
    }
}
