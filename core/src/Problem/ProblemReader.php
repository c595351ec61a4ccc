<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Series;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\MixedChains;
use Rostik\Core\Time\TooLong;
use Rostik\Core\Time\Unit;

/**
 * Reads a problem in plain English: which times and lengths are told and what they stand for, what is asked, and so the sums.
 * It is sure only where every time and every length of the text is used; otherwise it says what it cannot read.
 */
final readonly class ProblemReader
{
    /** The longest text that is read, in characters. */
    public const LONGEST = 1200;

    /** Of so many sentences with a time or length it is tried whether one is not needed. */
    private const MOST_TOLD = 8;

    /** The most questions of one problem. */
    private const MOST_ASKED = 8;

    /** What lasts longer than this on one clock, in minutes, is asked about. */
    private const LONG = 17 * 60;

    /** What is counted in passing. */
    private const ASIDE = '/^(?:people|persons|passengers|visitors|guests|seats|euros|pounds|pence|km|kilometres|metres|miles|degrees)$/';

    public function __construct(private Sentences $sentences, private Operations $operations, private Alternatives $alternatives, private SumReader $reader)
    {
    }

    public function read(string $text): ReadProblem
    {
        $text = trim(preg_replace('/\s+/u', ' ', $text) ?? $text);
        if ('' === $text || mb_strlen($text, 'UTF-8') > self::LONGEST) {
            return new ReadProblem($text, false, [], [], [new Remark('not-read', '' === $text ? 'There is nothing to read.' : \sprintf('That is more than %d characters. One problem at a time, please.', self::LONGEST))]);
        }
        $impossible = $this->impossible($text);
        if (null !== $impossible) {
            return new ReadProblem($text, false, [], [], [$impossible]);
        }
        $sentences = $this->sentences->of($text);
        $roles = [];
        $facts = [];
        $mentions = [];
        foreach ($sentences as $sentence) {
            foreach (Roles::of($sentence) as $sign => $role) {
                $roles[$sign] = $role;
            }
            foreach ($sentence->mentions as $mention) {
                $mentions[$mention->sign] = $mention;
                if (!\is_int($mention->value)) {
                    $facts[] = [$mention, $roles[$mention->sign]];
                }
            }
        }
        $asks = array_values(array_filter($sentences, static fn (Sentence $one): bool => $one->asks()));
        if ([] === $asks) {
            return new ReadProblem($text, false, [], $facts, [new Remark('no-question', 'Nothing is asked. A question ends with a question mark: At what time does it arrive?', mb_strlen($text, 'UTF-8'))]);
        }
        if (\count($asks) > self::MOST_ASKED) {
            return new ReadProblem($text, false, [], $facts, [new Remark('not-read', \sprintf('That asks more than %d questions. One problem at a time, please.', self::MOST_ASKED), mb_strlen($text, 'UTF-8'))]);
        }
        $telling = implode(' . ', array_map(static fn (Sentence $one): string => $one->pattern, $sentences));
        $questions = [];
        $remarks = [];
        $sure = true;
        foreach ($asks as $n => $ask) {
            // what is told after a question is not told for it
            $before = \array_slice($sentences, 0, 1 + (int) array_search($ask, $sentences, true));
            $there = array_flip(array_merge(...array_map(static fn (Sentence $one): array => array_map(static fn (Mention $m): string => $m->sign, $one->mentions), $before)));
            $found = $this->answered($ask, array_intersect_key($mentions, $there), $roles, implode(' . ', array_map(static fn (Sentence $one): string => $one->pattern, $before)), $before);
            if ([] === $found['sums'] && $n > 0) {
                // what is told since the question before, with the lengths that hold for all of them
                $since = \array_slice($before, 1 + (int) array_search($asks[$n - 1], $sentences, true));
                $own = array_flip(array_merge(...array_map(static fn (Sentence $one): array => array_map(static fn (Mention $m): string => $m->sign, $one->mentions), $since)));
                $first = array_filter($mentions, static fn (Mention $one): bool => $one->value instanceof Amount && isset($there[$one->sign]));
                $again = $this->answered($ask, array_intersect_key($mentions, $own) + $first, $roles, implode(' . ', array_map(static fn (Sentence $one): string => $one->pattern, $since)), $since);
                $found = [] === $again['sums'] ? $found : ['sure' => false] + $again;
            }
            $instead = [] !== $found['sums'] && $found['sure'] ? [] : $this->alternatives->of($found['sums'], Known::of(array_intersect_key($mentions, $there), $roles), Asked::of($ask->pattern), implode(' . ', array_map(static fn (Sentence $one): string => $one->pattern, $before)), $ask);
            $questions[] = new ReadQuestion($ask->text, $found['sums'], $instead);
            $remarks = [...$remarks, ...$found['remarks']];
            // two that ask the same sort of thing of the same facts mean different ones of them
            $alike = $n > 0 && Asked::of($ask->pattern) === Asked::of($asks[$n - 1]->pattern) && array_search($ask, $sentences, true) === (int) array_search($asks[$n - 1], $sentences, true) + 1;
            $sure = $sure && !$alike && [] !== $found['sums'] && $found['sure'];
        }
        $numbers = array_filter($mentions, static fn (Mention $one): bool => \is_int($one->value));
        $needed = array_filter($questions, static fn (ReadQuestion $one): bool => [] !== array_filter($one->sums, static fn (Sum $sum): bool => $sum instanceof Product || $sum instanceof Share || $sum instanceof Series));
        if ($sure && [] !== $numbers && [] === $needed) {
            if (null !== $first = self::counts($numbers, $sentences)) {
                // so many of that length: it cannot be passed over
                return new ReadProblem($text, false, $questions, $facts, [...$remarks, new Remark('not-read', \sprintf('What “%s” has to do with it was not understood.', $first->text), $first->at)]);
            }
            $first = $numbers[array_key_first($numbers)];
            $remarks[] = new Remark('more-than-needed', \sprintf('“%s” is not needed for the answer.', $first->text), $first->at);
        }

        return new ReadProblem($text, $sure, $questions, $facts, $remarks);
    }

    /**
     * @param array<string, Mention> $mentions
     * @param array<string, string>  $roles
     * @param list<Sentence>         $sentences
     *
     * @return array{sums: list<Sum>, sure: bool, remarks: list<Remark>}
     */
    private function answered(Sentence $ask, array $mentions, array $roles, string $telling, array $sentences): array
    {
        $wanted = Asked::of($ask->pattern);
        $known = Known::of($mentions, $roles);
        $plain = $this->asItStands($ask);
        if (null !== $plain) {
            return ['sums' => [$plain], 'sure' => true, 'remarks' => []];
        }
        if (1 === preg_match('/\bhow many days\b/', $ask->pattern) && ([] === $mentions || [] !== array_filter($mentions, static fn (Mention $one): bool => !$one->value instanceof Amount))) {
            return ['sums' => [], 'sure' => false, 'remarks' => [new Remark('ends-counted', 'Are the first and the last day counted, or only one of them?')]];
        }
        $otherwise = self::inOtherUnits($mentions, $ask);
        if (null !== $otherwise) {
            return $this->checked([$otherwise], $known, $wanted, $sentences);
        }
        if (Asked::Unclear === $wanted) {
            return $this->notRead('It is not clear what is asked: a time, how long it is, or how much longer?');
        }
        $all = \in_array($wanted, [Asked::Wait, Asked::Left, Asked::More, Asked::HowOften], true) || 1 === preg_match('/\bL\d+ (?:longer|slower|shorter|faster|quicker)\b/', $telling) ? null : $this->allThree($known, $telling);
        if (null !== $all) {
            return ['sums' => [], 'sure' => false, 'remarks' => [$all]];
        }
        try {
            $sums = $this->operations->sums($wanted, $known, $telling, $ask);
        } catch (CannotBeDone|MixedChains|TooLong $cannot) {
            return ['sums' => [], 'sure' => false, 'remarks' => [new Remark('nothing', $cannot->getMessage())]];
        }
        if (null === $sums) {
            $fewer = $this->withoutOneSentence($wanted, $ask, $mentions, $roles, $telling, $sentences);
            if (null !== $fewer) {
                return $fewer;
            }
            $count = \count($known->times) + \count($known->lengths);

            return 1 === $count
                ? ['sums' => [], 'sure' => false, 'remarks' => [new Remark('not-enough', 'Only one time is given: something is missing.')]]
                : $this->notRead(0 === $count ? 'No time and no length is told.' : 'How the times and lengths go together was not understood. Which sum is it?');
        }

        return $this->checked($sums, $known, $wanted, $sentences);
    }

    /**
     * A question that is a change of units by itself: "How many minutes are there in 2 hours and 45 minutes?".
     */
    private function asItStands(Sentence $ask): ?Conversion
    {
        if (1 !== \count($ask->mentions) || 1 !== preg_match('/\b(?:how many|how long|how much|what) /i', $ask->text)) {
            return null;
        }
        try {
            $sum = $this->reader->read($ask->text)->sum;
        } catch (NotUnderstood) {
            return null;
        }

        return $sum instanceof Conversion && $sum->isExact() ? $sum : null;
    }

    /**
     * The one length that is told, in other units: "How long is that in hours and minutes?", "How many minutes is that?".
     *
     * @param array<string, Mention> $mentions
     */
    private static function inOtherUnits(array $mentions, Sentence $ask): ?Conversion
    {
        $values = array_values(array_map(static fn (Mention $one): mixed => $one->value, $mentions));
        $length = $values[0] ?? null;
        if (1 !== \count($values) || !$length instanceof Amount || [] !== $ask->mentions) {
            return null;
        }
        $units = '(seconds|minutes|hours|days|weeks|months|years)';
        if (1 !== preg_match('/^(?:and )?(?:how (?:long|much)|what) (?:is|was|are) (?:that|this|it) in '.$units.'(?: and '.$units.')? ?\?$|^(?:and )?how many '.$units.'(?: and '.$units.')? (?:is|was|are|were|does) (?:that|this|it)(?: last| take| make)? ?\?$/', rtrim($ask->pattern, ' ?').'?', $found)) {
            return null;
        }
        $asked = array_map(static fn (string $word): Unit => Unit::from(['seconds' => 's', 'minutes' => 'min', 'hours' => 'h'][$word] ?? rtrim($word, 's')), array_values(array_filter(\array_slice($found, 1))));
        usort($asked, static fn (Unit $one, Unit $other): int => $other->size() <=> $one->size());
        $first = $asked[0] ?? throw new \LogicException('One unit is asked for.');
        if ($first->chain() !== $length->largest()->chain()) {
            return null;
        }

        return Conversion::of($length, false, ...$asked);
    }

    /**
     * What the sum is when one sentence is not needed for it; null where there is none such, or several.
     *
     * @param array<string, Mention> $mentions
     * @param array<string, string>  $roles
     * @param list<Sentence>         $sentences
     *
     * @return ?array{sums: list<Sum>, sure: bool, remarks: list<Remark>}
     */
    private function withoutOneSentence(Asked $wanted, Sentence $ask, array $mentions, array $roles, string $telling, array $sentences): ?array
    {
        $told = array_filter($sentences, static fn (Sentence $one): bool => [] !== $one->mentions && $one !== $ask);
        if (\count($told) > self::MOST_TOLD) {
            return null;
        }
        $found = null;
        foreach ($told as $sentence) {
            $left = array_diff_key($mentions, array_flip(array_map(static fn (Mention $m): string => $m->sign, $sentence->mentions)));
            try {
                $sums = $this->operations->sums($wanted, Known::of($left, $roles), str_replace($sentence->pattern, '', $telling), $ask);
            } catch (CannotBeDone|MixedChains|TooLong) {
                continue;
            }
            if (null !== $sums) {
                if (null !== $found) {
                    return null;
                }
                $checked = $this->checked($sums, Known::of($left, $roles), $wanted, $sentences);
                $first = $sentence->mentions[0];
                $found = ['sums' => $checked['sums'], 'sure' => false, 'remarks' => [...$checked['remarks'], new Remark('more-than-needed', \sprintf('“%s” may not be needed for the answer.', $first->text), $first->at)]];
            }
        }

        return $found;
    }

    /**
     * A number that cannot be passed over: it stands beside a time or a length or in the question, or one of what it counts is spoken
     * of elsewhere.
     *
     * @param array<string, Mention> $numbers
     * @param list<Sentence>         $sentences
     */
    private static function counts(array $numbers, array $sentences): ?Mention
    {
        $all = implode(' . ', array_map(static fn (Sentence $one): string => $one->pattern, $sentences));
        foreach ($sentences as $sentence) {
            foreach ($sentence->mentions as $mention) {
                // three rowers, and three lengths behind them
                $listed = 1 === preg_match('/\b'.$mention->sign.' \w+ \w+(?: for)? (L\d+(?: ,? ?(?:and )?L\d+)+)(?! each\b)/', $sentence->pattern, $list) ? substr_count($list[1], 'L') : 0;
                if (!isset($numbers[$mention->sign]) || ($listed > 1 && $mention->value === $listed)) {
                    continue;
                }
                preg_match('/\b'.$mention->sign.' (?:of (?:them|these|those)|(\w+))/', $sentence->pattern, $noun);
                $stem = rtrim($noun[1] ?? '', 's');
                $beside = 1 !== preg_match(self::ASIDE, $noun[1] ?? '') && [] !== array_filter($sentence->mentions, static fn (Mention $other): bool => !\is_int($other->value));
                if ($beside || $sentence->asks() || !isset($noun[1]) || 1 === preg_match('/\b(?:one|an?|each|every|per) (?:\w+ )?'.preg_quote($stem, '/').'(?:s|es)?\b/', $all)) {
                    return $mention;
                }
            }
        }

        return null;
    }

    /** Start, end and length are all told: then nothing is left to find, or they do not agree. */
    private function allThree(Known $known, string $telling): ?Remark
    {
        $length = array_keys($known->lengthRoles, 'lasts', true);
        if (2 !== \count($known->times) || 1 !== \count($known->lengths) || [0] !== $length || ['start', 'end'] !== $known->timeRoles || !$known->times[0]->halfSaid || !$known->times[1]->halfSaid) {
            return null;
        }

        // the length may be that of something else
        if (1 !== preg_match('/\b(?:lasts?|lasted|takes?|took|is|was|(?:walk|journey|ride|trip|stay|lesson) of)\b[^.]*\bL\d+|\bfor L\d+ , from T/', $telling)) {
            return null;
        }

        return Elapsed::of($known->times[0], $known->times[1])->answer()->amount->duration->count === $known->lengths[0]->duration->count
            ? new Remark('answer-given', 'Start, end and length are all told: the answer stands in the question.')
            : new Remark('contradiction', 'Start, end and length are all told, and they do not agree.');
    }

    /**
     * @param list<Sum>      $sums
     * @param list<Sentence> $sentences
     *
     * @return array{sums: list<Sum>, sure: bool, remarks: list<Remark>}
     */
    private function checked(array $sums, Known $known, Asked $wanted, array $sentences): array
    {
        foreach ($sums as $sum) {
            if ([] !== $sum->readings()) {
                $same = $sum->readings()[0]->sum;

                return ['sums' => isset($sums[1]) ? [] : [$same], 'sure' => false, 'remarks' => [new Remark('half-missing', 'It depends on whether a.m. or p.m. is meant.')]];
            }
        }
        foreach ($known->times as $time) {
            if (!$time->halfSaid) {
                return ['sums' => $sums, 'sure' => false, 'remarks' => [new Remark('half-missing', 'a.m. or p.m. is not said.')]];
            }
        }
        $last = $sums[\count($sums) - 1];
        if ($last instanceof Elapsed && $last->start->minutes === $last->end->minutes && $last->start->second === $last->end->second) {
            return ['sums' => [], 'sure' => false, 'remarks' => [new Remark('nothing', 'It begins and ends at the same time.'), ...(Asked::Wait === $wanted ? [] : [new Remark('half-missing', 'Is a.m. or p.m. right for both?')])]];
        }
        try {
            if (isset($sums[1])) {
                InTurn::of($sums[0], $sums[1], ...\array_slice($sums, 2));
            }
            $answer = $last->answer();
        } catch (CannotBeDone $cannot) {
            return ['sums' => [], 'sure' => false, 'remarks' => [new Remark('nothing', $cannot->getMessage())]];
        } catch (\InvalidArgumentException) {
            return $this->notRead('How the times and lengths go together was not understood. Which sums are they?');
        }
        $all = implode(' ', array_map(static fn (Sentence $one): string => $one->text, $sentences));
        if ($last instanceof Elapsed && $last->overMidnight() && 1 === preg_match('/\bsame (?:morning|afternoon|evening|day)\b/i', $all)) {
            return ['sums' => [], 'sure' => false, 'remarks' => [new Remark('contradiction', 'It ends before it begins, on the same day.')]];
        }
        if ($last instanceof Elapsed && $last->minutes() > self::LONG) {
            return ['sums' => $sums, 'sure' => false, 'remarks' => [new Remark('half-missing', 'That would be very long. Is a.m. or p.m. right for both?')]];
        }
        if ($answer instanceof LengthAnswer && 0 === $answer->amount->duration->count) {
            return ['sums' => [], 'sure' => false, 'remarks' => [new Remark('nothing', 'The answer is nothing at all: 0 min.')]];
        }
        // "p.m." ends no sentence
        $all = preg_replace('/\b([ap])\.m\.(?= [a-z])|\b([ap])\.m\.(?=,)/', '$1$2m', $all) ?? $all;
        if (1 === preg_match('/(?:^|[.!?] )If [^?]*\. /', $all)) {
            return $this->notRead('It says “if”: which of the ways is it?');
        }
        // what was asked before is another matter
        $patterns = implode(' . ', array_map(static fn (Sentence $one): string => $one->pattern, array_filter($sentences, static fn (Sentence $one): bool => !$one->asks() || $one === $sentences[\count($sentences) - 1])));
        $doubt = [] === $sums ? null : Doubts::in($patterns, $sums);
        if (null !== $doubt) {
            return ['sums' => $sums, 'sure' => false, 'remarks' => [new Remark('not-read', \sprintf('What “%s” has to do with it was not understood.', $doubt))]];
        }
        // about what is only guessed at nothing is sure
        $vague = 1 === preg_match('/\b(?:about|around the time|almost|nearly|some|or|a little)\b|^if\b.*[^?]$|[.!] If\b[^?]*\./i', preg_replace('/a\.m\. or p\.m\./', '', $all) ?? $all);

        return ['sums' => $sums, 'sure' => !$vague, 'remarks' => $vague ? [new Remark('about', 'One of the numbers is not exact.')] : []];
    }

    /** @return array{sums: list<Sum>, sure: bool, remarks: list<Remark>} */
    private function notRead(string $why): array
    {
        return ['sums' => [], 'sure' => false, 'remarks' => [new Remark('not-read', $why)]];
    }

    /** A time that no clock shows. */
    private function impossible(string $text): ?Remark
    {
        if (1 === preg_match('/\b(?:\d{1,2}[:.][6-9]\d(?=\s*[ap]\.?\s?m\b|\s*o.clock\b)|\d{1,2}:[6-9]\d|(?:1[3-9]|2\d)[:.]\d\d\s*[ap]\.?\s?m\b|(?:2[4-9]|[3-9]\d):\d\d)/i', $text, $found, \PREG_OFFSET_CAPTURE)) {
            return new Remark('impossible-time', \sprintf('No clock shows %s.', $found[0][0]), mb_strlen(substr($text, 0, $found[0][1]), 'UTF-8'));
        }

        return null;
    }
}
