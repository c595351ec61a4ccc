<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Sheet\MadeSheetsReply;
use Rostik\App\Sheet\QuestionRequest;
use Rostik\App\Sheet\QuestionText;
use Rostik\App\Sheet\Sheets;
use Rostik\App\Sheet\SheetSettings;
use Rostik\Core\Evidence\GroupKind;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Question;
use Rostik\Core\Sheet\Aim;
use Rostik\Core\Sheet\Layout;
use Rostik\Core\Sheet\SheetMaker;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;
use Symfony\Component\Uid\Uuid;

/** Sheets for groups: made for what they share, all of them together on one press, so that they are printed as one. */
final readonly class GroupSheets
{
    /** Questions on each. */
    private const COUNT = 6;

    public function __construct(private SheetMaker $maker, private Ladder $ladder, private Sheets $sheets, private Forms $forms, private EntityManagerInterface $entities)
    {
    }

    /** @param list<GroupText> $groups */
    public function make(Teacher $teacher, Classroom $class, array $groups): MadeSheetsReply
    {
        $family = Uuid::v7();
        $made = [];
        foreach ($groups as $i => $group) {
            if (null === $group->rung || [] === $group->children) {
                continue;
            }
            $rung = $this->ladder->rung($group->rung);
            $level = GroupKind::Next === $group->kind ? Level::Stretch : (GroupKind::Rung === $group->kind ? Level::Support : Level::Core);
            $questions = $this->maker->make([new Aim($rung, self::COUNT)], $level, crc32($family->toRfc4122().$i), new Limits(), null === $group->cause ? [] : [$group->cause], false, $class->style())->questions;
            $made[] = $this->sheets->new(
                $teacher,
                \sprintf('Group %d: %s', $i + 1, rtrim(preg_replace('/^I can /', '', $rung->can) ?? '', '.')),
                array_map(fn (Question $one): QuestionRequest => new QuestionRequest(Uuid::v4()->toRfc4122(), QuestionText::of($one, $this->forms->write($one->sum, Writer::plain()))), $questions),
                $class,
                SheetSettings::forLevel($level, Layout::Page, [$rung->id], new Limits()),
                $family,
            );
        }
        $this->entities->flush();

        return new MadeSheetsReply(array_map($this->sheets->reply(...), $made), []);
    }
}
