<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

/** A class of the teacher's. */
final readonly class ClassReply
{
    /**
     * @param list<string> $children first names
     * @param list<string> $taught   ids of rungs of the ladder
     */
    public function __construct(public string $id, public string $name, public array $children, public array $taught)
    {
    }

    public static function of(Classroom $class): self
    {
        return new self($class->id()->toRfc4122(), $class->name(), $class->children(), $class->taught());
    }
}
