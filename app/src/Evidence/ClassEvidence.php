<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\Classroom;
use Rostik\Core\Evidence\Grouping;
use Rostik\Core\Evidence\GroupKind;
use Rostik\Core\Evidence\Picture;
use Rostik\Core\Evidence\Standing;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\NoSuchRung;
use Rostik\Core\Weighing\Choosing;
use Rostik\Core\Weighing\Finding;

/** What the answers of a class show: put together child by child, and into groups. */
final readonly class ClassEvidence
{
    /** Questions that would tell most. */
    private const TELL = 3;

    /** Sums for the board. */
    private const BOARD = 4;

    public function __construct(
        private EntityManagerInterface $entities,
        private ClockInterface $clock,
        private ClassAnswers $answers,
        private RungWords $words,
        private Grouping $grouping,
        private Ladder $ladder,
        private MistakeBook $book,
        private Choosing $choosing,
    ) {
    }

    public function followUp(Classroom $class): FollowUpReply
    {
        $seen = $this->answers->briefs($class);
        $words = $this->words->of($class);
        $pictures = [];
        foreach ($seen as $id => $one) {
            $pictures[$id] = self::said($one, $words[$id] ?? []);
        }
        $kept = $this->kept($class);
        $groups = null === $kept ? array_map(GroupText::of(...), $this->grouping->of(array_values($pictures))) : $this->upToDate($kept, $class);
        $unsure = [] !== array_filter($groups, static fn (GroupText $group): bool => GroupKind::Unsure === $group->kind && [] !== $group->children);

        return new FollowUpReply(
            $class->id()->toRfc4122(),
            $class->name(),
            $groups,
            null !== $kept,
            $this->children($class, $seen, $words),
            $unsure ? $this->tell($pictures) : [],
            $this->answers->from($class),
        );
    }

    public function child(Child $child): ChildSeenReply
    {
        return $this->reply($child, $this->answers->ofChild($child), $this->words->of($child->classroom())[$child->id()->toRfc4122()] ?? []);
    }

    /** @param array<string, RungWord> $words by rung */
    private static function said(SeenOfChild $seen, array $words): Picture
    {
        return $seen->picture->said(array_map(static fn (RungWord $word): Standing => $word->standing(), $words));
    }

    /** When the teacher last put the groups together; null where they are as the answers say. */
    public function groupsKeptAt(Classroom $class): ?\DateTimeImmutable
    {
        return $this->kept($class)?->keptAt();
    }

    /** @param ?GroupsRequest $wanted null for those that are computed */
    public function keep(Classroom $class, ?GroupsRequest $wanted): void
    {
        $kept = $this->kept($class);
        if (null === $wanted) {
            if (null !== $kept) {
                $this->entities->remove($kept);
            }
        } else {
            $groups = array_map(static fn (GroupText $group): array => $group->kept(), $wanted->groups);
            null === $kept ? $this->entities->persist(new KeptGroups($class, $groups, $this->clock->now())) : $kept->keep($groups, $this->clock->now());
        }
        $this->entities->flush();
    }

    /** @return \Generator<int, list<string>> children down, rungs across; the teacher's word where there is one */
    public function rows(Classroom $class): \Generator
    {
        $all = $this->children($class, $this->answers->briefs($class), $this->words->of($class));
        $rungs = array_values(array_filter($this->ladder->rungs(), static fn ($rung): bool => [] !== array_filter($all, static fn (ChildBriefReply $child): bool => [] !== array_filter($child->rungs, static fn (RungBriefReply $one): bool => $one->rung === $rung->id))));
        yield ['child', ...array_map(static fn ($rung): string => $rung->can, $rungs)];
        foreach ($all as $child) {
            $by = [];
            foreach ($child->rungs as $one) {
                $by[$one->rung] = ($one->word ?? $one->by)->said();
            }
            yield [$child->name, ...array_map(static fn ($rung): string => $by[$rung->id] ?? Standing::NotSeen->said(), $rungs)];
        }
    }

    /**
     * @param array<string, SeenOfChild>             $seen  by child
     * @param array<string, array<string, RungWord>> $words by child and rung
     *
     * @return list<ChildBriefReply>
     */
    private function children(Classroom $class, array $seen, array $words): array
    {
        return array_map(fn (Child $child): ChildBriefReply => $this->brief($child, $seen[$child->id()->toRfc4122()], $words[$child->id()->toRfc4122()] ?? []), $class->children());
    }

    private function kept(Classroom $class): ?KeptGroups
    {
        return $this->entities->getRepository(KeptGroups::class)->findOneBy(['classroom' => $class]);
    }

    /**
     * Who has left is in none of them; who is new is in the last.
     *
     * @return list<GroupText>
     */
    private function upToDate(KeptGroups $kept, Classroom $class): array
    {
        $there = array_map(static fn (Child $child): string => $child->id()->toRfc4122(), $class->children());
        $placed = [];
        $groups = [];
        foreach (array_map(GroupText::ofKept(...), $kept->groups()) as $group) {
            $children = array_values(array_filter($group->children, static fn (string $id): bool => \in_array($id, $there, true) && !isset($placed[$id])));
            $placed += array_flip($children);
            if ([] !== $children) {
                $groups[] = $group->with($children);
            }
        }
        $new = array_values(array_filter($there, static fn (string $id): bool => !isset($placed[$id])));

        return [] === $new ? $groups : [...$groups, new GroupText(GroupKind::Unsure, null, null, 'Not in a group yet.', '', $new)];
    }

    /**
     * How many children stand where, the teacher's own word over the answers.
     *
     * @return array<string, array{int, int, int}> by rung: secure, on the way, not yet
     */
    public function standings(Classroom $class): array
    {
        $words = $this->words->of($class);
        $counts = [];
        foreach ($this->answers->briefs($class) as $id => $one) {
            $said = self::said($one, $words[$id] ?? []);
            foreach ($said->rungs as $rung => $learnt) {
                $counts[$rung] ??= [0, 0, 0];
                match ($learnt->standing) {
                    Standing::Secure => ++$counts[$rung][0],
                    Standing::OnTheWay => ++$counts[$rung][1],
                    Standing::NotYet => ++$counts[$rung][2],
                    Standing::NotSeen => null,
                };
            }
        }

        return $counts;
    }

    /** @param array<string, RungWord> $words by rung */
    private function brief(Child $child, SeenOfChild $seen, array $words): ChildBriefReply
    {
        $rungs = [];
        foreach ($this->ladder->rungs() as $rung) {
            if (isset($seen->picture->rungs[$rung->id]) || isset($words[$rung->id])) {
                $rungs[] = new RungBriefReply($rung->id, $rung->can, ($seen->picture->rungs[$rung->id] ?? null)->standing ?? Standing::NotSeen, ($words[$rung->id] ?? null)?->standing());
            }
        }

        return new ChildBriefReply($child->id()->toRfc4122(), $child->name(), $seen->count, $rungs);
    }

    /** @param array<string, RungWord> $words by rung */
    private function reply(Child $child, SeenOfChild $seen, array $words): ChildSeenReply
    {
        $picture = $seen->picture;
        $rungs = [];
        foreach ($this->ladder->rungs() as $rung) {
            $learnt = $picture->rungs[$rung->id] ?? null;
            $word = $words[$rung->id] ?? null;
            if (null !== $learnt || null !== $word) {
                $rungs[] = new RungSeenReply($rung->id, $rung->can, $learnt->standing ?? Standing::NotSeen, $word?->standing(), $word?->saidAt()->format('Y-m-d') ?? '', $seen->before[$rung->id] ?? null, $learnt->days ?? 0, $picture->answers[$rung->id] ?? []);
            }
        }
        $style = $child->classroom()->style();
        $next = $this->grouping->tryNext($picture);

        return new ChildSeenReply(
            $child->id()->toRfc4122(),
            $child->name(),
            $seen->count,
            $seen->shown,
            $rungs,
            array_map(fn (Finding $one): CauseSeenReply => new CauseSeenReply($one->mistake, $style->signs($this->book->mistake($one->mistake)->may()), $style->signs($this->book->mistake($one->mistake)->look()), $one->perhaps, $one->lately, $one->evidence, $seen->times[$one->mistake] ?? 0, $seen->against[$one->mistake] ?? 0), $picture->diagnosis->findings),
            null === $next ? null : $this->ladder->rung($next)->can,
        );
    }

    /**
     * Sums for the board, for what a group works on.
     *
     * @return list<string>
     *
     * @throws NoSuchRung
     */
    public function board(string $rung, ?string $cause): array
    {
        return $this->choosing->choose($this->ladder->rung($rung), Level::Core, self::BOARD, 1, wanted: null === $cause ? [] : [$cause])->sums;
    }

    /**
     * The questions that would tell most, on the rung that was asked for most.
     *
     * @param array<string, Picture> $pictures
     *
     * @return list<string>
     */
    private function tell(array $pictures): array
    {
        $times = [];
        foreach ($pictures as $picture) {
            foreach ($picture->rungs as $rung => $learnt) {
                $times[$rung] = ($times[$rung] ?? 0) + $learnt->answers;
            }
        }
        arsort($times);
        $rung = array_key_first($times);

        return null === $rung ? [] : $this->choosing->choose($this->ladder->rung((string) $rung), Level::Core, self::TELL, 1)->sums;
    }
}
