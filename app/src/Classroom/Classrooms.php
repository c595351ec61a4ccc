<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Account\Teacher;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Rung;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Uuid;

/** The classes of a teacher. */
final readonly class Classrooms
{
    public function __construct(private EntityManagerInterface $entities, private Ladder $ladder)
    {
    }

    /** @return list<Classroom> by name */
    public function of(Teacher $teacher): array
    {
        return $this->entities->getRepository(Classroom::class)->findBy(['owner' => $teacher], ['name' => 'ASC']);
    }

    /** The teacher's class of that id; null where there is none, or it is somebody else's. */
    public function find(Teacher $teacher, ?string $id): ?Classroom
    {
        $class = null !== $id && Uuid::isValid($id) ? $this->entities->find(Classroom::class, Uuid::fromString($id)) : null;

        return null !== $class && $class->belongsTo($teacher) ? $class : null;
    }

    /**
     * Begins the class or changes it; one that was deleted comes back under its id.
     *
     * @throws NotFoundHttpException where the id is somebody else's
     */
    public function put(Teacher $teacher, string $id, ClassRequest $wanted): Classroom
    {
        $class = $this->find($teacher, $id);
        if (null === $class) {
            if (!Uuid::isValid($id) || null !== $this->entities->find(Classroom::class, Uuid::fromString($id))) {
                throw new NotFoundHttpException();
            }
            $class = new Classroom(Uuid::fromString($id), $teacher, trim($wanted->name));
            $this->entities->persist($class);
        }
        $rungs = array_map(static fn (Rung $rung): string => $rung->id, $this->ladder->rungs());
        $class->rewrite(trim($wanted->name), array_map(trim(...), $wanted->children), array_values(array_intersect($rungs, $wanted->taught)));
        $this->entities->flush();

        return $class;
    }

    /** Erases the class with the names in it. Its sheets stay. */
    public function delete(Teacher $teacher, string $id): void
    {
        $class = $this->find($teacher, $id) ?? throw new NotFoundHttpException();
        $this->entities->remove($class);
        $this->entities->flush();
    }
}
