<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Time\Unit;

/** A typed line with the times and lengths that begin at each of its places; each is looked for only once. */
final class TypedLine
{
    /** Words with which a question begins, or that stand between, and say nothing of the sum itself. */
    private const ASIDES = ['what' => true, 'is' => true, 'what\'s' => true, 'how' => true, 'long' => true, 'it' => true, 'it\'s' => true, 'find' => true, 'many' => true, 'work' => true, 'out' => true, 'calculate' => true, 'from' => true, 'the' => true,
        'time' => true, 'was' => true, 'will' => true, 'be' => true, 'would' => true, 'does' => true, 'do' => true, 'duration' => true, 'elapsed' => true, 'length' => true, 'of' => true, 'answer' => true, 'solve' => true, 'please' => true, 'tell' => true, 'me' => true,
        'convert' => true, 'change' => true, 'write' => true, 'express' => true, 'rewrite' => true, 'turn' => true, 'give' => true, 'show' => true, 'say' => true, 'starting' => true, 'start' => true, 'did' => true, 'you' => true, 'we' => true, 'finish' => true, 'end' => true, 'last' => true, 'lasts' => true, 'takes' => true, 'took' => true, ':' => true, ';' => true, ',' => true];

    /** Words and signs that may follow a whole sum. */
    private const TAILS = ['=' => true, '?' => true, '_' => true, '.' => true, ':' => true, '!' => true, ';' => true, ',' => true, 'altogether' => true, 'equals' => true, 'equal' => true, 'please' => true, 'each' => true, 'is' => true, 'makes' => true, 'now' => true, 'exactly' => true];

    /** @var array<int, list<TimeReading>> */
    private array $times = [];

    /** @var array<int, LengthReading|null> */
    private array $lengths = [];

    /** @var list<Note> what a form took for granted while reading */
    public array $notes = [];

    public readonly Words $words;

    /** The place of the first word that matters: after "what is", "how long is it from". */
    public readonly int $start;

    /** Whether it begins with "is", as in "is 2 h longer than 130 min?", which is no sum of the two. */
    public readonly bool $asksWhether;

    /** Whether "how many" came before it. */
    public readonly bool $asksHowMany;

    /** Whether "from" came before it, so that what follows is a stretch from one time to another. */
    public readonly bool $saysFrom;

    public function __construct(public readonly string $typed, private readonly TimeReader $timeReader, private readonly LengthReader $lengthReader, bool $pointBeforeMinutes = false, bool $fourAreHours = false)
    {
        $this->words = Words::of($typed, $pointBeforeMinutes, $fourAreHours);
        $i = $this->afterBlankAndEquals();
        $from = false;
        $many = false;
        $much = false;
        while (isset(self::ASIDES[$this->words->at($i)]) || ($this->words->is($i, 'much') && $this->words->is($i + 1, 'time')) || ($this->words->is($i, 'taken') && $this->words->is($i - 1, 'time')) || ($i > 0 && $much && $this->words->is($i, 'has', 'have', 'passed', 'passes', 'pass', 'there', 'take'))) {
            $much = $much || $this->words->is($i, 'much', 'long');
            $from = $from || $this->words->is($i, 'from');
            $many = $many || $this->words->is($i, 'many');
            ++$i;
        }
        $journey = $much ? $this->pastWhatLasts($i) : $i;
        $from = $from || $journey > $i;
        $this->start = $journey;
        $this->asksWhether = $this->words->is(0, 'is', 'are', 'was');
        $this->saysFrom = $from;
        $this->asksHowMany = $many;
    }

    /** Whether a word is one of those that begin a question, stand between, or follow a sum: no slip, and no stranger. */
    public static function isPassedOver(string $word): bool
    {
        return isset(self::ASIDES[$word]) || isset(self::TAILS[$word]);
    }

    /** @return list<TimeReading> */
    public function times(int $i): array
    {
        return $this->times[$i] ??= $this->timeReader->at($this->words, $i);
    }

    public function length(int $i): ?LengthReading
    {
        if (!\array_key_exists($i, $this->lengths)) {
            $this->lengths[$i] = $this->lengthReader->at($this->words, $i);
        }

        return $this->lengths[$i];
    }

    /** A length with "to" after it that does not belong to it: add 20 min to 3 pm. */
    public function lengthBeforeTo(int $i): ?LengthReading
    {
        return $this->lengthReader->at($this->words, $i, false, true);
    }

    /** What a stopwatch shows, 1:05:30, which elsewhere is a time of day. */
    public function stopwatch(int $i): ?LengthReading
    {
        return $this->lengthReader->stopwatch($this->words, $i);
    }

    /** A length as an item of a list, where a comma or "and" ends it. */
    public function item(int $i): ?LengthReading
    {
        return $this->lengthReader->at($this->words, $i, true);
    }

    /** Whether the line ends here, apart from an equals sign with blanks after it, a question mark or a full stop. */
    public function endsAt(int $i): bool
    {
        $count = $this->words->count;
        $equals = false;
        while ($i < $count) {
            $here = $this->words->at($i);
            if (isset(self::TAILS[$here])) {
                $equals = $equals || '=' === $here;
                ++$i;
            } elseif ('in' === $here && $this->words->is($i + 1, 'all', 'total')) {
                $i += 2;
            } elseif (('in' === $here || 'into' === $here) && 0 !== $next = $this->pastHoursAndMinutes($i + 1)) {
                $i = $next;
            } elseif ('what' === $here || 'how' === $here) {
                return $this->onlyAsks($i);
            } elseif ($equals && '_' === $this->words->at($i - 1) && (null !== $this->words->unit($i) || Words::HALF === $this->words->type($i))) {
                // = ___ h ___ min
                ++$i;
            } else {
                return false;
            }
        }

        return true;
    }

    /** The place after one of these words or signs ("take away" counts as one), or 0 where none of them stands here. */
    public function after(int $i, string ...$any): int
    {
        $texts = $this->words->texts;
        if (!isset($texts[$i])) {
            return 0;
        }
        $here = $texts[$i];
        foreach ($any as $one) {
            if ($here === $one) {
                return $i + 1;
            }
            if ($here[0] === $one[0] && 0 < $words = substr_count($one, ' ')) {
                if ($one === implode(' ', \array_slice($texts, $i, $words + 1))) {
                    return $i + $words + 1;
                }
            }
        }

        return 0;
    }

    /** Whether < or > was typed here, which is not the head of an arrow. */
    public function saysSign(int $i): bool
    {
        return $this->words->is($i, '<', '>') && !$this->words->is($i - 1, '-', '=') && 1 !== preg_match('/[→➔➜⟶⇒≤≥]/u', $this->typed);
    }

    /** The place after as many of these words and signs as stand here. */
    public function past(int $i, string ...$any): int
    {
        while ($this->words->is($i, ...$any)) {
            ++$i;
        }

        return $i;
    }

    /** The place after words that say nothing of the sum. */
    public function pastAsides(int $i): int
    {
        while (isset(self::ASIDES[$this->words->at($i)]) || $this->words->is($i, '.')) {
            ++$i;
        }

        return $i;
    }

    /** A blank, drawn with several strokes or as a question mark: the place after it, or 0 where none stands here. */
    public function afterBlank(int $i): int
    {
        $next = $this->past($i, '_', '?');

        return $next > $i ? $next : 0;
    }

    /** "A lesson from" in "how long is a lesson from 9:20 to 10:05": the place of the first time, or the same place where it is not so. */
    private function pastWhatLasts(int $i): int
    {
        for ($j = $i; $j < $i + 6 && Words::WORD === $this->words->type($j); ++$j) {
            if ($this->words->is($j, 'from', 'between')) {
                return $j > $i ? ($this->words->is($j, 'from') ? $j + 1 : $j) : $i;
            }
            if (null !== $this->words->unit($j) && $j > $i || null !== NumberWords::at($this->words, $j) || $this->words->is($j, 'half', 'quarter', 'noon', 'midday', 'midnight', 'than')) {
                return $i;
            }
        }

        return $i;
    }

    /** The place after "hours and minutes", in which an answer is given anyhow; 0 where it does not stand here. */
    private function pastHoursAndMinutes(int $i): int
    {
        $next = $this->past($i + 1, 'and', '&');

        return Unit::Hour === $this->words->unit($i) && Unit::Minute === $this->words->unit($next) ? $next + 1 : 0;
    }

    /** "… how long is it?", "… what time will it be then": whether nothing but a question stands from here on. */
    private function onlyAsks(int $i): bool
    {
        if ($this->words->is($i - 1, 'before', 'after', 'than', 'of', 'from', 'to', 'until', 'past')) {
            // 9 am is 20 min before what time?
            return false;
        }
        for (; $i < $this->words->count; ++$i) {
            $here = $this->words->at($i);
            if (!isset(self::ASIDES[$here]) && !isset(self::TAILS[$here]) && !$this->words->is($i, 'much', 'that', 'then', 'there', 'passed', 'passes', 'has', 'have')) {
                return false;
            }
        }

        return true;
    }

    /** "___ = 3 pm + 2 h" is the sum behind the equals sign; "___ min = 3 h" is a sum of its own. */
    private function afterBlankAndEquals(): int
    {
        $next = $this->past(0, '_', '?');

        return $next > 0 && $this->words->is($next, '=') ? $next + 1 : 0;
    }
}
