<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Comparison;
use Rostik\Core\Sum\Sum;

/** 3 days ? 70 h; also "which is longer, … or …?", "compare … and …", "is … longer than …?", and a blank between the two. */
final class ComparisonForm implements Form
{
    use UsualWording;

    private const SIGNS = ['?', 'or', 'vs', 'versus', 'compared with', 'compared to', '<', '>', '_'];

    private const WHETHER = ['longer than', 'shorter than', 'more than', 'less than', 'greater than', 'bigger than', 'smaller than', 'fewer than', 'the same as', 'the same length as', 'as long as', 'equal to', 'equals', '='];

    public static function sums(): array
    {
        return [Comparison::class];
    }

    public static function precedence(): int
    {
        return 120;
    }

    public function read(TypedLine $line): array
    {
        $start = $line->past($line->start, 'which', 'is', 'longer', 'longest', 'greater', 'more', 'bigger', 'larger', 'shorter', 'less', 'smaller', 'compare', 'the', 'time', 'length', 'lasts', 'takes', ':', ',', '-', '?', '.');
        $asked = $start > $line->start;
        $left = $asked ? $line->item($start) : $line->length($start);
        if (null === $left) {
            return [];
        }
        $signs = $asked ? [...self::SIGNS, 'and', 'with', 'to', ','] : self::SIGNS;
        $after = $line->after($line->words->is($left->next, ',') ? $left->next + 1 : $left->next, ...$signs);
        $after = 0 !== $after ? $after : $line->after($left->next, ...$signs);
        $is = $line->past($left->next, 'is');
        if (0 === $after && ($line->asksWhether || $is > $left->next)) {
            // is 2 h longer than 130 min? 2 h is longer than 130 min
            $after = $line->after($is, ...self::WHETHER);
        }
        $right = 0 === $after ? null : $line->length($line->past($after, '=', '_', '?', '<', '>'));

        return null === $right || !$line->endsAt($right->next) ? [] : [Comparison::of($left->amount, $right->amount)];
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Comparison ? $writer->amount($sum->left).' ? '.$writer->amount($sum->right) : '';
    }

    public function put(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Comparison ? \sprintf('Which is longer, %s or %s?     Write <, > or =.', $writer->amount($sum->left), $writer->amount($sum->right)) : '';
    }

    public function claim(Sum $sum, string $answer, Writer $writer): string
    {
        return $sum instanceof Comparison ? $writer->amount($sum->left).' '.$answer.' '.$writer->amount($sum->right) : '';
    }

    public function solved(Sum $sum, Answer $answer, Writer $writer): string
    {
        return $sum instanceof Comparison ? $writer->amount($sum->left).' '.$writer->answer($answer).' '.$writer->amount($sum->right) : '';
    }
}
