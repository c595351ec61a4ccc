<?php

declare(strict_types=1);

namespace Rostik\Core\Marking;

use Rostik\Core\Judging\Given;
use Rostik\Core\Question\AnswerForm;
use Rostik\Core\Sum\Sum;

/** A question of a pile: its sum, how it is answered, and what is usually written. */
final readonly class ToMark
{
    /**
     * @param string                $asked     plain
     * @param ?Sum                  $sum       null where it has no answer
     * @param ?AnswerForm           $form      in which it is answered, with its data
     * @param string                $answer    plain; empty where it has none
     * @param array<string, Given>  $predicted what each mistake leads to
     * @param array<string, string> $misread   by id of the misreading of a timetable: what it leads to, as text
     */
    public function __construct(public string $asked, public ?Sum $sum, public ?AnswerForm $form, public string $answer, public array $predicted, public array $misread = [])
    {
    }
}
