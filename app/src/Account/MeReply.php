<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Rostik\Core\Sum\Kind;

/** The teacher who is signed in. */
final readonly class MeReply
{
    /** @param list<HouseMethodReply> $houseMethods kinds of sum that the class works in a method of its own */
    public function __construct(public string $name, public string $school, public string $className, public array $houseMethods)
    {
    }

    public static function of(Teacher $teacher): self
    {
        $methods = [];
        foreach ($teacher->houseMethods() as $kind => $method) {
            $methods[] = new HouseMethodReply(Kind::from($kind), $method);
        }

        return new self($teacher->name(), $teacher->school(), $teacher->className(), $methods);
    }
}
