<?php

declare(strict_types=1);

namespace Rostik\Tools;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The rules of the house, checked with every static analysis: which room may know which ({@see docs/house.md}). */
final class HouseRules
{
    /** From the ground up; a room knows those named here, and no other. */
    public const CORE = [
        'Time' => [],
        'Picture' => [],
        'Sum' => ['Time'],
        'Notation' => ['Sum', 'Time'],
        'Method' => ['Notation', 'Picture', 'Sum', 'Time'],
        'Judging' => ['Notation', 'Sum', 'Time'],
        'Mistake' => ['Judging', 'Picture', 'Sum', 'Time'],
        'Question' => ['Judging', 'Method', 'Mistake', 'Notation', 'Picture', 'Sum', 'Time'],
        'Skill' => ['Notation', 'Question', 'Sum', 'Time'],
        'Problem' => ['Method', 'Mistake', 'Notation', 'Picture', 'Question', 'Skill', 'Sum', 'Time'],
        'Timetable' => ['Judging', 'Mistake', 'Notation', 'Skill', 'Sum', 'Time'],
        'Work' => ['Judging', 'Method', 'Mistake', 'Notation', 'Picture', 'Problem', 'Skill', 'Sum', 'Time'],
        'Weighing' => ['Judging', 'Mistake', 'Notation', 'Question', 'Skill', 'Sum', 'Time', 'Work'],
        'Marking' => ['Judging', 'Mistake', 'Notation', 'Question', 'Sum', 'Time', 'Timetable'],
        'Evidence' => ['Judging', 'Mistake', 'Notation', 'Skill', 'Sum', 'Weighing', 'Work'],
        'Sequence' => ['Mistake', 'Notation', 'Question', 'Skill', 'Sum', 'Time'],
        'Sheet' => ['Judging', 'Notation', 'Picture', 'Problem', 'Question', 'Sequence', 'Skill', 'Sum', 'Time', 'Weighing', 'Work'],
        'Board' => ['Method', 'Notation', 'Picture', 'Problem', 'Skill', 'Sum', 'Time', 'Work'],
        'Practice' => ['Board', 'Evidence', 'Judging', 'Method', 'Mistake', 'Notation', 'Question', 'Skill', 'Sum', 'Time', 'Timetable'],
        'Activity' => ['Notation', 'Skill', 'Sum', 'Time', 'Timetable'],
        'Plan' => ['Activity', 'Notation', 'Question', 'Sequence', 'Skill', 'Time'],
    ];

    public const APP = [
        'Api' => [],
        'Storage' => [],
        'Shell' => [],
        'Account' => ['Api', 'Storage'],
        'Deleted' => ['Account'],
        'Skill' => ['Api'],
        'Work' => ['Api'],
        'Board' => ['Api', 'Work'],
        'Mistake' => ['Api', 'Skill', 'Work'],
        'Problem' => ['Api', 'Skill', 'Work'],
        'Timetable' => ['Account', 'Api', 'Deleted'],
        'Classroom' => ['Account', 'Api', 'Deleted', 'Storage'],
        'Sheet' => ['Account', 'Api', 'Classroom', 'Deleted', 'Skill', 'Storage', 'Timetable'],
        'Printing' => ['Account', 'Api', 'Classroom', 'Sheet'],
        'Marking' => ['Account', 'Api', 'Classroom', 'Deleted', 'Sheet', 'Storage'],
        'Evidence' => ['Account', 'Api', 'Classroom', 'Deleted', 'Marking', 'Sheet', 'Storage'],
        'Practice' => ['Account', 'Api', 'Classroom', 'Deleted', 'Evidence', 'Sheet', 'Storage', 'Timetable'],
        'Activity' => ['Account', 'Api', 'Classroom', 'Deleted', 'Evidence', 'Practice', 'Printing', 'Sheet'],
        'Plan' => ['Account', 'Activity', 'Api', 'Classroom', 'Deleted', 'Evidence', 'Marking', 'Printing', 'Sheet', 'Skill', 'Storage'],
        'Data' => ['Account', 'Activity', 'Api', 'Classroom', 'Deleted', 'Evidence', 'Marking', 'Plan', 'Practice', 'Sheet', 'Storage', 'Timetable'],
        'Machine' => ['Printing'],
        'School' => ['Account', 'Api', 'Classroom'],
        'Search' => ['Account', 'Classroom', 'Plan', 'Sheet', 'Timetable'],
        'Demo' => ['Account', 'Classroom', 'Marking', 'Plan', 'Practice', 'Sheet'],
    ];

    /** The core is the subject alone: no framework, no database, no HTTP. */
    #[TestRule]
    public function theCoreKnowsOnlyItself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Rostik\Core'))
            ->excluding(Selector::inNamespace('Rostik\Core\Tests'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('Rostik\Core'))
            ->because('the core holds the subject and nothing else');
    }

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function roomsOfTheCore(): iterable
    {
        return self::rooms('Rostik\Core\\', self::CORE);
    }

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function roomsOfTheApplication(): iterable
    {
        return self::rooms('Rostik\App\\', self::APP);
    }

    /**
     * @param non-empty-string            $floor
     * @param array<string, list<string>> $rooms
     *
     * @return iterable<string, Rule>
     */
    private static function rooms(string $floor, array $rooms): iterable
    {
        foreach ($rooms as $room => $knows) {
            $others = array_values(array_diff(array_keys($rooms), [$room], $knows));
            yield $room => PHPat::rule()
                ->classes(Selector::inNamespace($floor.$room))
                ->shouldNotDependOn()
                ->classes(...array_map(static fn (string $other): SelectorInterface => Selector::inNamespace($floor.$other), $others))
                ->because('the rooms that may be known are in tools/rules/HouseRules.php');
        }
    }
}
