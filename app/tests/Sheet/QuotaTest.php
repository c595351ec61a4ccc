<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Sheet;

use Rostik\App\Tests\ApiTestCase;
use Symfony\Component\Uid\Uuid;

/** Nobody fills the disk, and everybody is told in time. */
final class QuotaTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    /** @param list<string> $sums */
    private function sheet(array $sums, string $wording = ''): string
    {
        return self::text($this->ask('POST', '/api/sheets', ['title' => 'Tide', 'questions' => array_map(static fn (string $sum): array => ['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => $sum, 'wording' => $wording]], $sums)]), 'id');
    }

    public function testSheetsAreCounted(): void
    {
        $this->entities()->getConnection()->executeStatement('INSERT INTO sheet (id, version, changed_at, title, owner_id, rungs, settings) SELECT UNHEX(LPAD(HEX(seq), 32, "0")), 1, NOW(), "Old", (SELECT owner_id FROM sheet LIMIT 1), "[]", "{}" FROM seq_1_to_1999');
        foreach (['/api/sheets' => ['title' => 'One more', 'questions' => []], '/api/sheets/make' => ['title' => 'Tide', 'aims' => [['rung' => 'add-plain', 'count' => 1]], 'levels' => ['core']]] as $path => $body) {
            $no = $this->ask('POST', $path, $body);
            self::assertSame(422, $this->code(), $path);
            self::assertStringContainsString('You have 2000 sheets already', self::text($no, 'detail'));
        }
    }

    public function testCopiesAreCounted(): void
    {
        $sheet = $this->sheet(['6 h 10 min - 3 h 45 min']);
        $this->entities()->getConnection()->executeStatement('INSERT INTO copy (id, sheet_id, owner_id, set_id, position, code, questions, made_at, moved) SELECT UNHEX(LPAD(HEX(seq), 32, "0")), s.id, s.owner_id, s.id, 0, LPAD(LOWER(CONV(seq, 10, 36)), 4, "0"), "[]", NOW(), 0 FROM sheet s JOIN seq_1_to_14990 WHERE s.id = ?', [Uuid::fromString($sheet)->toBinary()]);
        $no = $this->ask('POST', '/api/sheets/'.$sheet.'/sets', ['count' => 24]);
        self::assertSame(422, $this->code());
        self::assertStringContainsString('You have 15000 copies already', self::text($no, 'detail'));
        $this->ask('POST', '/api/sheets/'.$sheet.'/sets', ['count' => 10]);
        self::assertSame(201, $this->code(), 'there is room for ten');
    }

    public function testOneSheetHasRoomForSoMuch(): void
    {
        $no = $this->ask('POST', '/api/sheets', ['title' => 'Long', 'questions' => array_map(static fn (): array => ['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => '1 h + 2 h', 'wording' => str_repeat('tide ', 200)]], range(1, 70))]);
        self::assertSame([422, 'That is more than one sheet has room for. Put some of the questions on another sheet.'], [$this->code(), $no['detail'] ?? null]);
    }

    /** What is the same in all copies is kept once, and all of them read as before. */
    public function testCopiesKeepWhatDiffersAlone(): void
    {
        $words = str_repeat('The ferry leaves when the tide allows. ', 20);
        $sheet = $this->sheet(['6 h 10 min - 3 h 45 min', '1 h 40 min + 35 min'], $words);
        $set = $this->ask('POST', '/api/sheets/'.$sheet.'/sets', ['count' => 30]);
        self::assertSame(201, $this->code());
        $kept = $this->entities()->getConnection()->fetchFirstColumn('SELECT questions FROM copy WHERE set_id = ?', [Uuid::fromString(self::text($set, 'id'))->toBinary()]);
        self::assertCount(30, $kept);
        $letters = \strlen(implode('', array_filter($kept, is_string(...))));
        self::assertLessThan(30 * 160, $letters);
        $this->ask('GET', '/print/sheets/'.$sheet.'?set='.self::text($set, 'id'));
        self::assertSame(200, $this->code());
        self::assertSame(60, substr_count($this->printed(), trim($words)));
    }

    public function testClassesAreCounted(): void
    {
        for ($i = 1; $i <= 60; ++$i) {
            $no = $this->ask('PUT', '/api/classes/'.Uuid::v7()->toRfc4122(), ['name' => 'Terns '.$i]);
        }
        self::assertSame(422, $this->code());
        self::assertStringContainsString('You have 60 classes already', self::text($no, 'detail'));
    }
}
