<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Classroom\Child;
use Rostik\App\Evidence\AnswerSeenReply;
use Rostik\App\Evidence\ClassAnswers;
use Rostik\App\Evidence\MoreAnswers;
use Rostik\App\Evidence\SeenAnswer;
use Rostik\App\Storage\Rows;
use Rostik\Core\Evidence\Answered;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Practice\Signal;
use Rostik\Core\Timetable\TableAsking;
use Rostik\Core\Timetable\TableLine;

/** The first answer to each question of a practice belongs to the child's record; what came after a look again does not. */
final readonly class PracticeAnswers implements MoreAnswers
{
    /** So many answers of a child are looked at, from the last back. */
    private const LAST = 240;

    public function __construct(private EntityManagerInterface $entities, private Connection $connection, private Rows $rows, private Questions $questions, private TableAsking $tables, private ForgottenChildren $forgotten)
    {
    }

    public function of(Child $child): array
    {
        /** @var list<Put> $puts */
        $puts = $this->entities->createQueryBuilder()
            ->select('p', 's', 'r')
            ->from(Put::class, 'p')
            ->join('p.seat', 's')
            ->join('s.practice', 'r')
            ->where('p.child = :child')
            ->andWhere('r.classroom = :class')
            ->andWhere('p.right IS NOT NULL')
            ->andWhere('r.deletedAt IS NULL')
            ->setParameter('child', $child->id(), 'uuid')
            ->setParameter('class', $child->classroom()->id(), 'uuid')
            ->orderBy('r.openedAt', 'DESC')
            ->addOrderBy('s.cameAt', 'DESC')
            ->addOrderBy('p.place', 'DESC')
            ->setMaxResults(self::LAST)
            ->getQuery()
            ->getResult();

        return array_map($this->seen(...), array_reverse($puts));
    }

    public function take(Child $child): array
    {
        $id = $child->id()->toBinary();
        $taken = [
            'seats' => $this->rows->read('seat', 'child_id = ? OR partner_id = ?', [$id, $id]),
            'earlier' => $this->connection->executeQuery('SELECT LOWER(HEX(id)), JSON_EXTRACT(earlier, ?) FROM practice WHERE classroom_id = ? AND JSON_CONTAINS_PATH(earlier, "one", ?)', [ForgottenChildren::path($child), $child->classroom()->id()->toBinary(), ForgottenChildren::path($child)])->fetchAllKeyValue(),
            'puts' => $this->rows->take('put', 'child_id = ?', [$id]),
            'sign' => $this->rows->take('picture_sign', 'child_id = ?', [$id]),
        ];
        $this->forgotten->forget($child);
        // what the other one of two has answered stays
        $this->connection->executeStatement('UPDATE seat SET child_id = IF(child_id = ?, NULL, child_id), partner_id = IF(partner_id = ?, NULL, partner_id) WHERE child_id = ? OR partner_id = ?', [$id, $id, $id, $id]);
        foreach ($taken['seats'] as $seat) {
            $taken['puts'] = [...$taken['puts'], ...$this->rows->read('put', 'seat_id = ? AND NOT EXISTS (SELECT 1 FROM seat WHERE seat.id = put.seat_id AND COALESCE(child_id, partner_id) IS NOT NULL)', [self::key($seat)])];
            $this->connection->executeStatement('DELETE FROM seat WHERE id = ? AND child_id IS NULL AND partner_id IS NULL', [self::key($seat)]);
        }

        return $taken;
    }

    public function giveBack(Child $child, array $taken): void
    {
        $id = $child->id()->toBinary();
        $this->rows->put('seat', $taken['seats'] ?? null);
        foreach (\is_array($taken['seats'] ?? null) ? $taken['seats'] : [] as $seat) {
            foreach (['child_id', 'partner_id'] as $as) {
                if (\is_array($seat) && ($seat[$as] ?? null) === bin2hex($id)) {
                    $this->connection->executeStatement('UPDATE seat SET '.$as.' = ? WHERE id = ? AND '.$as.' IS NULL', [$id, self::key($seat)]);
                }
            }
        }
        $this->rows->put('put', $taken['puts'] ?? null);
        $this->rows->put('picture_sign', $taken['sign'] ?? null);
        foreach (\is_array($taken['earlier'] ?? null) ? $taken['earlier'] : [] as $practice => $seen) {
            $this->connection->executeStatement('UPDATE practice SET earlier = JSON_MERGE_PATCH(earlier, JSON_OBJECT(?, JSON_COMPACT(?))) WHERE id = ?', [$child->id()->toRfc4122(), $seen, hex2bin((string) $practice)]);
        }
    }

    /** @param array<mixed> $seat */
    private static function key(array $seat): string
    {
        return \is_string($seat['id'] ?? null) ? (string) hex2bin($seat['id']) : '';
    }

    private function seen(Put $put): SeenAnswer
    {
        $first = '';
        foreach ($put->answers() as $one) {
            if (Signal::Unclear->value !== $one['signal']) {
                $first = '' === $one['read'] ? $one['given'] : $one['read'];
                break;
            }
        }
        $text = $put->text();
        $day = $put->seat()->practice()->day();
        $isRead = TableLine::is($text->sum);

        return new SeenAnswer(
            new Answered($text->line(), $first, $day, $put->isRight(), $isRead ? $this->tables->rung($text->sum) : null),
            new AnswerSeenReply($day, ClassAnswers::PRACTICE, match (true) {
                $isRead => Marked::plain($this->questions->read($put)->text),
                '' === $text->wording => $text->sum,
                default => $text->wording,
            }, $first, $put->isRight()),
        );
    }
}
