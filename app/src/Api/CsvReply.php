<?php

declare(strict_types=1);

namespace Rostik\App\Api;

use Rostik\Core\Notation\CsvField;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A CSV file to be kept, sent while it is written: a year of it takes no more memory than its longest row. */
final class CsvReply extends StreamedResponse
{
    /** Rows that go over the line together. */
    private const TOGETHER = 100;

    /** @param iterable<list<string>> $rows */
    public function __construct(iterable $rows, string $name)
    {
        parent::__construct(self::together($rows), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name),
        ]);
    }

    /**
     * @param iterable<list<string>> $rows
     *
     * @return \Generator<int, string>
     */
    private static function together(iterable $rows): \Generator
    {
        $some = '';
        $count = 0;
        foreach (CsvField::lines($rows) as $line) {
            $some .= $line;
            if (0 === ++$count % self::TOGETHER) {
                yield $some;
                $some = '';
            }
        }
        yield $some;
    }
}
