<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;

/**
 * Looks over the questions of a sheet for slips of the teacher's: two alike, an answer at 12, harder than the level, not
 * as was wanted, in need of what has not been taught.
 */
final readonly class Checking
{
    private Writer $plain;

    public function __construct(
        private SumReader $reader,
        private Forms $forms,
        private Ladder $ladder,
        private Generator $generator,
    ) {
        $this->plain = Writer::plain();
    }

    /**
     * @param list<string> $sums   as typed; what cannot be read has no warnings
     * @param ?Level       $level  of the sheet, where it has one
     * @param Limits       $limits what was wanted of the numbers
     * @param list<string> $known  rungs that have been taught, or that the sheet is to teach; empty where nobody has said
     *
     * @return list<list<Warning>> for each question, in order
     */
    public function warnings(array $sums, ?Level $level, Limits $limits = new Limits(), array $known = []): array
    {
        $first = [];
        $all = [];
        foreach ($sums as $i => $typed) {
            $warnings = [];
            try {
                $sum = $this->reader->read($typed)->sum;
            } catch (NotUnderstood) {
                $all[] = [];
                continue;
            }
            $text = $this->forms->write($sum, $this->plain);
            if (isset($first[$text])) {
                $warnings[] = new Warning('alike', \sprintf('The same as question %d.', $first[$text] + 1));
            }
            $first[$text] ??= $i;
            $open = [] !== $sum->readings();
            if (!$open && $this->isTwelve($sum)) {
                $warnings[] = new Warning('twelve', 'The answer is exactly 12: noon or midnight may need a word.');
            }
            if (!$open && null !== $level && $this->isAbove($sum, $level)) {
                $warnings[] = new Warning('above-level', \sprintf('Harder than the rest of a %s sheet.', $level->value));
            }
            $broken = $open ? null : $limits->broken(Features::of($sum));
            if (null !== $broken) {
                $warnings[] = new Warning('not-as-wanted', $broken);
            }
            $missing = [] === $known ? [] : array_diff($this->ladder->exercisedBy($sum), $known);
            if ([] !== $missing) {
                $warnings[] = new Warning('not-yet-taught', \sprintf('Not yet taught: “%s”', $this->ladder->rung(end($missing))->can));
            }
            $all[] = $warnings;
        }

        return $all;
    }

    /**
     * The rungs that the questions of a sheet exercise, from the bottom of the ladder up.
     *
     * @param list<string> $sums as typed; what cannot be read exercises none
     *
     * @return list<string>
     */
    public function rungs(array $sums): array
    {
        $found = [];
        foreach ($sums as $typed) {
            try {
                $found += array_flip($this->ladder->exercisedBy($this->reader->read($typed)->sum));
            } catch (NotUnderstood) {
                continue;
            }
        }

        return array_values(array_filter(array_map(static fn (Rung $rung): string => $rung->id, $this->ladder->rungs()), static fn (string $id): bool => isset($found[$id])));
    }

    private function isTwelve(Sum $sum): bool
    {
        try {
            $answer = $sum->answer();
        } catch (CannotBeDone) {
            return false;
        }

        return $answer instanceof TimeAnswer && 0 === $answer->time->minutes % 720;
    }

    /** Whether none of the rungs it calls for has it at this level. */
    private function isAbove(Sum $sum, Level $level): bool
    {
        $rungs = $this->ladder->exercisedBy($sum);
        foreach ($rungs as $id) {
            if ($this->generator->fits($this->ladder->rung($id), $level, $sum)) {
                return false;
            }
        }

        return [] !== $rungs;
    }
}
