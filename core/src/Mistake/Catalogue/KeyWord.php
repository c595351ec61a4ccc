<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\ToldMistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Sum;

/**
 * Works by a word and not by the story: adds where the last word of that sort in the problem is one that often goes with
 * adding ("altogether", "longer", "after"), takes away where it often goes with taking away ("left", "before", "shorter").
 * It shows only where the word misleads.
 *
 * Common practice, no source.
 */
final readonly class KeyWord implements ToldMistake
{
    /** Words that are often taken for a sign to add. */
    public const ADD = ['altogether', 'all', 'total', 'together', 'both', 'more', 'longer', 'later', 'after'];

    /** Words that are often taken for a sign to take away; "left" is one of them in both of its meanings. */
    public const TAKE = ['left', 'less', 'shorter', 'earlier', 'before', 'faster', 'sooner', 'remain', 'remains', 'ago'];

    public function __construct(private WrongOperation $other, private string $words = '')
    {
    }

    public function id(): string
    {
        return 'key-word';
    }

    public function may(): string
    {
        return 'may be going by a word, and not by what happens';
    }

    public function look(): string
    {
        return 'Pin the story on the day line first: what is known, and what is asked? Which word might mislead?';
    }

    public function model(): Model
    {
        return Model::Day;
    }

    public function in(string $words): Mistake
    {
        return new self($this->other, $words);
    }

    public function predict(Sum $sum): ?Given
    {
        $says = $this->says();
        $adds = match ($sum->kind()) {
            Kind::Later, Kind::Total => true,
            Kind::Earlier, Kind::Difference => false,
            default => null,
        };

        return null === $says || null === $adds || $says === $adds ? null : $this->other->predict($sum);
    }

    /** @return list<string> the words in a text that are often taken for a sign */
    public static function wordsIn(string $text): array
    {
        preg_match_all('/[a-z]+/', strtolower($text), $words);

        return array_values(array_intersect([...self::ADD, ...self::TAKE], $words[0]));
    }

    /** What the last of such words says: true to add, false to take away; null where there is none. */
    private function says(): ?bool
    {
        preg_match_all('/[a-z]+/', strtolower($this->words), $words);
        foreach (array_reverse($words[0]) as $word) {
            if (\in_array($word, self::ADD, true)) {
                return true;
            }
            if (\in_array($word, self::TAKE, true)) {
                return false;
            }
        }

        return null;
    }
}
