<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\NumberAnswer;
use Rostik\Core\Sum\TimeAnswer;

/**
 * The sentence that answers the question of a problem: "When does the ferry arrive?" - "The ferry arrives at 11:15 a.m." One of
 * the stories of Rostik has its own; to a question of somebody else it is turned round, and where that cannot be done without
 * a guess it is "It is 11:15 a.m.".
 */
final readonly class AnswerSentence
{
    /** Verbs in the form in which a question has them, with what they are in the past where that is not "-ed". */
    private const VERBS = ['arrive' => '', 'leave' => 'left', 'start' => '', 'begin' => 'began', 'end' => '', 'finish' => '', 'stop' => 'stopped', 'reach' => '', 'get' => 'got', 'take' => 'took', 'last' => '', 'come' => 'came', 'go' => 'went', 'return' => '', 'be' => 'was', 'open' => '', 'close' => '', 'sail' => '', 'set' => 'set', 'wake' => 'woke', 'sleep' => 'slept', 'work' => '', 'wait' => '', 'stay' => '', 'spend' => 'spent', 'need' => '', 'travel' => 'travelled', 'walk' => '', 'run' => 'ran', 'swim' => 'swam', 'read' => 'read', 'play' => '', 'paint' => '', 'land' => '', 'dock' => '', 'depart' => '', 'board' => '', 'burn' => '', 'have' => 'had', 'do' => 'did', 'cross' => '', 'tie' => 'tied', 'ride' => 'rode', 'cycle' => '', 'drive' => 'drove', 'sit' => 'sat', 'watch' => '', 'practise' => '', 'train' => '', 'rest' => '', 'catch' => 'caught', 'meet' => 'met', 'put' => 'put', 'pack' => '', 'help' => '', 'mend' => '', 'count' => '', 'move' => '', 'rise' => 'rose', 'shut' => 'shut', 'use' => '', 'light' => 'lit', 'serve' => '', 'sound' => '', 'switch' => '', 'hang' => 'hung', 'keep' => 'kept', 'row' => '', 'hike' => '', 'climb' => '', 'cook' => '', 'bake' => '', 'eat' => 'ate', 'draw' => 'drew', 'write' => 'wrote', 'sing' => 'sang', 'dance' => '', 'learn' => '', 'study' => 'studied', 'fall' => 'fell', 'feed' => 'fed', 'lie' => 'lay', 'show' => '', 'say' => 'said', 'turn' => '', 'call' => '', 'ring' => 'rang', 'drop' => 'dropped', 'pass' => '', 'dry' => 'dried', 'cool' => '', 'look' => '', 'rain' => ''];

    /** They stand before another verb. */
    private const WITH_ANOTHER = ['go', 'come', 'help', 'keep', 'get', 'stop', 'have', 'need', 'begin', 'start'];

    private const PRONOUN = 'it|he|she|they|we|you|that|everything|everybody';

    /** What stands at the end, behind the length. */
    private const LAST_WORDS = 'altogether|in all|in total|together|on (?:that|the|each) day|that day|each day|in a day|in a week|in the day|on a weekday';

    /** What follows a form of "be" and closes the subject before it. */
    private const STATES = 'ready|over|due|back|done|finished|free|open|closed|lit|home|dry|there|out|in|on|off|up|hung|put|covered|under|at|late|early|gone|full|empty|awake|asleep|safe|passable|delivered|cooked|baked|stopped|switched|tied|landed|used|spent|worked|left|wound|dark|hired|away|without|clean|dirty|warm|cool|cold|hot|complete|whole|quiet|calm|filled|well|busy|happy|tired|ill|home';

    /** What has a length of its own: the wait at the quay is so long. */
    private const LASTING = 'wait|break|pause|journey|trip|walk|lesson|film|crossing|ride|flight|match|show|meeting|visit|stay|holiday|drive|tour|rest';

    public function __construct(private Stories $stories)
    {
    }

    /**
     * @param string $words   the problem as it is told
     * @param string $ask     the question in it, with its question mark
     * @param string $written its answer, as it is written; may be marked
     */
    public function of(string $words, string $ask, Answer $answer, string $written): string
    {
        return $this->ofAStory($words, $written) ?? $this->turnedRound($ask, $answer, $written) ?? self::plainly($answer, $written);
    }

    /** In a story the day is not said: it is the next morning. */
    public static function withoutItsDay(Answer $answer): Answer
    {
        return $answer instanceof TimeAnswer ? new TimeAnswer($answer->time, 0) : $answer;
    }

    /** One of Rostik's own stories, told as it stands in its file. */
    private function ofAStory(string $words, string $written): ?string
    {
        foreach ($this->stories->all() as $frame) {
            foreach ($frame->wordings as $wording) {
                $said = $wording->saidIn($words);
                if (null !== $said) {
                    return Wording::filled($wording->sentence, [$frame->shape->found() => $written] + $said);
                }
            }
        }

        return null;
    }

    private function turnedRound(string $ask, Answer $answer, string $written): ?string
    {
        $ask = trim(preg_replace('/^(?:[a-d]\)|\d\)|\([a-d]\))\s*/', '', $ask) ?? $ask);
        if (1 !== preg_match('/^([^?]+)\?$/', $ask, $all) || 1 === preg_match('/[.,;:] |\bif\b/i', $all[1])) {
            return null;
        }
        $asked = $all[1];
        if ($answer instanceof TimeAnswer && 1 === preg_match('/^(?:at )?(?:what|which) time (.+)$|^when (.+)$/i', $asked, $found)) {
            return $this->said($found[2] ?? $found[1], 'at '.$written);
        }
        if (!$answer instanceof LengthAnswer) {
            return null;
        }
        if (1 === preg_match('/^how (?:much )?(longer|shorter|earlier|later|faster|slower) (is|was|did|does) (.+?)( (?:than|in|on) .+)?$/i', $asked, $found)) {
            $longer = $written.' '.$found[1].($found[4] ?? '');
            if (\in_array(strtolower($found[2]), ['is', 'was'], true) && 1 === preg_match('/^(.+?) ((?:open|closed|shut|lit|covered|under|dark|away|free|full|empty|passable)\b.*)$/i', $found[3], $state)) {
                return self::sentence($state[1].' '.$found[2].' '.$state[2].' '.$longer);
            }

            return \in_array(strtolower($found[2]), ['is', 'was'], true) ? self::sentence($found[3].' '.$found[2].' '.$longer) : $this->said($found[2].' '.$found[3], $longer, true);
        }
        if (1 === preg_match('/^how much time (is|was) left( .+)?$/i', $asked, $found)) {
            return ucfirst($written).' '.$found[1].' left'.($found[2] ?? '').'.';
        }
        if (1 === preg_match('/^how (?:many minutes )?(late|early) (is|was) (.+)$/i', $asked, $found)) {
            return self::sentence($found[3].' '.$found[2].' '.$written.' '.$found[1]);
        }
        if (1 === preg_match('/^how (?:many (?:hours|minutes|hours and minutes)|long|much time) is (that|this)( (?:in|altogether|together|later|earlier|longer|shorter)\b.*)?$/i', $asked, $found)) {
            return self::sentence($found[1].' is '.$written.($found[2] ?? ''));
        }
        if (1 === preg_match('/^(?:for )?how long (.+)$/i', $asked, $found)) {
            if (1 === preg_match('/^(is|was) ((?:the|a|an|each|his|her|its|their|this|that) (?:\S+ )?(?:'.self::LASTING.')(?: .+)?)$/i', $found[1], $be) && 1 !== preg_match('/ (?:long|over) ?/i', $be[2])) {
                return ucfirst($be[2]).' '.$be[1].' '.$written.' long.';
            }
            if (1 === preg_match('/^(is|was) ((?:the|a|an|each|his|her|its|their|this|that) .+|it)$/i', $found[1], $be) && 1 !== preg_match('/ (?:'.self::STATES.') ?| to /i', $be[2])) {
                return ucfirst($be[2]).' '.$be[1].' '.$written.' long.';
            }

            return $this->said($found[1], $written, true);
        }

        return null;
    }

    /**
     * "does the ferry arrive at the quay" and "at 11:15 a.m.": the words in the order of a statement.
     *
     * @param bool $lasting whether it is a length of time, which stands right behind "take" and behind "for" with other verbs
     */
    private function said(string $asked, string $what, bool $lasting = false): ?string
    {
        if (1 !== preg_match('/^(does|do|did|will|must|should|can|could|has to|have to|is|are|was|were) (.+)$/i', $asked, $found)) {
            return null;
        }
        [, $help, $rest] = [...$found];
        $help = strtolower($help);
        if (\in_array($help, ['is', 'are', 'was', 'were'], true)) {
            if (1 === preg_match('/^(?:it|that|this)$/i', $rest)) {
                // when is it? at which time is that?
                return self::sentence($what);
            }
            if (1 === preg_match('/^it (now|really|then)$/i', $rest, $adverb)) {
                return self::sentence('it '.$help.' '.$adverb[1].' '.preg_replace('/^at /', '', $what));
            }
            if (!$lasting && 1 === preg_match('/^it (.+ (?:ago|earlier|later|before|after|before that|after that))$/i', $rest, $away)) {
                return self::sentence('it '.$help.' '.preg_replace('/^at /', '', $what).' '.$away[1]);
            }
            if ($lasting && 1 === preg_match('/^it (?:still |now )?((?:until|till|to) .+)$/i', $rest, $until)) {
                return self::sentence('it '.$help.' '.(str_contains($rest, ' still ') ? 'still ' : '').$what.' '.$until[1]);
            }
            if (1 === preg_match('/^it (?:from|until|till|to|between|after|before|without|since)\b/i', $rest)) {
                return null;
            }
            if (1 !== preg_match('/^('.self::PRONOUN.') (.+)$/i', $rest, $parts) && 1 !== preg_match('/^(.+?) ((?:'.self::STATES.')\b.*)$/i', $rest, $parts)) {
                return !$lasting && 1 === preg_match('/^[^ ]+(?: [^ ]+){0,3}$/', $rest) ? self::sentence($rest.' '.$help.' '.$what) : null;
            }

            [$more, $end] = self::apart(' '.$parts[2]);

            return self::sentence($parts[1].' '.$help.$more.' '.($lasting ? 'for ' : '').$what.$end);
        }
        $verbs = implode('|', array_keys(self::VERBS));
        // the verb is the first word that can be one behind the subject, which has one word at least
        $alone = 1 === preg_match('/^('.self::PRONOUN.'|each|both|all)((?: have| has)? to)? ('.$verbs.')\b(.*)$/i', $rest, $one);
        if ($alone) {
            $parts = [$rest, $one[1].$one[2], $one[3], $one[4]];
        } elseif (1 !== preg_match('/^((?:(?:the|a|an|his|her|its|their|this|that|each|all|both) )?\S+(?: (?!(?:'.$verbs.')\b)\S+)*?(?: have| has)?(?: to)?) ('.$verbs.')\b(.*)$/i', $rest, $parts)) {
            return null;
        }
        [, $subject, $verb, $more] = [...$parts];
        if ('' !== $more && ' ' !== $more[0]) {
            return null;
        }
        // "the whole walk take": the one behind it is the verb
        if (!$alone && 'be' !== strtolower($verb) && !\in_array(strtolower($verb), self::WITH_ANOTHER, true) && 1 === preg_match('/^ ('.$verbs.')\b(.*)$/i', $more, $next)) {
            [$subject, $verb, $more] = [$subject.' '.$verb, $next[1], $next[2]];
        }
        $must = 1 === preg_match('/^(.+) (?:have|has) to$/', $subject, $had) ? $had[1] : null;
        $subject = $must ?? $subject;
        $verb = strtolower($verb);
        $said = match (true) {
            null !== $must => ('does' === $help ? 'has to ' : ('did' === $help ? 'had to ' : 'have to ')).$verb,
            'does' === $help => self::third($verb),
            'do' === $help => $verb,
            'did' === $help => self::past($verb),
            default => $help.' '.$verb,
        };
        if (!$lasting && (('be' === $verb && 1 === preg_match('/^(?:it|the time)$/i', $subject) && 1 === preg_match('/^(?: (?:in|after|then|later|now|when|before)\b.*)?$/i', $more)) || (\in_array($verb, ['show', 'say', 'read'], true) && 1 === preg_match('/\b(?:it|clock|watch)$/i', $subject)))) {
            // it will be 7:25 p.m. in 40 minutes; the clock shows 7:25 p.m.
            return self::sentence($subject.' '.$said.' '.preg_replace('/^at /', '', $what).$more);
        }
        if (!$lasting) {
            return self::sentence($subject.' '.$said.$more.' '.$what);
        }
        if (\in_array($verb, ['take', 'last', 'need', 'spend', 'have'], true)) {
            return self::sentence($subject.' '.$said.' '.$what.$more);
        }

        [$more, $end] = self::apart($more);

        return self::sentence($subject.' '.$said.$more.' for '.$what.$end);
    }

    /** @return array{string, string} what stands before the length and what behind it */
    private static function apart(string $more): array
    {
        return 1 === preg_match('/^(.*?)( (?:'.self::LAST_WORDS.'))$/i', $more, $found) ? [$found[1], $found[2]] : [$more, ''];
    }

    private static function plainly(Answer $answer, string $written): string
    {
        return self::sentence(match (true) {
            $answer instanceof TimeAnswer, $answer instanceof LengthAnswer => 'It is '.$written,
            $answer instanceof NumberAnswer => 'It is '.$written.' times',
            default => $written,
        });
    }

    private static function sentence(string $text): string
    {
        $text = ucfirst(trim($text));

        return preg_replace('/\.m\.(\}?)\.$/', '.m.$1', $text.'.') ?? $text;
    }

    private static function third(string $verb): string
    {
        return match (true) {
            'be' === $verb => 'is',
            'have' === $verb => 'has',
            'do' === $verb, 'go' === $verb => $verb.'es',
            1 === preg_match('/(?:s|x|z|ch|sh)$/', $verb) => $verb.'es',
            1 === preg_match('/[^aeiou]y$/', $verb) => substr($verb, 0, -1).'ies',
            default => $verb.'s',
        };
    }

    private static function past(string $verb): string
    {
        $past = self::VERBS[$verb] ?? '';

        return '' !== $past ? $past : $verb.(str_ends_with($verb, 'e') ? 'd' : 'ed');
    }
}
