<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet\Format;

use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Problem\ProblemNotRead;
use Rostik\Core\Problem\ProblemReader;
use Rostik\Core\Question\Question;
use Rostik\Core\Sheet\PlainSheet;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Work\Understanding;

/**
 * Collects the questions of a file that is read, with what is wrong with each.
 *
 * @internal to the formats
 */
final class QuestionsRead
{
    /** The most questions that a file may have. */
    public const MOST = 100;

    /** So many faults are said; whoever has more has sent something else. */
    public const FAULTS = 100;

    private const LONGEST_WORDING = ProblemReader::LONGEST;

    /** @var list<Question> */
    private array $questions = [];

    /** @var list<Fault> */
    private array $faults = [];

    public function __construct(private readonly Understanding $understanding, private readonly Intake $intake)
    {
    }

    /**
     * @param ?string $key the answer that stands in the file, to be checked; null or empty for none, or for one behind the sum's own equals sign
     *
     * @throws Refused where there are more than are read
     */
    public function add(int $line, string $sum, string $wording = '', ?string $key = null, bool $challenge = false): void
    {
        try {
            $understood = $this->understanding->of($sum);
            $read = $understood->read;
            // a problem in words that says itself which sum it is
            $wording = '' === $wording ? $understood->told->text ?? '' : $wording;
        } catch (ProblemNotRead $no) {
            $this->refuse($line, $no->getMessage().' Put the sum behind it in square brackets: [8:40 a.m. + 35 min]');

            return;
        } catch (NotUnderstood $no) {
            $this->refuse($line, $no->getMessage().' One that works: '.$no->example);

            return;
        }
        if (mb_strlen($wording, 'UTF-8') > self::LONGEST_WORDING) {
            $this->refuse($line, \sprintf('The wording is longer than %d characters.', self::LONGEST_WORDING));

            return;
        }
        $key = trim($key ?? '');
        $key = '' === $key ? $read->claimed : $key;
        if ('' !== $key) {
            $this->check($line, $read->sum, $key);
        }
        $this->questions[] = new Question($read->sum, $wording, challenge: $challenge);
        if (\count($this->questions) > self::MOST) {
            throw new Refused([...$this->faults, new Fault(0, \sprintf('A sheet has no more than %d questions; this file has more.', self::MOST))]);
        }
    }

    /** @throws Refused where there are so many faults that nothing more is read */
    public function refuse(int $line, string $message): void
    {
        $this->faults[] = new Fault($line, $message);
        if (\count($this->faults) >= self::FAULTS) {
            throw new Refused([...$this->faults, new Fault(0, \sprintf('There may be more: nothing is read after %d.', self::FAULTS))]);
        }
    }

    /** @throws Refused */
    public function sheet(string $title): PlainSheet
    {
        if ([] !== $this->faults) {
            throw new Refused($this->faults);
        }
        if ([] === $this->questions) {
            throw Refused::whole('There are no questions in it. One to a line: 1:50 pm + 3 h 30 min');
        }

        return new PlainSheet(mb_substr(trim($title), 0, 120, 'UTF-8'), $this->questions);
    }

    private function check(int $line, Sum $sum, string $key): void
    {
        $right = $this->intake->answer($sum);
        if ($key !== $right && !$this->intake->accepts($sum, $key)) {
            $this->refuse($line, \sprintf('The key says %s, but %s.', $key, '' === $right ? 'there is no one answer' : 'it is '.$right));
        }
    }
}
