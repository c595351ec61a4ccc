<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Account\Teacher;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Sheet\Aim;
use Rostik\Core\Sheet\SheetMaker;
use Rostik\Core\Sheet\Shortage;
use Rostik\Core\Skill\Another;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;
use Rostik\Core\Skill\NoSuchRung;
use Symfony\Component\Uid\Uuid;

/** Makes sheets from their aims, and other numbers for questions that are there. */
final readonly class SheetMaking
{
    public function __construct(
        private SheetMaker $maker,
        private Ladder $ladder,
        private Another $another,
        private SumReader $reader,
        private Sheets $sheets,
        private EntityManagerInterface $entities,
    ) {
    }

    /** @throws NoSuchRung */
    public function make(Teacher $owner, MakeSheetsRequest $wanted): MadeSheetsReply
    {
        $ladder = $this->ladder;
        $places = array_flip(array_map(static fn ($rung): string => $rung->id, $ladder->rungs()));
        $aims = array_map(static fn (AimRequest $aim): Aim => new Aim($ladder->rung($aim->rung), $aim->count), $wanted->aims);
        usort($aims, static fn (Aim $a, Aim $b): int => ($places[$a->rung->id] ?? 0) <=> ($places[$b->rung->id] ?? 0));
        $limits = new Limits($wanted->fives, $wanted->regroups, $wanted->noon, $wanted->midnight, $wanted->unknown, $wanted->hour);
        $rungs = array_map(static fn (Aim $aim): string => $aim->rung->id, $aims);
        $title = '' === trim($wanted->title) ? rtrim(preg_replace('/^I can /', '', ucfirst($aims[0]->rung->can)) ?? '', '.') : trim($wanted->title);
        $family = \count($wanted->levels) > 1 ? Uuid::v7() : null;
        $sheets = [];
        $shortages = [];
        foreach ($wanted->levels as $level) {
            $made = $this->maker->make($aims, $level, $wanted->seed, $limits, $wanted->mistakes, $wanted->challenge);
            $questions = array_map(static fn (string $sum): QuestionRequest => new QuestionRequest(Uuid::v4()->toRfc4122(), $sum), $made->sums);
            if (null !== $made->challenge) {
                $questions[] = new QuestionRequest(Uuid::v4()->toRfc4122(), $made->challenge, challenge: true);
            }
            $settings = SheetSettings::forLevel($level, $wanted->layout, $rungs, $limits, $wanted->classId);
            $sheets[] = $this->sheets->new($owner, ucfirst(mb_substr($title, 0, 120)), $questions, $settings, $family);
            array_push($shortages, ...array_map(static fn (Shortage $s): string => self::said($s, $level, $ladder), $made->shortages));
        }
        $this->entities->flush();

        return new MadeSheetsReply(array_map($this->sheets->reply(...), $sheets), $shortages);
    }

    public function others(OthersRequest $wanted): OthersReply
    {
        $taken = [];
        foreach ([...$wanted->keep, ...$wanted->sums] as $sum) {
            $taken[$sum] = true;
        }
        $others = [];
        foreach ($wanted->sums as $i => $text) {
            $found = null;
            try {
                foreach ($this->another->like($this->reader->read($text)->sum, 12, $wanted->seed + 31 * $i) as $other) {
                    if (!isset($taken[$other->sum])) {
                        $found = $other->sum;
                        $taken[$found] = true;
                        break;
                    }
                }
            } catch (NotUnderstood) {
                // an unfinished question stays as it is
            }
            $others[] = $found;
        }

        return new OthersReply($others);
    }

    private static function said(Shortage $shortage, Level $level, Ladder $ladder): string
    {
        return \sprintf(
            '“%s” has only %d different questions of that kind at the %s level; %d were asked for.',
            $ladder->rung($shortage->rung)->can,
            $shortage->there,
            $level->value,
            $shortage->wanted,
        );
    }
}
