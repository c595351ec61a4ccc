<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

/**
 * What a time or a length stands for in its sentence, by the events that are told: something starts, ends, lasts, is due, is
 * shown by a clock. Patterns are those of {@see Sentence}; the words are no key to the operation, only to the event.
 */
final class Roles
{
    private const STARTS = 'meets?|met|takes? off|took off|bought|rings?|rang|leaves?|left|leaving|departs?|departed|starts?|started|starting|begins?|began|begun|beginning|opens?|opened|sails?|sailed|sets? (?:off|out)|set out|lit|switched on|hung up|goes? (?:to bed|to|on duty|into)|went (?:into|to)|went out|put (?:\w+ ){0,3}(?:in|into|on)|boards|fell asleep|kicks off|covers?|came (?:in|over)|come (?:in|over)|sits? down|sat down|rose|cycles?|posted|parks|paints|goes? out|wound up|lets out|went on duty|comes? on duty|put on|fog came in';
    private const ENDS = 'arrives?|arrived|arriving|arrival|reach(?:es|ed)?|ends?|ended|ending|finish(?:es|ed)?|closes?|closed|shuts?|stops?|stopped|over|ready|back|came out|comes? out|comes? off duty|woke(?: up)?|wakes?(?: up)?|gets? (?:off|in|there|home|up)|switched off|packed up|off duty|done|was free|is free|free|free again|be free|docks?|lands?|landed|catch|on the water|must be|has to be|have to be|want(?:s)? to be|is to end|to be dry|was dry|crosses|crossed|ties up|delivered|lasted until|finishes|at home|gets home|at school|come|comes|came|set at|sets at|be lit|be on the ferry|hot|(?:is|was|are|were|be|and) put out(?! to)|blown out|burns? out|burned out|burnt out|turned off';

    /**
     * The roles of the mentions of a sentence, by their signs: start, end, due, shown, now, must for times; lasts, later, before,
     * late, early, fast, slow, break, every, each, used for lengths.
     *
     * @return array<string, string>
     */
    public static function of(Sentence $sentence): array
    {
        $roles = [];
        foreach ($sentence->mentions as $mention) {
            $sign = $mention->sign;
            $pattern = ' '.$sentence->pattern.' ';
            $place = (int) strpos($pattern, ' '.$sign.' ') + 1;
            [$before, $after] = [substr($pattern, 0, $place), substr($pattern, $place + \strlen($sign))];
            $roles[$sign] = match ($sign[0]) {
                'T' => self::time($before, $after),
                'L' => self::length($before, $after),
                default => 'number',
            };
        }

        return $roles;
    }

    private static function time(string $before, string $after): string
    {
        // what stands before it, back to the last mention
        $near = preg_replace('/^.*[TL]\d+ /', '', $before) ?? $before;
        if (1 === preg_match('/\b(?:due|should(?: have)?|planned (?:to|for)|supposed to|should be)\b/', $near)) {
            return 'due';
        }
        if (1 === preg_match('/\b(?:rose|rises)\b.*\bsets?\s*$/', $before)) {
            return 'end';
        }
        if (1 === preg_match('/\b(?:right|correct|real) time is\s*$/', $near)) {
            return 'right';
        }
        if (1 === preg_match('/\b(?:shows?|showed|says|clock :)\s*$/', $near)) {
            return 'shown';
        }
        if (1 === preg_match('/^\s*(?:it is|it is now|now it is)\s*$/', $near) || 1 === preg_match('/^\s*now\b/', $after)) {
            return 'now';
        }
        if (1 === preg_match('/\b(?:until|till|to)\s*$/', $near) && 1 === preg_match('/T\d+ (?:until|till|to) $/', $before)) {
            return 'end';
        }
        if (1 === preg_match('/\b(?:from|between|since)\s*$/', $near)) {
            return 'start';
        }
        if (1 === preg_match('/\b(?:until|till)\s*$/', $near) || (1 === preg_match('/\band\s*$/', $near) && str_contains($before, 'between T'))) {
            return 'end';
        }
        if (1 === preg_match('/\b(?:takes|catches|took|caught) the\s*$/', $near) && 1 === preg_match('/^\s*(?:train|bus|ferry|boat|tram)\b/', $after)) {
            return 'start';
        }
        if (1 === preg_match('/^\s*the\s*$/', $near) && 1 === preg_match('/^\s*(?:train|bus|ferry|boat|tram)\b.*\b(?:late|early)\b/', $after)) {
            // "the T0 bus was L1 late"
            return 'due';
        }
        if (1 === preg_match('/\b(?:late|early) for the\s*$/', $near)) {
            return 'due';
        }
        if (1 === preg_match('/\bby\s*$/', $near)) {
            return 'end';
        }
        $verb = self::lastVerb($near);
        if ('' === $verb) {
            // "at T0 the lamp was lit": what stands behind it, on to the next mention
            $verb = self::firstVerb(preg_replace('/[TL]\d+.*$/', '', $after) ?? $after);
        }

        return $verb;
    }

    private static function length(string $before, string $after): string
    {
        $near = preg_replace('/^.*[TL]\d+ /', '', $before) ?? $before;

        return match (true) {
            1 === preg_match('/^\s*(?:too )?late\b/', $after), 1 === preg_match('/(?:late|put off|delayed) by\s*$/', $near) => 'late',
            1 === preg_match('/^\s*(?:too )?early\b/', $after) => 'early',
            1 === preg_match('/^\s*fast\b/', $after) => 'fast',
            1 === preg_match('/^\s*slow\b/', $after) => 'slow',
            1 === preg_match('/^\s*later than (?:planned|usual)/', $after) => 'late',
            1 === preg_match('/^\s*later\b/', $after), 1 === preg_match('/^\s*after (?:that|this|it|noon)\b/', $after) => 'later',
            1 === preg_match('/^\s*ago\b/', $after) => 'ago',
            1 === preg_match('/^\s*(?:before|earlier)\b/', $after) => 'before',
            1 === preg_match('/\bevery\s*$/', $near) => 'every',
            1 === preg_match('/\b(?:break|interval|pause|rest)(?: of| is| takes| lasts)?\s*$/', $near), 1 === preg_match('/\b(?:(?:rested|rests?|closed|spent|paused?)(?: twice)?|(?:stops?|stopped)(?: \w+){0,3}) for\s*$|\b(?:rested|rests|pauses|paused|waits|waited)\s*$/', $near), 1 === preg_match('/^\s*(?:of (?:this|that) time|in between|break|interval)/', $after) => 'break',
            1 === preg_match('/\b(?:each|every)\b/', $near), 1 === preg_match('/^\s*(?:on )?(?:each|every)\b/', $after), 1 === preg_match('/^\s*to \w+ (?:one|a|an)\b/', $after) => 'each',
            1 === preg_match('/\b(?:has|have) been (?:\w+ ){0,3}for\s*$/', $near), 1 === preg_match('/\b(?:has|have) (?:already |now )?\w+ed (?:\w+ ){0,2}for\s*$/', $near), 1 === preg_match('/\b(?:so far|has used|have used|has helped|used)\b/', $near), 1 === preg_match('/^\s*(?:are|is) over\b/', $after) => 'used',
            default => 'lasts',
        };
    }

    private static function lastVerb(string $near): string
    {
        $start = self::place($near, self::STARTS, true);
        $end = self::place($near, self::ENDS, true);

        // of two that end in one place the longer one is meant: "came over" is not "over"
        return $start === $end ? '' : ($start[0] > $end[0] || ($start[0] === $end[0] && $start[1] > $end[1]) ? 'start' : 'end');
    }

    private static function firstVerb(string $after): string
    {
        $start = self::place($after, self::STARTS, false);
        $end = self::place($after, self::ENDS, false);

        return match (true) {
            $start === $end => '',
            $start[0] < 0 => 'end',
            $end[0] < 0 => 'start',
            $start[0] === $end[0] => $start[1] > $end[1] ? 'start' : 'end',
            default => $start[0] < $end[0] ? 'start' : 'end',
        };
    }

    /** @return array{int, int} where a word of a list ends (or begins, the first of them), and how long it is; -1 for nowhere */
    private static function place(string $text, string $words, bool $last): array
    {
        if (0 === preg_match_all('/\b(?:'.$words.')\b/', $text, $found, \PREG_OFFSET_CAPTURE)) {
            return [-1, 0];
        }
        $one = $last ? $found[0][\count($found[0]) - 1] : $found[0][0];

        return [$last ? $one[1] + \strlen($one[0]) : $one[1], \strlen($one[0])];
    }
}
