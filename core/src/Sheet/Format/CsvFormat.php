<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet\Format;

use Rostik\Core\Notation\CsvField;
use Rostik\Core\Sheet\PlainSheet;

/**
 * Comma-separated values by RFC 4180: a first line with the names of the columns, then a line to a question. Columns:
 * `sum` (needed), `wording`, `answer` (written out; read as a key to be checked), `sheet` (the title, in the first row),
 * `challenge` ("yes" for what stands apart at the end). They may come in any order; others are passed over.
 */
final readonly class CsvFormat implements Format
{
    public function __construct(private Intake $intake)
    {
    }

    public function id(): string
    {
        return 'csv';
    }

    public function mediaType(): string
    {
        return 'text/csv; charset=UTF-8';
    }

    public function extension(): string
    {
        return 'csv';
    }

    public static function precedence(): int
    {
        return 20;
    }

    public function begins(string $start): bool
    {
        return 1 === preg_match('/^("?\w+"?,)*"?sum"?(,|\r|\n|$)/i', $start);
    }

    public function write(PlainSheet $sheet): string
    {
        $rows = [['sum', 'wording', 'answer', 'sheet', 'challenge']];
        foreach ($sheet->questions as $i => $question) {
            $rows[] = [$this->intake->text($question->sum), $question->wording, $this->intake->answer($question->sum), 0 === $i ? $sheet->title : '', $question->challenge ? 'yes' : ''];
        }

        return CsvField::rows($rows);
    }

    public function read(string $text): PlainSheet
    {
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw Refused::whole('This file is not in UTF-8.');
        }
        $rows = self::rows(preg_replace('/^\x{FEFF}/u', '', $text) ?? $text);
        $head = array_map(static fn (string $name): string => strtolower(trim($name)), array_shift($rows)[1] ?? []);
        $sum = array_search('sum', $head, true);
        if (false === $sum) {
            throw Refused::whole('The first line has to name the columns, and one of them has to be “sum”: sum,wording,answer,sheet,challenge');
        }
        $wording = array_search('wording', $head, true);
        $answer = array_search('answer', $head, true);
        $sheet = array_search('sheet', $head, true);
        $challenge = array_search('challenge', $head, true);
        $lines = $this->intake->lines();
        $title = '';
        foreach ($rows as [$line, $fields]) {
            if ([''] === $fields) {
                continue;
            }
            $fields = array_map(CsvField::read(...), $fields);
            if (\count($fields) !== \count($head)) {
                $lines->refuse($line, \sprintf('%d columns are named, but this line has %d.', \count($head), \count($fields)));
                continue;
            }
            $title = '' === $title && false !== $sheet ? trim($fields[$sheet]) : $title;
            $lines->add($line, $fields[$sum], false === $wording ? '' : trim($fields[$wording]), false === $answer ? null : $fields[$answer], false !== $challenge && 'yes' === strtolower(trim($fields[$challenge])));
        }

        return $lines->sheet($title);
    }

    /**
     * @return list<array{int, list<string>}> each row with the line it begins on
     *
     * @throws Refused when a quoted field is not closed
     */
    private static function rows(string $text): array
    {
        $rows = [];
        $fields = [];
        $field = '';
        $quoted = false;
        $line = 1;
        $begins = 1;
        $length = \strlen($text);
        for ($i = 0; $i < $length; ++$i) {
            $c = $text[$i];
            if ("\n" === $c) {
                ++$line;
            }
            if ($quoted) {
                if ('"' !== $c) {
                    $field .= $c;
                } elseif ('"' === ($text[$i + 1] ?? '')) {
                    $field .= '"';
                    ++$i;
                } else {
                    $quoted = false;
                }
            } elseif ('"' === $c && '' === $field) {
                $quoted = true;
            } elseif (',' === $c) {
                $fields[] = $field;
                $field = '';
            } elseif ("\n" === $c || "\r" === $c) {
                if ("\r" === $c && "\n" === ($text[$i + 1] ?? '')) {
                    continue;
                }
                $rows[] = [$begins, [...$fields, $field]];
                $fields = [];
                $field = '';
                $begins = $line;
            } else {
                $field .= $c;
            }
        }
        if ($quoted) {
            throw new Refused([new Fault($begins, 'A quotation mark is opened here and never closed.')]);
        }
        if ('' !== $field || [] !== $fields) {
            $rows[] = [$begins, [...$fields, $field]];
        }

        return $rows;
    }
}
