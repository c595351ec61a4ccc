<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Api\CannotBeHad;
use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\Classrooms;
use Rostik\Core\Notation\Style;
use Rostik\Core\Problem\StoryMaker;
use Rostik\Core\Sheet\Code;
use Rostik\Core\Sheet\Copies;
use Rostik\Core\Skill\Level;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Uuid;

/** Copies of sheets for neighbours or for every child: making them, and finding them again. */
final readonly class CopySets
{
    /** So often codes are drawn that are not used yet. */
    private const ROUNDS = 40;

    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock, private Copies $copies, private StoryMaker $stories, private Classrooms $classrooms, private TableCopies $tables, private Quota $quota)
    {
    }

    public function make(Sheet $sheet, CopiesRequest $wanted): CopySetReply
    {
        $this->quota->copies($sheet->owner(), $wanted->count);
        $questions = $sheet->questions();
        $fixed = $sheet->keptPlaces();
        $told = array_keys(array_filter($questions, static fn (Question $q): bool => null !== $q->text()->story && !$q->keepsItsNumbers()));
        $made = $this->copies->make($sheet->sums(), [...$fixed, ...$told], $wanted->count, $wanted->seed);
        $again = $this->toldAgain($sheet, $told, $wanted);
        $read = $this->tables->read($sheet, $wanted);
        $set = Uuid::v7();
        $now = $this->clock->now();
        $base = new CopyBase($set, $sheet, array_map(static fn (Question $q): QuestionText => $q->text(), $questions));
        $this->entities->persist($base);
        $children = $this->classrooms->children($sheet->owner(), $wanted->children);
        $copies = [];
        foreach ($this->codes($sheet->owner(), $wanted->count) as $i => $code) {
            $own = array_map(static fn (Question $q, string $sum, int $place): QuestionText => $again[$i][$place] ?? $q->text()->withSum($read->lines[$i][$place] ?? $sum), $questions, $made->copies[$i] ?? [], array_keys($questions));
            $copy = new Copy($sheet, $set, $i, $code, $children[$wanted->children[$i] ?? ''] ?? null, $own, $base, $now, $read->moved[$i] ?? 0);
            $this->entities->persist($copy);
            $copies[] = $copy;
        }
        $this->entities->flush();

        return self::reply($copies, self::notes($read->few + array_diff_key($made->few, $read->places), array_values(array_diff($fixed, array_keys($read->places)))));
    }

    /**
     * Copies of which each has questions of its own.
     *
     * @param list<array{Child, list<QuestionText>}> $own
     *
     * @return Uuid of the set
     */
    public function each(Sheet $sheet, array $own): Uuid
    {
        $this->quota->copies($sheet->owner(), \count($own));
        $set = Uuid::v7();
        foreach ($this->codes($sheet->owner(), \count($own)) as $i => $code) {
            [$child, $questions] = $own[$i] ?? throw new \LogicException('There is a code for each.');
            $this->entities->persist(new Copy($sheet, $set, $i, $code, $child, $questions, null, $this->clock->now()));
        }
        $this->entities->flush();

        return $set;
    }

    /**
     * Stories with numbers of its own for each copy but the first, which is the sheet itself.
     *
     * @param list<int> $places of the questions that are told
     *
     * @return array<int, array<int, QuestionText>> by copy and place
     */
    private function toldAgain(Sheet $sheet, array $places, CopiesRequest $wanted): array
    {
        $style = $sheet->classroom()?->style() ?? new Style();
        $again = [];
        foreach ($places as $place) {
            $text = $sheet->questions()[$place]->text();
            $taken = [$text->sum];
            for ($i = 1; $i < $wanted->count; ++$i) {
                $told = $this->stories->again($text->story ?? '', $sheet->settings()->level ?? Level::Core, $wanted->seed + 31 * $place + 7919 * $i, $style, $taken);
                if (null !== $told) {
                    $taken[] = $sum = $this->stories->written($told);
                    $again[$i][$place] = $text->toldAgain($sum, $told->question()->wording);
                }
            }
        }

        return $again;
    }

    /** @return list<CopySetReply> the sets made of a sheet, the last first */
    public function of(Sheet $sheet): array
    {
        $sets = [];
        foreach ($this->all(['sheet' => $sheet, 'deletedAt' => null], ['setId' => 'DESC', 'position' => 'ASC']) as $copy) {
            $sets[$copy->setId()->toRfc4122()][] = $copy;
        }

        return array_values(array_map(static fn (array $copies): CopySetReply => self::reply($copies), $sets));
    }

    /**
     * @return non-empty-list<Copy> in order
     *
     * @throws NotFoundHttpException
     */
    public function copies(Sheet $sheet, string $set, bool $evenDeleted = false): array
    {
        $copies = Uuid::isValid($set) ? $this->all(['sheet' => $sheet, 'setId' => Uuid::fromString($set)], ['position' => 'ASC']) : [];
        $copies = array_values(array_filter($copies, static fn (Copy $copy): bool => $evenDeleted || !$copy->isDeleted()));

        return [] === $copies ? throw new NotFoundHttpException() : $copies;
    }

    /**
     * With their children, so that a name each is no question to the database each.
     *
     * @param array<string, mixed>        $where
     * @param array<string, 'ASC'|'DESC'> $order
     *
     * @return list<Copy>
     */
    private function all(array $where, array $order): array
    {
        $copies = $this->entities->getRepository(Copy::class)->findBy($where, $order);
        $this->classrooms->load(array_map(static fn (Copy $copy): ?Child => $copy->child(), $copies));

        return $copies;
    }

    /** The copy with that code, as it is typed; null where there is none. */
    public function find(Teacher $owner, string $typed): ?Copy
    {
        $code = Code::typed($typed);

        return null === $code ? null : $this->entities->getRepository(Copy::class)->findOneBy(['owner' => $owner, 'code' => (string) $code, 'deletedAt' => null]);
    }

    /** Takes a set away, or brings it back. */
    public function delete(Sheet $sheet, string $set, bool $away): void
    {
        $at = $away ? $this->clock->now() : null;
        foreach ($this->copies($sheet, $set, evenDeleted: true) as $copy) {
            $copy->delete($at);
        }
        $this->entities->flush();
    }

    /**
     * Codes that this teacher has not used yet.
     *
     * @return list<Code>
     *
     * @throws CannotBeHad where they are used up
     */
    private function codes(Teacher $owner, int $count): array
    {
        $codes = [];
        // few of them are used, so that the first round is nearly always enough
        for ($round = 0; \count($codes) < $count; ++$round) {
            if ($round > self::ROUNDS) {
                throw new CannotBeHad('There are no codes left for more copies. Delete sets of old sheets first.');
            }
            $fresh = [];
            while (\count($fresh) < $count - \count($codes)) {
                $code = Code::number(random_int(0, Code::ALL - 1));
                $fresh[(string) $code] = $code;
            }
            foreach ($this->entities->getRepository(Copy::class)->findBy(['owner' => $owner, 'code' => array_map(strval(...), array_keys($fresh))]) as $used) {
                unset($fresh[$used->code()]);
            }
            $codes += $fresh;
        }

        return array_values($codes);
    }

    /**
     * @param array<int, int> $few
     * @param list<int>       $fixed
     *
     * @return list<string>
     */
    private static function notes(array $few, array $fixed): array
    {
        $notes = [];
        foreach ($few as $place => $different) {
            $notes[] = 1 === $different
                ? \sprintf('Question %d is the same for all: there is no other quite like it.', $place + 1)
                : \sprintf('Question %d has only %d different numbers; some copies share them.', $place + 1, $different);
        }
        if ([] !== $fixed) {
            $numbers = array_map(static fn (int $place): int => $place + 1, $fixed);
            $last = array_pop($numbers);
            $notes[] = [] === $numbers
                ? \sprintf('Question %d is the same for all: it is kept, or told in words.', $last)
                : \sprintf('Questions %s and %d are the same for all: they are kept, or told in words.', implode(', ', $numbers), $last);
        }

        return $notes;
    }

    /**
     * @param non-empty-list<Copy>|list<Copy> $copies
     * @param list<string>                    $notes
     */
    private static function reply(array $copies, array $notes = []): CopySetReply
    {
        $first = $copies[0] ?? throw new \LogicException('A set has copies.');

        return new CopySetReply(
            $first->setId()->toRfc4122(),
            $first->madeAt()->format(\DATE_ATOM),
            array_map(static fn (Copy $copy): CopyReply => new CopyReply($copy->code(), $copy->name()), $copies),
            $notes,
        );
    }
}
