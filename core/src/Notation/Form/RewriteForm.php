<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\Note;
use Rostik\Core\Notation\TimeReading;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Words;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;

/** 8:37 a.m. as words, 2:20 p.m. as 24h, 17:05 as 12h, half past 4 as digital. */
final class RewriteForm implements Form
{
    use UsualWording;

    public static function sums(): array
    {
        return [Rewrite::class];
    }

    public static function precedence(): int
    {
        return 30;
    }

    public function read(TypedLine $line): array
    {
        $sums = [];
        foreach ($line->times($line->start) as $time) {
            $after = $line->after($time->next, 'as', 'in', 'into', 'to', 'using', 'on', 'by');
            if (0 === $after) {
                continue;
            }
            [$form, $next] = $this->form($line, $line->past($after, 'a', 'an', 'the'));
            if (null !== $form && $line->endsAt($next)) {
                $sums[] = Rewrite::of(TimeForm::Twelve === $form ? $this->by24($time, $line) : $time->time, $form);
            }
        }

        return $sums;
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Rewrite ? $this->given($sum, $writer->eachInItsForm()).' as '.$sum->as->value : '';
    }

    public function claim(Sum $sum, string $answer, Writer $writer): string
    {
        return $sum instanceof Rewrite ? ucfirst($writer->inWords($sum->time)).' is '.$answer : '';
    }

    public function put(Sum $sum, Writer $writer): string
    {
        return !$sum instanceof Rewrite ? '' : \sprintf(match ($sum->as) {
            TimeForm::Words => 'Write %s in words.',
            TimeForm::Digital => 'Write %s in digits.',
            TimeForm::TwentyFour => 'Write %s as a 24-hour time.',
            TimeForm::Twelve => 'Write %s as a 12-hour time.',
        }, $this->given($sum, $writer->eachInItsForm()));
    }

    public function solved(Sum $sum, Answer $answer, Writer $writer): string
    {
        return $sum instanceof Rewrite ? $this->given($sum, $writer->eachInItsForm()).' is '.$writer->answer($answer) : '';
    }

    /** What is to be written as a 12-hour time is a 24-hour time: 11:25, which both clocks write so, too. */
    private function by24(TimeReading $time, TypedLine $line): StatedTime
    {
        if ($time->time->halfSaid || $time->spoken || $time->bare || ($time->time->minutes < 600 && $time->time->minutes >= 60)) {
            return $time->time;
        }
        $line->notes[] = new Note('read-as-24h', 'It is taken as a 24-hour time, since it is to be written as a 12-hour time.');

        return $time->time->as24();
    }

    /** @return array{?TimeForm, int} */
    private function form(TypedLine $line, int $i): array
    {
        $words = $line->words;
        $next = $i + 1;
        $form = match ($words->at($i)) {
            'words', 'word' => TimeForm::Words,
            'digital', 'digits', 'figures', 'numbers' => TimeForm::Digital,
            '24', 'twenty' => TimeForm::TwentyFour,
            '12', 'twelve' => TimeForm::Twelve,
            'am' => $words->is($i + 1, 'or', 'and', '/') && Words::HALF === $words->type($i + 2) ? TimeForm::Twelve : null,
            default => null,
        };
        if ($words->is($i, 'twenty')) {
            $next = $line->past($next, '-', 'four');
        }
        $next = 'am' === $words->at($i) ? $i + 3 : $next;
        if (null !== $form) {
            $next = $line->past($next, '-', 'h', 'hour', 'hours', 'hr', 'clock', 'time', 'format', 'notation', 'form', 'system');
        }

        return [$form, $next];
    }

    /** What is to be written in digits is said in words, or the question would give its answer away; so is what could be taken for a 24-hour time. */
    private function given(Rewrite $sum, Writer $writer): string
    {
        $open = TimeForm::Twelve === $sum->as && !$sum->time->halfSaid;

        return $open || (TimeForm::Digital === $sum->as && ClockForm::Twelve === $sum->time->form) ? $writer->spoken($sum->time) : $writer->time($sum->time);
    }
}
