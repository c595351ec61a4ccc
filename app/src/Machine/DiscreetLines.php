<?php

declare(strict_types=1);

namespace Rostik\App\Machine;

use Monolog\Formatter\FormatterInterface;
use Monolog\Formatter\LineFormatter;
use Monolog\LogRecord;

/**
 * Lines of the log without what is nobody's business there: e-mail addresses, the secret addresses of calendars and links, what
 * the database repeats of a row, and what was searched for or typed in an address.
 */
final readonly class DiscreetLines implements FormatterInterface
{
    /** What is left out, and what stands in its place. */
    private const LEFT_OUT = [
        '~[\p{L}\d._%+-]+@[\p{L}\d-]+(?:\.[\p{L}\d-]+)+~u' => '[address]',
        '~(/calendar/)[^\s"\'?]+~' => '$1[secret]',
        '~(/(?:join|reset)\#)[\w-]+~' => '$1[secret]',
        "~(Duplicate entry ')(?:[^'\\\\]|\\\\.)*(')~" => '$1[value]$2',
        '~(?<=[\w/.-])\?[^\s"\'\\\\]+~' => '?[query]',
        // also where it stands in a text within a text, with its quotes escaped
        '~(\\\\*"(?:password|code|word|name|text|email|q)\\\\*":\s*\\\\*").*?(?=\\\\*"\s*[,}\]])~s' => '$1[value]',
    ];

    private LineFormatter $lines;

    public function __construct()
    {
        $this->lines = new LineFormatter(null, null, false, true);
    }

    public function format(LogRecord $record): string
    {
        return self::discreet($this->lines->format($record));
    }

    public function formatBatch(array $records): string
    {
        return self::discreet($this->lines->formatBatch($records));
    }

    public static function discreet(string $line): string
    {
        return preg_replace(array_keys(self::LEFT_OUT), array_values(self::LEFT_OUT), mb_scrub($line)) ?? '[a line that could not be read]';
    }
}
