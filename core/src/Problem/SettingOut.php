<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Method\MethodBook;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\GivenLine;
use Rostik\Core\Question\SetOutProblem;
use Rostik\Core\Question\SetsOut;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Grouping;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;

/** Sets a problem out in five lines: given, find, operation, working, answer. Common practice, no source. */
final readonly class SettingOut implements SetsOut
{
    /** Stands where the answer is to be written. */
    private const GAP = '____';

    private const ORDINALS = ['second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'];

    /** What a time or a length is called, by what it stands for in the text. */
    private const NAMES = ['start' => 'start', 'end' => 'end', 'due' => 'due', 'shown' => 'the clock shows', 'now' => 'now', 'lasts' => 'how long', 'later' => 'how much later', 'before' => 'how long before', 'late' => 'how late', 'early' => 'how early', 'fast' => 'how fast', 'slow' => 'how slow', 'break' => 'break', 'every' => 'every', 'each' => 'each', 'used' => 'used so far'];

    private Writer $kept;

    public function __construct(private ProblemReader $reader, private Forms $forms, private AnswerSentence $sentences, private MethodBook $methods)
    {
        $this->kept = Writer::plain();
    }

    /**
     * @param Sum    $sum  the one, or the several in turn, that answer it, in the form of the class
     * @param string $text the problem in words
     *
     * @return ?SetOut null where its sums are of no kind that is set out, or have no answer
     */
    public function of(Sum $sum, string $text, Writer $writer): ?SetOut
    {
        return $this->read($sum, $this->reader->read($text), $writer);
    }

    public function problem(Sum $sum, string $words, Writer $marked, array $methods = []): ?SetOutProblem
    {
        $read = $this->reader->read($words);
        $set = [] === $read->facts ? null : $this->read($sum, $read, $marked);
        if (null === $set) {
            return null;
        }
        $answer = $sum->answer();
        $written = Marked::plain($marked->answer(AnswerSentence::withoutItsDay($answer)));
        [$before, $after] = [...explode(self::GAP, $set->sentence(self::GAP), 2), ''];

        return new SetOutProblem(
            array_map(static fn (GivenLine $one): string => $one->name, $set->given),
            array_map(static fn (SetOutPart $part): string => $part->operation->said(), $set->parts),
            $set->sentence($written),
            $before,
            $after,
            (new FiveLines($set, $this->methods, $this->forms, $methods))->work($sum, $marked),
        );
    }

    /** The same for a text that has been read. */
    public function read(Sum $sum, ReadProblem $read, Writer $writer): ?SetOut
    {
        $sums = $sum instanceof InTurn ? $sum->sums : [$sum];
        foreach ($sums as $one) {
            if (null === Operation::of($one) || [] !== $one->readings() || null !== $one->leavesOpen()) {
                return null;
            }
        }
        $ask = $this->ask($sums, $read);
        $facts = array_values($read->facts);
        $more = 1 === preg_match('/\bhow much (?:\w+er)\b|\bby how much\b/i', $ask);
        $given = [];
        $roles = [];
        foreach ($sums as $i => $one) {
            foreach (InTurn::places($one) as $place => $value) {
                if ($sum instanceof InTurn && $sum->isFound($i, $place)) {
                    continue;
                }
                $fact = self::fact($facts, $value);
                $role = null === $fact ? '' : $facts[$fact][1];
                $roles[$i.$place] = $role;
                $given[] = $this->given($one, $place, $value, $more && 1 === \count($sums) ? '' : $role, $more, null === $fact ? '' : $facts[$fact][0]->text, $writer);
                unset($facts[$fact ?? -1]);
            }
            if ($one instanceof Product || $one instanceof Share) {
                $given[] = self::number($one instanceof Product ? $one->times : $one->between, $read->text);
            }
        }
        $parts = [];
        $last = \count($sums) - 1;
        foreach ($sums as $i => $one) {
            $parts[] = new SetOutPart(
                $one,
                $i === $last && '' !== $ask ? $ask : $this->find($one, $writer),
                Operation::of($one) ?? throw new \LogicException('It has been looked at.'),
                Operation::because($one, $roles[$i.'length 0'] ?? '', $more),
                StoryDrawing::of($one, $writer),
            );
        }

        return new SetOut($read->text, $ask, $sum, self::numbered($given), $parts, StoryDrawing::whole($sums, $writer), $this->sentences);
    }

    /** @param non-empty-list<Sum> $sums */
    private function ask(array $sums, ReadProblem $read): string
    {
        $wanted = array_map(fn (Sum $sum): string => $this->forms->write($sum, $this->kept), $sums);
        foreach ($read->questions as $question) {
            if ($wanted === array_map(fn (Sum $sum): string => $this->forms->write($sum, $this->kept), $question->sums)) {
                return $question->ask;
            }
        }
        $last = $read->questions[\count($read->questions) - 1] ?? null;

        // where the text asks several things, it is not known which of them this sum answers
        return 1 === \count($read->questions) && null !== $last ? $last->ask : '';
    }

    private function given(Sum $sum, string $place, StatedTime|Amount $value, string $role, bool $more, string $told, Writer $writer): GivenLine
    {
        $written = $value instanceof StatedTime ? $writer->time($value) : $writer->amount($value);
        $role = '' === $role && $sum instanceof ClockMove && $value instanceof StatedTime ? ($sum instanceof Earlier ? 'end' : 'start') : $role;
        $name = 'lasts' === $role || '' === $role ? self::name($sum, $place, $more) : self::NAMES[$role] ?? self::name($sum, $place, $more);

        return new GivenLine($name, $written, self::alike($told, Marked::plain($written)) ? '' : $told);
    }

    private static function name(Sum $sum, string $place, bool $more): string
    {
        return match (true) {
            $sum instanceof Elapsed => 'time 0' === $place ? 'start' : 'end',
            $sum instanceof Difference => 'length 0' === $place ? ($more ? 'longer' : 'whole') : ($more ? 'shorter' : 'part of it'),
            $sum instanceof Total => 'part',
            $sum instanceof Product => 'each',
            $sum instanceof Share => 'whole',
            $sum instanceof Grouping => 'length 0' === $place ? 'whole' : 'each',
            default => 'time 0' === $place ? 'start' : 'how long',
        };
    }

    private static function number(int $number, string $text): GivenLine
    {
        $nth = self::ORDINALS[$number - 1] ?? '';

        return '' !== $nth && 1 === preg_match('/\b'.$nth.'\b(?! (?:half|part))/', $text)
            ? new GivenLine('gaps before it', (string) $number, 'the '.$nth)
            : new GivenLine('how many', (string) $number, '');
    }

    private function find(Sum $sum, Writer $writer): string
    {
        return match (true) {
            $sum instanceof ClockMove => \sprintf('what time it is %s %s %s', $writer->amount($sum->length), $sum instanceof Earlier ? 'before' : 'after', $writer->time($sum->start)),
            $sum instanceof Elapsed => \sprintf('how long it is from %s to %s', $writer->time($sum->start), $writer->time($sum->end)),
            $sum instanceof Total => 'how long '.implode(' and ', array_map($writer->amount(...), $sum->lengths())).' are together',
            $sum instanceof Difference => \sprintf('what is left of %s without %s', $writer->amount($sum->from), $writer->amount($sum->take)),
            $sum instanceof Product => \sprintf('how long %d times %s is', $sum->times, $writer->amount($sum->length)),
            $sum instanceof Share => \sprintf('how long each of %d equal parts of %s is', $sum->between, $writer->amount($sum->length)),
            $sum instanceof Grouping => \sprintf('how often %s goes into %s', $writer->amount($sum->each), $writer->amount($sum->length)),
            default => '',
        };
    }

    /**
     * Where the text tells it.
     *
     * @param array<int, array{Mention, string}> $facts
     */
    private static function fact(array $facts, StatedTime|Amount $value): ?int
    {
        foreach ($facts as $n => [$mention]) {
            $told = $mention->value;
            if ($value instanceof StatedTime && $told instanceof StatedTime && $value->minutes % 720 === $told->minutes % 720 && $value->second === $told->second) {
                return $n;
            }
            if ($value instanceof Amount && $told instanceof Amount && $value->duration->chain === $told->duration->chain && $value->duration->count === $told->duration->count) {
                return $n;
            }
        }

        return null;
    }

    /** Whether it is told as it is written, but for its full stops and how the units are shortened. */
    private static function alike(string $told, string $written): bool
    {
        $plain = static fn (string $text): string => preg_replace(['/\bhours?\b|\bhrs?\b/', '/\bminutes?\b|\bmins\b/', '/[.\s]+|\band\b/'], ['h', 'min', ''], mb_strtolower($text, 'UTF-8')) ?? $text;

        return '' === $told || $plain($told) === $plain($written);
    }

    /**
     * Two of one name are told apart by a number.
     *
     * @param list<GivenLine> $given
     *
     * @return list<GivenLine>
     */
    private static function numbered(array $given): array
    {
        $often = array_count_values(array_column($given, 'name'));
        $n = [];

        return array_map(static function (GivenLine $one) use ($often, &$n): GivenLine {
            $n[$one->name] = ($n[$one->name] ?? 0) + 1;

            return 1 === $often[$one->name] ? $one : new GivenLine($one->name.' '.$n[$one->name], $one->value, $one->told);
        }, $given);
    }
}
