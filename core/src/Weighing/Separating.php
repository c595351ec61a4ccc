<?php

declare(strict_types=1);

namespace Rostik\Core\Weighing;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Setting;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Work\Understanding;
use Rostik\Core\Work\Understood;

/** Says which of the usual mistakes a given set of questions shows, which pairs it tells apart, and what would tell more. */
final readonly class Separating
{
    /** Sums drawn of each rung to compare with. */
    private const POOL = 120;

    /** Of problems in words, which take longer to draw; about one of each story. */
    private const TOLD = 60;

    private Writer $plain;

    public function __construct(private Understanding $understanding, private Forms $forms, private Ladder $ladder, private Generator $generator, private MistakeBook $book)
    {
        $this->plain = Writer::plain();
    }

    /**
     * @param list<string> $sums   as typed, a problem with its sum behind it in brackets; what cannot be read shows nothing
     * @param list<int>    $fixed  places of questions that are not to give way
     * @param Level        $level  of the questions that would take their place
     * @param Limits       $limits what is wanted of them
     */
    public function of(array $sums, array $fixed, Level $level, int $seed, Limits $limits = new Limits()): Separated
    {
        $groups = [];
        $looked = [];
        $predicted = [];
        $pools = [];
        foreach ($sums as $place => $typed) {
            $understood = $this->read($typed);
            $sum = $understood?->read->sum;
            $words = $understood->told->text ?? '';
            $exercised = null === $sum ? [] : $this->ladder->exercisedBy($sum);
            if (null !== $sum && '' !== $words) {
                // what is told is not given away for a bare sum
                $exercised[] = $sum instanceof InTurn ? 'two-step-problem' : 'one-step-problem';
                $fixed[] = $place;
            }
            if (null === $sum || [] === $exercised) {
                continue;
            }
            $predicted[$place] = $this->book->predict($sum, words: $words);
            foreach ($exercised as $id) {
                $looked += array_flip($this->ladder->rung($id)->mistakes);
            }
            // a question gives way only to one of its own kind and rungs
            $groups[$place] = implode(' ', [$sum->kind()->value, ...$exercised]);
            $pools[$groups[$place]] ??= $this->pool($exercised, $sum->kind(), $level, $seed, $limits);
        }
        $shows = $this->shows(array_keys($looked), $predicted, $pools);
        $pairs = Pairs::of(array_keys($shows));
        $separated = array_map($pairs->separatedBy(...), $predicted);
        $by = array_count_values(array_merge(...array_values($separated)));
        $candidates = array_map(static fn (array $pool): array => array_map($pairs->separatedBy(...), $pool), $pools);
        $can = array_flip(array_keys($by));
        foreach ($candidates as $pool) {
            foreach ($pool as $names) {
                $can += array_flip($names);
            }
        }
        $blurred = array_values(array_intersect_key($pairs->all, array_diff_key($can, $by)));

        return new Separated($shows, \count($by), \count($can), $blurred, [] === $blurred ? null : $this->swap($groups, $fixed, $sums, $separated, $by, $candidates));
    }

    /**
     * @param array<int, string>                         $groups     of the questions, by place
     * @param list<int>                                  $fixed
     * @param list<string>                               $sums
     * @param array<int, list<string>>                   $separated  by the questions, by place
     * @param array<string, int>                         $by         how many questions tell each pair apart
     * @param array<string, array<string, list<string>>> $candidates what other sums tell apart, by group
     */
    private function swap(array $groups, array $fixed, array $sums, array $separated, array $by, array $candidates): ?Swap
    {
        $best = null;
        foreach ($groups as $place => $group) {
            if (\in_array($place, $fixed, true)) {
                continue;
            }
            // what only this question tells would be lost with it
            $alone = array_filter($separated[$place], static fn (string $name): bool => 1 === $by[$name]);
            foreach ($candidates[$group] as $sum => $names) {
                $gained = \count(array_diff($names, array_keys($by)));
                $found = \count($by) + $gained - \count(array_diff($alone, $names));
                if ($found > ($best->separated ?? \count($by)) && !\in_array((string) $sum, $sums, true)) {
                    $best = new Swap($place, (string) $sum, $found);
                }
            }
        }

        return $best;
    }

    /**
     * The mistakes that are looked for and that such sums can show, with the questions in which each shows.
     *
     * @param list<string>                                       $looked
     * @param array<int, array<string, Given>>                   $predicted by place
     * @param array<string, array<string, array<string, Given>>> $pools     by group
     *
     * @return array<string, list<int>>
     */
    private function shows(array $looked, array $predicted, array $pools): array
    {
        $can = array_merge(...array_values($predicted));
        foreach ($pools as $pool) {
            $can = array_merge($can, ...array_values($pool));
        }
        $shows = [];
        foreach ($looked as $mistake) {
            if (isset($can[$mistake])) {
                $shows[$mistake] = array_keys(array_filter($predicted, static fn (array $one): bool => isset($one[$mistake])));
            }
        }

        return $shows;
    }

    /**
     * @param non-empty-list<string> $exercised ids of the rungs
     *
     * @return array<string, array<string, Given>> what each sum can show, by its canonical text
     */
    private function pool(array $exercised, Kind $kind, Level $level, int $seed, Limits $limits): array
    {
        $pool = [];
        $rung = $this->ladder->rung($exercised[\count($exercised) - 1]);
        foreach ($this->generator->draw($rung, $level, Setting::Told === $rung->setting ? self::TOLD : self::POOL, $seed, $limits)->questions as $question) {
            $sum = $question->sum;
            if ($sum->kind() === $kind && ('' !== $question->wording || $this->ladder->exercisedBy($sum) === $exercised)) {
                $pool[$this->forms->write($sum, $this->plain)] = $this->book->predict($sum, words: $question->wording);
            }
        }

        return $pool;
    }

    private function read(string $typed): ?Understood
    {
        try {
            return $this->understanding->of($typed);
        } catch (NotUnderstood) {
            return null;
        }
    }
}
