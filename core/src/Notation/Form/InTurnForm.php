<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Sum\Sum;

/** 8:40 a.m. to 11:15 a.m.; 2 h 35 min + 40 min. It is read by {@see \Rostik\Core\Notation\SumReader}, sum by sum. */
final readonly class InTurnForm implements Form
{
    use UsualWording;

    public function __construct(private Forms $forms)
    {
    }

    public static function sums(): array
    {
        return [InTurn::class];
    }

    public static function precedence(): int
    {
        return 1;
    }

    public function read(TypedLine $line): array
    {
        return [];
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof InTurn ? implode('; ', array_map(fn (Sum $one): string => $this->forms->write($one, $writer), $sum->sums)) : '';
    }

    public function solved(Sum $sum, Answer $answer, Writer $writer): ?string
    {
        if (!$sum instanceof InTurn) {
            return null;
        }

        return implode('; ', array_map(function (Sum $one) use ($writer): string {
            $answer = $one->answer();

            return $this->forms->solved($one, $answer, $writer) ?? $this->forms->write($one, $writer).' = '.$writer->answer($answer);
        }, $sum->sums));
    }
}
