<?php

declare(strict_types=1);

namespace Rostik\App\Demo;

use Psr\Clock\ClockInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Marking\Paper;
use Rostik\App\Marking\Pile;
use Rostik\App\Marking\PilePart;
use Rostik\App\Sheet\QuestionText;
use Rostik\App\Sheet\Sheet;
use Rostik\Core\Marking\Sign;
use Rostik\Core\Marking\Written;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\SumReader;

/** Papers of the demonstration class, marked: invented, each child with its own ways. */
final readonly class DemoPapers
{
    /** By place in the register: what may be behind what the child writes; none for who is right. */
    private const WAYS = [
        0 => 'leaves-over-sixty', 3 => 'leaves-over-sixty', 7 => 'leaves-over-sixty', 12 => 'leaves-over-sixty',
        1 => 'smaller-from-larger', 4 => 'smaller-from-larger', 6 => 'smaller-from-larger', 11 => 'smaller-from-larger', 19 => 'smaller-from-larger',
        13 => 'borrows-without-paying', 16 => 'borrows-without-paying', 20 => 'borrows-without-paying',
    ];

    /** Who was not there. */
    private const ABSENT = [9, 21];

    private const TICKET = ['2 h 30 min + 4 h 45 min', '6 h 10 min - 3 h 45 min', '1 h 55 min + 2 h 50 min', '4 h 10 min - 1 h 25 min', '7 h 5 min - 2 h 40 min', '3 h 40 min + 2 h 35 min'];

    public function __construct(private SumReader $reader, private MistakeBook $book, private ClockInterface $clock)
    {
    }

    /** @return list<Pile> yet to be kept: a ticket, and the sheet a day later */
    public function of(Teacher $teacher, Sheet $sheet): array
    {
        $ticket = array_map(static fn (string $sum): QuestionText => new QuestionText($sum), self::TICKET);
        $written = array_map(static fn ($question): QuestionText => $question->text(), $sheet->questions());

        return [
            $this->pile($teacher, $sheet, 'Ticket: over the hour', $ticket, '-2 days'),
            $this->pile($teacher, $sheet, $sheet->title(), [...\array_slice($written, 0, 1), ...\array_slice($written, 5), ...\array_slice($written, 1, 3)], '-1 day'),
        ];
    }

    /** @param list<QuestionText> $questions */
    private function pile(Teacher $teacher, Sheet $sheet, string $title, array $questions, string $when): Pile
    {
        $now = $this->clock->now();
        $pile = new Pile($teacher, $sheet->classroom(), $title, $now->modify($when), $now);
        $pile->add(new PilePart($pile, 0, null, $sheet->settings(), $questions));
        $revision = $pile->revise();
        foreach ($sheet->classroom()?->children() ?? [] as $i => $child) {
            $paper = new Paper($pile, $i, $child);
            $paper->set(\in_array($i, self::ABSENT, true), null);
            foreach (\in_array($i, self::ABSENT, true) ? [] : $questions as $place => $question) {
                $wrong = $this->book->predict($this->reader->read($question->sum)->sum)[self::WAYS[$i] ?? ''] ?? null;
                $paper->mark($place, null === $wrong ? new Written(sign: Sign::Right) : new Written(strtr($wrong->text(), [' h ' => 'h', ' min' => ''])), $revision);
            }
            $pile->lay($paper);
        }

        return $pile;
    }
}
