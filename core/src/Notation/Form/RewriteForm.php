<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Line;
use Rostik\Core\Notation\SolvedForm;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\ClockForm;

/** 7:42 a.m. as words, 1:20 p.m. as 24h, 17:05 as 12h, half past 3 as digital. */
final class RewriteForm implements SolvedForm
{
    public function kind(): Kind
    {
        return Kind::Rewrite;
    }

    public function read(Line $line): array
    {
        $sums = [];
        foreach ($line->times($line->start) as $time) {
            $after = $line->after($time->next, 'as', 'in', 'into');
            if (0 === $after) {
                continue;
            }
            [$form, $next] = $this->form($line, $after);
            if (null !== $form && $line->endsAt($next)) {
                // what is to be written as a 12-hour time is a 24-hour time: 11:25 as 12h
                $sums[] = Rewrite::of(TimeForm::Twelve === $form ? $time->time->as24() : $time->time, $form);
            }
        }

        return $sums;
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Rewrite ? $this->given($sum, $writer).' as '.$sum->as->value : '';
    }

    /** @return array{?TimeForm, int} */
    private function form(Line $line, int $i): array
    {
        $words = $line->words;
        $next = $i + 1;
        $form = match ($words->at($i)) {
            'words', 'word' => TimeForm::Words,
            'digital', 'digits', 'figures' => TimeForm::Digital,
            '24' => TimeForm::TwentyFour,
            '12' => TimeForm::Twelve,
            default => null,
        };
        if (TimeForm::TwentyFour === $form || TimeForm::Twelve === $form) {
            while ($words->is($next, '-', 'h', 'hour', 'hours', 'hr', 'clock', 'time')) {
                ++$next;
            }
        }

        return [$form, $next];
    }

    public function writeSolved(Sum $sum, Answer $answer, Writer $writer): string
    {
        return $sum instanceof Rewrite ? $this->given($sum, $writer).' is '.$writer->answer($answer) : '';
    }

    /** What is to be written in digits is said in words, or the question would give its answer away. */
    private function given(Rewrite $sum, Writer $writer): string
    {
        return TimeForm::Digital === $sum->as && ClockForm::Twelve === $sum->time->form ? $writer->spoken($sum->time) : $writer->time($sum->time);
    }
}
