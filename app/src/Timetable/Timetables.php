<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Api\CannotBeHad;
use Rostik\Core\Skill\Level;
use Rostik\Core\Timetable\ActivityMaker;
use Rostik\Core\Timetable\AnyTable;
use Rostik\Core\Timetable\CausewayMaker;
use Rostik\Core\Timetable\CsvTable;
use Rostik\Core\Timetable\Island;
use Rostik\Core\Timetable\NotATable;
use Rostik\Core\Timetable\ServiceTable;
use Rostik\Core\Timetable\TableDrawer;
use Rostik\Core\Timetable\Vehicle;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Uuid;

/** The timetables of a teacher: those of the island, made ones, and those that were brought in. */
final readonly class Timetables
{
    /** In place of an id: a made one. */
    public const MADE = 'made';

    /** In place of an id: the tides and the causeway. */
    public const CAUSEWAY = 'causeway';

    private const MOST = 200;

    public function __construct(private EntityManagerInterface $manager, private Island $island, private TableDrawer $drawer, private ActivityMaker $activities, private CausewayMaker $causeways, private ClockInterface $clock)
    {
    }

    public function shelf(Teacher $teacher): TableListReply
    {
        return new TableListReply(
            array_map(static fn (Timetable $one): TableLineReply => new TableLineReply($one->id()->toRfc4122(), $one->title()), $this->manager->getRepository(Timetable::class)->findBy(['owner' => $teacher, 'deletedAt' => null], ['title' => 'ASC', 'id' => 'ASC'])),
            array_map(fn (string $id): TableLineReply => new TableLineReply($id, $this->island->table($id)->title), $this->island->ids()),
            $this->activities->days(),
        );
    }

    /** @throws NotATable with every fault of it */
    public function keep(Teacher $teacher, string $title, Vehicle $vehicle, string $csv): Timetable
    {
        // as it would go out again: whatever is in the text besides is not kept
        $table = CsvTable::read($csv, $title, $vehicle);
        if ($this->manager->getRepository(Timetable::class)->count(['owner' => $teacher]) >= self::MOST) {
            throw new CannotBeHad(\sprintf('There are %d timetables already. Delete one that is not needed any more; what was deleted counts until it is gone for good.', self::MOST));
        }
        $kept = new Timetable($teacher, $title, $vehicle, CsvTable::write($table));
        $this->manager->persist($kept);
        $this->manager->flush();

        return $kept;
    }

    public function remove(Teacher $teacher, string $id): void
    {
        $this->own($teacher, $id)->delete($this->clock->now());
        $this->manager->flush();
    }

    /**
     * @param string $id of one that was brought in or of the island; {@see MADE} for one drawn from the seed
     *
     * @throws NotFoundHttpException
     */
    public function table(Teacher $teacher, string $id, Level $level, int $seed): ServiceTable
    {
        return match (true) {
            self::MADE === $id => $this->drawer->draw($level, $seed),
            \in_array($id, $this->island->ids(), true) => $this->island->table($id),
            default => $this->own($teacher, $id)->table(),
        };
    }

    /**
     * The same; {@see CAUSEWAY} for the tides drawn from the seed.
     *
     * @throws NotFoundHttpException
     */
    public function any(Teacher $teacher, string $id, Level $level, int $seed): AnyTable
    {
        return self::CAUSEWAY === $id ? $this->causeways->table($level, $seed) : $this->table($teacher, $id, $level, $seed);
    }

    /** @throws NotFoundHttpException for what there is not, and for what is another teacher's, which is the same to her */
    private function own(Teacher $teacher, string $id): Timetable
    {
        $found = Uuid::isValid($id) ? $this->manager->find(Timetable::class, Uuid::fromString($id)) : null;

        return null !== $found && !$found->isDeleted() && $found->belongsTo($teacher) ? $found : throw new NotFoundHttpException('There is no such timetable.');
    }
}
