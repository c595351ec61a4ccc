<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/** The words that the notation knows, to find the one that was meant by a slip of the finger. */
final readonly class KnownWords
{
    private const OTHERS = ['plus', 'minus', 'take', 'away', 'until', 'till', 'after', 'before', 'later', 'earlier', 'between', 'times', 'from', 'past', 'half', 'quarter', 'quarters', 'noon', 'midday', 'midnight', 'morning', 'afternoon', 'evening', 'night', 'words', 'digital', 'order', 'longer', 'shorter', 'than', 'shared', 'divided', 'double', 'twice', 'subtract', 'difference', 'total', 'convert', 'about', 'next'];

    /** @var list<string> of three letters or more */
    private array $words;

    public function __construct()
    {
        $this->words = array_values(array_unique(array_filter([...self::OTHERS, ...UnitWords::all(), ...NumberWords::all()], static fn (string $word): bool => \strlen($word) > 2)));
    }

    /** Words that are part of some way of asking, and too short or too common to be taken for a slip. */
    private const COMMON = ['much', 'which', 'first', 'order', 'put', 'sort', 'longer', 'there', 'then', 'has', 'have', 'had', 'a', 'an', 'and', 'or', 'in', 'on', 'at', 'to', 'as', 'by', 'are', 'many', 'add', 'less', 'more', 'share', 'each', 'every', 'day', 'that', 'this', 'comes', 'come', 'arrive', 'arrives', 'leave', 'leaves', 'am', 'pm', 'than', 'not', 'x', 'until', 'between', 'latest', 'earliest', 'longest', 'shortest', 'compare', 'same', 'also', 'so', 'with', 'for', 'can', 'i', 'they', 'he', 'she'];

    /** Whether a word says something to the readers, here or in another line: it is not what was not understood. */
    public function has(string $word): bool
    {
        return null !== UnitWords::unit($word) || \in_array($word, $this->words, true) || \in_array($word, self::COMMON, true) || TypedLine::isPassedOver($word);
    }

    /** @return list<string> */
    public function all(): array
    {
        return $this->words;
    }

    /** The known word that is one letter off: one wrong, missing, too many, or two changed over. Null where there is none. */
    public function nearest(string $word): ?string
    {
        if (\in_array($word, $this->words, true) || \strlen($word) < 3 || \strlen($word) > 20 || 1 !== preg_match('/^[a-z]+$/', $word)) {
            return null;
        }
        $near = null;
        foreach ($this->words as $known) {
            if (abs(\strlen($known) - \strlen($word)) <= 1 && (1 === levenshtein($word, $known) || $this->changedOver($word, $known))) {
                if (\strlen($known) === \strlen($word)) {
                    return $known;
                }
                $near ??= $known;
            }
        }

        return $near;
    }

    /** Whether two neighbouring letters stand the other way round. */
    private function changedOver(string $word, string $known): bool
    {
        if (\strlen($word) !== \strlen($known)) {
            return false;
        }
        $at = strspn($word ^ $known, "\0");

        return $at + 1 < \strlen($word) && substr($word, 0, $at).$word[$at + 1].$word[$at].substr($word, $at + 2) === $known;
    }
}
