<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\Classroom;
use Rostik\Core\Evidence\Standing;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\NoSuchRung;

/** The teacher's own word on what a child can do. It stands over what answers say. */
final readonly class RungWords
{
    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock, private Ladder $ladder)
    {
    }

    /** @return array<string, array<string, RungWord>> by child and rung */
    public function of(Classroom $class): array
    {
        /** @var list<RungWord> $all */
        $all = $this->entities->createQueryBuilder()
            ->select('w')
            ->from(RungWord::class, 'w')
            ->join('w.child', 'c')
            ->where('c.classroom = :class')
            ->setParameter('class', $class->id(), 'uuid')
            ->getQuery()
            ->getResult();
        $words = [];
        foreach ($all as $word) {
            $words[$word->child()->id()->toRfc4122()][$word->rung()] = $word;
        }

        return $words;
    }

    /**
     * @param ?Standing $standing null takes the word back
     *
     * @throws NoSuchRung
     */
    public function say(Child $child, string $rung, ?Standing $standing): void
    {
        $word = $this->entities->getRepository(RungWord::class)->findOneBy(['child' => $child, 'rung' => $rung]);
        if (null === $standing) {
            if (null !== $word) {
                $this->entities->remove($word);
            }
        } elseif (null !== $word) {
            $word->say($standing, $this->clock->now());
        } else {
            $this->entities->persist(new RungWord($child, $this->ladder->rung($rung)->id, $standing, $this->clock->now()));
        }
        $this->entities->flush();
    }
}
