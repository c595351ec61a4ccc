<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Problem;

/** The problems in core/tests/Problem/problems, with what is written below each. */
final class Collection
{
    /** @return list<array{text: string, line: int, asked: list<array{string, string}>, faults: list<string>}> */
    public static function all(): array
    {
        return self::read('schoolbooks.txt');
    }

    /** @return list<array{text: string, line: int, asked: list<array{string, string}>, faults: list<string>}> written when the grammar stood */
    public static function later(): array
    {
        return self::read('later.txt');
    }

    /** @return list<array{text: string, line: int, asked: list<array{string, string}>, faults: list<string>}> */
    private static function read(string $file): array
    {
        $all = [];
        foreach (file(__DIR__.'/problems/'.$file, \FILE_IGNORE_NEW_LINES) ?: [] as $n => $line) {
            if ('' === $line || '#' === $line[0]) {
                continue;
            }
            if ('=' !== $line[0] && '!' !== $line[0]) {
                $all[] = ['text' => $line, 'line' => $n + 1, 'asked' => [], 'faults' => []];
                continue;
            }
            $last = array_pop($all) ?? throw new \DomainException('A problem comes first.');
            if ('!' === $line[0]) {
                $last['faults'][] = substr($line, 2);
            } else {
                [$sums, $answer] = explode(' -> ', substr($line, 2)) + [1 => ''];
                $last['asked'][] = [$sums, $answer];
            }
            $all[] = $last;
        }

        return $all;
    }
}
