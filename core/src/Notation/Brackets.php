<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/** A pair of brackets in a line, round, square or curly, with nothing bracketed inside it, and what stands around it. */
final readonly class Brackets
{
    /** A number or a letter before a question: 1), b), (c). */
    private const LABEL = '~^\s*\(?(?:\d{1,3}|[a-z]|[ivx]{1,4})\)~i';

    /** More pairs than any sum of ours has. */
    private const MOST = 12;

    private const OPERATION = '~[-+*/÷×−]|\bx\b|\b(?:plus|minus|times)\b~iu';

    private const KINDS = ['[' => '(', '{' => '(', ']' => ')', '}' => ')', '（' => '(', '）' => ')', '［' => '(', '］' => ')', '｛' => '(', '｝' => ')'];

    private function __construct(public string $before, public string $inside, public string $after)
    {
    }

    /** @return list<self> from left to right; empty ones, which are blanks to fill in, are none */
    public static function in(string $line): array
    {
        $line = self::evened($line);
        foreach (self::pairs($line) as $pair) {
            // ((25 min) + (5 min)): within others, around what is no sum, they hold nothing together
            if (substr_count($pair->before, '(') > substr_count($pair->before, ')') && 0 === preg_match(self::OPERATION, $pair->inside)) {
                return self::in($pair->with($pair->inside));
            }
        }

        return self::pairs($line);
    }

    /** @return list<self> */
    private static function pairs(string $line): array
    {
        preg_match_all('~\(([^()]*[^()\s][^()]*)\)~', $line, $found, \PREG_OFFSET_CAPTURE);
        $pairs = [];
        foreach ($found[0] as $i => [$pair, $at]) {
            $pairs[] = new self(substr($line, 0, $at), $found[1][$i][0], substr($line, $at + \strlen($pair)));
        }

        return $pairs;
    }

    /** Whether one is not closed, or not opened, in a line with several operations, or there are too many: nobody can say what they hold together. */
    public static function areAskew(string $line): bool
    {
        $line = preg_replace(self::LABEL, '', self::evened($line)) ?? $line;

        return substr_count($line, '(') > self::MOST || substr_count($line, ')') > self::MOST || (substr_count($line, '(') !== substr_count($line, ')') && preg_match_all(self::OPERATION, $line) > 1);
    }

    /** With this instead of the pair. */
    public function with(string $answer): string
    {
        return $this->before.' '.$answer.' '.$this->after;
    }

    /** Whether nothing is done with what they hold. */
    public function areAll(): bool
    {
        return '' === trim($this->before.$this->after, " \t?=");
    }

    private static function evened(string $line): string
    {
        return strtr($line, self::KINDS);
    }
}
