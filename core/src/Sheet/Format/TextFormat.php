<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet\Format;

use Rostik\Core\Sheet\PlainSheet;

/**
 * One question a line in the notation of sums; "# " before the title, " | " before the question in words, "! " before a
 * question that stands apart at the end as a challenge. Other lines that begin with # are passed over.
 */
final readonly class TextFormat implements Format
{
    public function __construct(private Intake $intake)
    {
    }

    public function id(): string
    {
        return 'text';
    }

    public function mediaType(): string
    {
        return 'text/plain; charset=UTF-8';
    }

    public function extension(): string
    {
        return 'txt';
    }

    public static function precedence(): int
    {
        return 10;
    }

    public function begins(string $start): bool
    {
        return true;
    }

    public function write(PlainSheet $sheet): string
    {
        $lines = ['# '.self::oneLine($sheet->title)];
        foreach ($sheet->questions as $question) {
            $lines[] = ($question->challenge ? '! ' : '').$this->intake->text($question->sum).('' === $question->wording ? '' : ' | '.self::oneLine($question->wording));
        }

        return implode("\n", $lines)."\n";
    }

    public function read(string $text): PlainSheet
    {
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw Refused::whole('This file is not plain text in UTF-8.');
        }
        $lines = $this->intake->lines();
        $title = '';
        foreach (preg_split('/\r\n|\r|\n/', preg_replace('/^\x{FEFF}/u', '', $text) ?? $text) ?: [] as $i => $line) {
            $line = trim($line);
            if (str_starts_with($line, '#')) {
                $title = '' === $title ? trim(substr($line, 1)) : $title;
            } elseif ('' !== $line) {
                [$sum, $wording] = [...explode('|', $line, 2), ''];
                // numbers before the questions are left out: "3. 4 h - 2 h", "3) ..."
                $sum = trim(preg_replace('/^\d{1,3}[.)]\s+(?=\S)/', '', $sum) ?? $sum);
                $challenge = str_starts_with($sum, '!');
                $lines->add($i + 1, $challenge ? trim(substr($sum, 1)) : $sum, trim($wording), null, $challenge);
            }
        }

        return $lines->sheet($title);
    }

    private static function oneLine(string $text): string
    {
        return trim(preg_replace('/\s+/u', ' ', $text) ?? $text);
    }
}
