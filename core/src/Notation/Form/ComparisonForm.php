<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Line;
use Rostik\Core\Notation\SolvedForm;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Comparison;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Sum;

/** 2 days ? 40 h; also "or" and "compared with" between the two. */
final class ComparisonForm implements SolvedForm
{
    public function kind(): Kind
    {
        return Kind::Comparison;
    }

    public function read(Line $line): array
    {
        $left = $line->length($line->start);
        $after = null === $left ? 0 : $line->after($left->next, '?', 'or', 'vs', 'compared with', '<', '>', '<=', '>=');
        $right = 0 === $after ? null : $line->length($after);
        if (null === $left || null === $right || !$line->endsAt($right->next)) {
            return [];
        }

        return [Comparison::of($left->amount, $right->amount)];
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Comparison ? $writer->amount($sum->left).' ? '.$writer->amount($sum->right) : '';
    }

    public function writeSolved(Sum $sum, Answer $answer, Writer $writer): string
    {
        return $sum instanceof Comparison ? $writer->amount($sum->left).' '.$writer->answer($answer).' '.$writer->amount($sum->right) : '';
    }
}
