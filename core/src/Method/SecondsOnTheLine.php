<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\LineJump;
use Rostik\Core\Picture\LinePicture;
use Rostik\Core\Picture\LinePoint;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\SecondElapsed;
use Rostik\Core\Sum\SecondMove;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\Unit;

/**
 * The clock to the second on a number line of minutes.
 *
 * @internal to the number line
 */
final readonly class SecondsOnTheLine
{
    /** The longest line that is drawn, in minutes. */
    public const LONGEST = 20;

    public function __construct(private Method $method)
    {
    }

    public static function isDrawn(int $seconds): bool
    {
        return abs($seconds) <= 60 * self::LONGEST;
    }

    public function work(SecondMove|SecondElapsed $sum, Writer $writer): Working
    {
        $elapsed = $sum instanceof SecondElapsed;
        if ($elapsed && (!$sum->start->halfSaid || !$sum->end->halfSaid)) {
            throw CannotBeDone::halfOfTheDayMatters();
        }
        $start = $sum->start->inSeconds();
        $end = $start + $sum->seconds();
        $from = (int) floor(min($start, $end) / 60) * 60;
        $to = max($from + 60, (int) ceil(max($start, $end) / 60) * 60);
        $point = static fn (int $at, bool $asked = false): LinePoint => new LinePoint($at, $writer->clock($sum->start->movedSeconds($at - $start)), '', $asked);
        $points = [$start => $point($start)];
        if ($elapsed) {
            $points[$end] = $point($end);
        }
        $drawn = [];
        $picture = static function () use (&$points, &$drawn, $from, $to): LinePicture {
            ksort($points);

            return new LinePicture($from, $to, 60, array_values($points), $drawn);
        };
        $steps = [new Step($elapsed ? \sprintf('Mark the start, %s, and the end, %s.', $writer->time($sum->start), $writer->time($sum->end)) : 'Start at '.$writer->time($sum->start).'.', $picture(), at: $start / 60)];
        $sizes = [];
        $sign = $elapsed ? '' : ($sum->seconds() > 0 ? '+ ' : '− ');
        foreach (Jumps::through($start, $end) as $jump) {
            $size = $writer->amount(Amount::usual(Duration::ofSeconds($jump->size())));
            $sizes[] = $size;
            $points[$jump->to] ??= $point($jump->to, !$elapsed && $jump->to === $end);
            $drawn[] = new LineJump($jump->from, $jump->to, $sign.$size, Marked::letter(0 === $jump->size() % 60 ? Unit::Minute : Unit::Second));
            $here = $writer->time($sum->start->movedSeconds($jump->to - $start));
            $steps[] = new Step(match (true) {
                JumpWhy::ToTheOClock === $jump->why && $elapsed => \sprintf('%s to the whole minute, %s.', $size, $here),
                JumpWhy::ToTheOClock === $jump->why => \sprintf('%s %s to get %sto the whole minute: %s.', $sum->seconds() > 0 ? 'Add' : 'Take', $size, $sum->seconds() > 0 ? '' : 'back ', $here),
                $elapsed => \sprintf('%s to %s.', $size, $here),
                default => \sprintf('%s %s: %s.', $sum->seconds() > 0 ? 'Add' : 'Take', $size, $here),
            }, $picture(), at: $jump->to / 60);
        }
        $answer = $elapsed
            ? new LengthAnswer(Amount::usual(Duration::ofSeconds(array_sum(array_map(static fn (LineJump $j): int => abs($j->to - $j->from), $drawn)))))
            : new TimeAnswer($sum->start->movedSeconds($end - $start), $sum->start->daysMoved((int) floor($end / 60) - $sum->start->minutes));
        $together = isset($sizes[1]) ? implode(' + ', $sizes).' = '.$writer->amount(Amount::usual(Duration::ofSeconds(abs($end - $start)))) : '';
        $steps[] = new Step(match (true) {
            $elapsed => '' === $together ? 'It is '.$writer->answer($answer).'.' : 'Altogether: '.$together.'.',
            default => ('' === $together ? '' : $together.'. ').'The answer is '.$writer->answer($answer).'.',
        }, $picture(), at: $end / 60);

        return new Working($this->method, $steps, $answer);
    }
}
