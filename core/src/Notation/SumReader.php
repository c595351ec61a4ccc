<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\OpenSum;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\MixedChains;
use Rostik\Core\Time\StatedTime;

/** Reads a sum from one line of text, the way a teacher would say or write it. */
final readonly class SumReader
{
    /** Longest line that is read, in characters. */
    public const LONGEST = 300;

    public function __construct(
        private Forms $forms,
        private TimeReader $times = new TimeReader(),
        private LengthReader $lengths = new LengthReader(),
        private Complaints $complaints = new Complaints(),
    ) {
    }

    public static function standard(): self
    {
        return new self(Forms::standard());
    }

    /** @throws NotUnderstood */
    public function read(string $typed): ReadSum
    {
        $quick = Shorthand::read($typed);

        return null !== $quick ? new ReadSum($quick, []) : $this->readByForms($typed);
    }

    /**
     * The same by trying every form, whatever the shape of the line.
     *
     * @throws NotUnderstood
     */
    public function readByForms(string $typed): ReadSum
    {
        if (mb_strlen($typed, 'UTF-8') > self::LONGEST) {
            throw new NotUnderstood('too-long', \sprintf('That is more than %d characters. One sum at a time, please.', self::LONGEST), self::LONGEST, '3:45 pm + 2 h 30 min');
        }
        $line = new Line($typed, $this->times, $this->lengths);
        $refused = null;
        foreach ($this->forms->all() as $form) {
            try {
                $sum = $form->read($line)[0] ?? null;
                if (null !== $sum) {
                    return $this->settled($sum);
                }
            } catch (CannotBeDone $cannot) {
                $refused ??= new NotUnderstood($cannot->reason, $cannot->getMessage(), $line->words->characters($line->start), $cannot->example);
            } catch (MixedChains $mixed) {
                $refused ??= new NotUnderstood('months-and-days', $mixed->getMessage(), $line->words->characters($line->start), '1 year 4 months + 9 months');
            }
        }

        throw $refused ?? $line->words->complaint ?? $this->complaints->about($line);
    }

    /** Beside a time that is surely 24-hour, one without a.m. or p.m. is 24-hour too: 10:30 to 14:15. */
    private function settled(Sum $sum): ReadSum
    {
        if (!$sum instanceof OpenSum) {
            return new ReadSum($sum, []);
        }
        $open = false;
        $has24 = false;
        foreach ($sum->times() as $time) {
            $open = $open || !$time->halfSaid;
            $has24 = $has24 || ClockForm::TwentyFour === $time->form;
        }
        if (!$open || !$has24) {
            return new ReadSum($sum, []);
        }
        $settled = $sum->withTimes(...array_map(static fn (StatedTime $t): StatedTime => $t->as24(), $sum->times()));

        return new ReadSum($settled, [new Note('read-as-24h', 'Both times are taken as 24-hour times.')]);
    }
}
