<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Evidence\MoreAnswers;

/** Tries to feel a length of time say nothing of what a child can do; where its name stands at one, it can be forgotten. */
final readonly class NamedTries implements MoreAnswers
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function of(Classroom $class): array
    {
        return [];
    }

    public function forget(Child ...$children): void
    {
        foreach ($this->entities->getRepository(TallyTry::class)->findBy(['child' => array_values($children)]) as $one) {
            $one->forgetWhose();
        }
        $this->entities->flush();
    }
}
