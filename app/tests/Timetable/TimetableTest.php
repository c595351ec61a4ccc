<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Timetable;

use Rostik\App\Account\Teacher;
use Rostik\App\Tests\ApiTestCase;

/** Timetables by way of the API: brought in, asked about, taken out, and nobody else's. */
final class TimetableTest extends ApiTestCase
{
    private const CSV = "Stop,1,2,3\nOmbrel Quay,09:40,10:55,12:10\nLittle Sand,09:52,-,12:22\nFell Harbour,10:19,11:28,12:56\n";

    public function testTheIslandsTablesAreThereAndCanBeAskedAbout(): void
    {
        $this->signIn();
        $list = $this->ask('GET', '/api/timetables');
        self::assertSame([], $list['own']);
        self::assertCount(4, self::column('id', $list, 'island'));
        $asked = $this->ask('POST', '/api/timetables/ask', ['table' => 'pintail-summer-out', 'level' => 'core', 'count' => 8, 'seed' => 3]);
        self::assertSame(200, $this->code());
        self::assertSame('The Pintail, summer: to Fell Harbour', self::in($asked, 'table', 'title'));
        self::assertSame(['Ombrel Quay', 'Little Sand', 'Cormorant Steps', 'Fell Harbour'], self::column('name', $asked, 'table', 'rows'));
        self::assertCount(8, self::column('text', $asked, 'questions'));
        self::assertSame($asked, $this->ask('POST', '/api/timetables/ask', ['table' => 'pintail-summer-out', 'level' => 'core', 'count' => 8, 'seed' => 3]));
        $only = $this->ask('POST', '/api/timetables/ask', ['table' => 'made', 'level' => 'stretch', 'drawn' => 5, 'count' => 5, 'kinds' => ['change']]);
        self::assertSame(['change'], array_values(array_unique(self::column('kind', $only, 'questions'), \SORT_REGULAR)));
        // as the class writes
        $short = $this->ask('POST', '/api/timetables/ask', ['table' => 'pintail-summer-out', 'count' => 0, 'style' => ['leadingNought' => false]]);
        self::assertSame('{h:7}:{m:10}', self::in($short, 'table', 'rows', 0, 'times', 0));
        $this->ask('POST', '/api/timetables/ask', ['table' => 'nowhere']);
        self::assertSame(404, $this->code());
        $this->ask('POST', '/api/timetables/ask', ['table' => 'made', 'count' => 999]);
        self::assertSame(422, $this->code());
    }

    public function testOneIsBroughtInKeptAndRemoved(): void
    {
        $this->signIn();
        $kept = $this->ask('POST', '/api/timetables', ['title' => ' Boats ', 'vehicle' => 'boat', 'csv' => self::CSV]);
        self::assertSame([201, 'Boats'], [$this->code(), $kept['title']]);
        $id = self::text($kept, 'id');
        $asked = $this->ask('POST', '/api/timetables/ask', ['table' => $id, 'count' => 6]);
        self::assertSame('boat', self::in($asked, 'table', 'vehicle'));
        self::assertNull(self::in($asked, 'table', 'rows', 1, 'times', 1));
        $csv = self::in($asked, 'table', 'csv');
        self::assertSame(201, $this->codeOf('POST', '/api/timetables', ['title' => 'Again', 'csv' => $csv]), 'what goes out comes in again');
        // another teacher has nothing of it
        $other = $this->colleague('bell@ombrel.example', 'Corin Bell');
        $other->changePassword('no password');
        $this->entities()->persist($other);
        $this->entities()->flush();
        $this->signIn('bell@ombrel.example');
        self::assertSame([], $this->ask('GET', '/api/timetables')['own']);
        self::assertSame(404, $this->codeOf('POST', '/api/timetables/ask', ['table' => $id]));
        self::assertSame(404, $this->codeOf('DELETE', '/api/timetables/'.$id));
        $this->signIn();
        self::assertSame(204, $this->codeOf('DELETE', '/api/timetables/'.$id));
        self::assertSame(404, $this->codeOf('DELETE', '/api/timetables/'.$id));
        self::assertSame(['Again'], self::column('title', $this->ask('GET', '/api/timetables'), 'own'));
    }

    public function testAFaultyOneIsNotTakenAndEachFaultIsNamed(): void
    {
        $this->signIn();
        $refused = $this->ask('POST', '/api/timetables', ['title' => 'Boats', 'csv' => "Stop,1,2\nOmbrel Quay,09:40,soon\nLittle Sand,09:75,10:00\n"]);
        self::assertSame([422, 'not-a-table'], [$this->code(), $refused['code']]);
        self::assertSame([
            'table, line 3: "09:75" in column 2 is no time. A time is written 09:40, a dash where the service does not call.',
            'table, line 2: "soon" in column 3 is no time. A time is written 09:40, a dash where the service does not call.',
        ], $refused['faults']);
        self::assertSame([], $this->ask('GET', '/api/timetables')['own']);
        self::assertSame(422, $this->codeOf('POST', '/api/timetables', ['title' => ' ', 'csv' => self::CSV]));
        self::assertSame(422, $this->codeOf('POST', '/api/timetables', ['title' => 'Boats', 'csv' => '']));
    }

    public function testAFeedIsLookedIntoAndOneOfItsTablesTaken(): void
    {
        $this->signIn();
        $zip = $this->zipped();
        $routes = $this->feed($zip);
        self::assertSame(['pintail', 'boat'], [self::in($routes, 'routes', 0, 'id'), self::in($routes, 'routes', 0, 'vehicle')]);
        self::assertSame(['Fell Harbour', 'Ombrel Quay'], self::column('to', $routes, 'routes', 0, 'directions'));
        $table = $this->feed($zip, '?route=pintail&direction=1&day=2027-06-12');
        self::assertSame('Fell Harbour', self::in($table, 'table', 'rows', 0, 'name'));
        // some of its stops, and a part of the day
        $part = $this->feed($zip, '?route=pintail&direction=0&day=2027-06-15&from=09:00&until=12:30&stops[]=Ombrel+Quay&stops[]=Fell+Harbour');
        self::assertSame([['Ombrel Quay', 'Fell Harbour'], 3], [self::column('name', $part, 'table', 'rows'), \count((array) self::in($part, 'table', 'names'))]);
        $this->feed($zip, '?route=pintail&day=2027-06-15&from=03:00&until=03:30');
        self::assertStringContainsString('Nothing is left', $this->lastDetail());
        $nothing = $this->feed($zip, '?route=pintail&day=2031-06-12');
        self::assertSame(422, $this->code());
        self::assertStringContainsString('Nothing runs', self::text($nothing, 'detail'));
        self::assertSame([422, 'not-a-table'], [$this->codeAfter(fn () => $this->feed('no zip at all')), $this->lastProblem()]);
        self::assertSame(422, $this->codeAfter(fn () => $this->feed($this->zipped('pintail/'))));
        self::assertStringContainsString('folder', $this->lastDetail());
    }

    public function testADayIsATableToCompleteAndATaleToPutInOrder(): void
    {
        $this->signIn();
        $days = (array) $this->ask('GET', '/api/timetables')['days'];
        self::assertContains('Boat shed day', $days);
        $table = $this->ask('POST', '/api/timetables/activities', ['day' => 'Boat shed day', 'level' => 'stretch', 'seed' => 4]);
        self::assertSame('Boat shed day', $table['title']);
        self::assertCount(6, self::column('what', $table, 'rows'));
        foreach ((array) $table['rows'] as $row) {
            self::assertCount(1, array_filter((array) self::in($row, 'cells'), is_null(...)));
            // its sum goes on a sheet as the row of a table
            $worked = $this->ask('POST', '/api/work', ['sum' => self::in($row, 'sum')]);
            self::assertSame(self::in($row, 'found'), self::in($worked, 'answer', 'shown'));
        }
        $tale = $this->ask('POST', '/api/timetables/tale', ['day' => 'Boat shed day', 'level' => 'core', 'seed' => 4]);
        self::assertCount(5, (array) $tale['things']);
        self::assertEqualsCanonicalizing([0, 1, 2, 3, 4], $tale['order']);
    }

    public function testTheCausewayComesWithItsCaution(): void
    {
        $this->signIn();
        $asked = $this->ask('POST', '/api/timetables/ask', ['table' => 'causeway', 'level' => 'stretch', 'count' => 6, 'seed' => 2]);
        self::assertStringContainsString('never by a sum', json_encode(self::in($asked, 'table', 'caution'), \JSON_THROW_ON_ERROR));
        self::assertCount(6, self::column('answer', $asked, 'questions'));
        self::assertSame(['Day 1', 'Day 2', 'Day 3', 'Day 4'], self::column('name', $asked, 'table', 'rows'));
    }

    public function testTablesBelongToWhoIsSignedIn(): void
    {
        self::assertSame(401, $this->codeOf('GET', '/api/timetables'));
        self::assertSame(401, $this->codeOf('POST', '/api/timetables/ask', ['table' => 'made']));
    }

    private function zipped(string $folder = ''): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        foreach (glob(__DIR__.'/../../../core/timetables/pintail/*.txt') ?: [] as $file) {
            $zip->addFile($file, $folder.basename($file));
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    /** @return array<mixed> */
    private function feed(string $bytes, string $query = ''): array
    {
        $this->browser->request('POST', '/api/timetables/feed'.$query, server: ['HTTP_ORIGIN' => 'http://localhost', 'CONTENT_TYPE' => 'application/zip', 'HTTP_ACCEPT' => 'application/json'], content: $bytes);

        return (array) json_decode((string) $this->browser->getResponse()->getContent(), true);
    }

    /** @param array<string, mixed>|null $body */
    private function codeOf(string $method, string $path, ?array $body = null): int
    {
        $this->ask($method, $path, $body);

        return $this->code();
    }

    /** @param callable(): mixed $act */
    private function codeAfter(callable $act): int
    {
        $act();

        return $this->code();
    }

    private function lastProblem(): string
    {
        return self::text((array) json_decode((string) $this->browser->getResponse()->getContent(), true), 'code');
    }

    private function lastDetail(): string
    {
        return self::text((array) json_decode((string) $this->browser->getResponse()->getContent(), true), 'detail');
    }
}
