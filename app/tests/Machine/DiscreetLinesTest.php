<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Machine;

use Monolog\Level;
use Monolog\LogRecord;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\App\Machine\DiscreetLines;

final class DiscreetLinesTest extends TestCase
{
    #[DataProvider('told')]
    public function testNothingOfItStandsInTheLog(string $message, string $nobodysBusiness): void
    {
        $formatter = new DiscreetLines();
        $records = [
            new LogRecord(new \DateTimeImmutable(), 'request', Level::Error, $message),
            new LogRecord(new \DateTimeImmutable(), 'request', Level::Error, 'Uncaught', ['exception' => new \RuntimeException('Outside', 0, new \LogicException($message))]),
            new LogRecord(new \DateTimeImmutable(), 'request', Level::Error, 'With more', ['at' => $message]),
        ];
        foreach ($records as $record) {
            $line = $formatter->format($record);
            self::assertStringNotContainsString($nobodysBusiness, $line);
            self::assertStringContainsString('request.ERROR', $line);
        }
        self::assertStringNotContainsString($nobodysBusiness, $formatter->formatBatch($records));
    }

    /** @return iterable<string, array{string, string}> */
    public static function told(): iterable
    {
        yield 'a second account' => ["SQLSTATE[23000]: Integrity constraint violation: 1062 Duplicate entry 'arden@ombrel.example' for key 'teacher_email'", 'arden'];
        yield 'a name that the database repeats' => ["Duplicate entry 'Yusuf O\\'Dell-7' for key 'child'", 'Yusuf'];
        yield 'an address somewhere' => ['No mail to beryl.quay+school@fell.harbour.example today', 'beryl'];
        yield 'a calendar' => ['No route found for "GET http://localhost/calendar/K7qm2XtV9hpd_x-1.ics"', 'K7qm2XtV9hpd'];
        yield 'a link' => ['A letter with https://rostik.example/reset#AbC-123_x was not sent', 'AbC-123'];
        yield 'what was searched for' => ['GET /api/search?q=Yusuf%20minutes took long', 'Yusuf'];
        yield 'what was sent' => ['Body {"name":"Yusuf","text":"he is \\"late\\""} was refused', 'Yusuf'];
    }

    public function testWhatHappenedIsStillSaid(): void
    {
        $line = (new DiscreetLines())->format(new LogRecord(new \DateTimeImmutable('2026-12-01 09:40:00'), 'app', Level::Error, 'The PDF of 12 pages was not made: out of memory', ['exception' => new \RuntimeException('At line 7?')]));
        self::assertStringContainsString('The PDF of 12 pages was not made: out of memory', $line);
        self::assertStringContainsString('At line 7?', $line);
        self::assertStringContainsString('DiscreetLinesTest.php', $line);
    }
}
