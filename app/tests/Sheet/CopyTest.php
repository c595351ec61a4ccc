<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Sheet;

use Rostik\App\Tests\ApiTestCase;
use Symfony\Component\Uid\Uuid;

/** Copies of a sheet with numbers of their own: made, found by their codes, with keys that are right. */
final class CopyTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    /** @param list<array<string, mixed>> $questions */
    private function sheet(array $questions): string
    {
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Tide', 'questions' => array_map(static fn (array $q): array => $q + ['id' => Uuid::v4()->toRfc4122()], $questions)]);
        self::assertIsString($sheet['id']);

        return $sheet['id'];
    }

    /**
     * @param array<string, mixed> $wanted
     *
     * @return array{string, list<array{code: string, name: string}>, list<string>}
     */
    private function set(string $sheet, array $wanted): array
    {
        $made = $this->ask('POST', '/api/sheets/'.$sheet.'/sets', $wanted);
        self::assertSame(201, $this->code());
        self::assertIsString($made['id']);
        /** @var list<array{code: string, name: string}> $copies */
        $copies = $made['copies'];
        /** @var list<string> $notes */
        $notes = $made['notes'];

        return [$made['id'], $copies, $notes];
    }

    private function page(string $address): string
    {
        $this->browser->request('GET', $address);
        self::assertSame(200, $this->code(), $address);

        return $this->printed();
    }

    public function testAClassSetHasNamesCodesAndKeysThatAreCountedAgain(): void
    {
        $sheet = $this->sheet([['text' => ['sum' => '6 h 10 min - 3 h 45 min']], ['text' => ['sum' => '3 h 40 min + 2 h 25 min']], ['text' => ['sum' => '7 h 5 min - 3 h 40 min']]]);
        $children = \array_slice($this->children(), 0, 5);
        [$set, $copies, $notes] = $this->set($sheet, ['count' => 5, 'children' => array_keys($children), 'seed' => 4]);
        self::assertSame(['Anouk', 'Bram', 'Cleo', 'Dovid', 'Esme'], array_column($copies, 'name'));
        self::assertCount(5, array_unique(array_column($copies, 'code')));
        self::assertSame([], $notes);
        // the key of each, from its own page, against plain arithmetic
        $seen = [];
        foreach ($copies as $copy) {
            $paper = $this->page('/print/sheets/'.$sheet.'?set='.$set.'&code='.$copy['code'].'&part=sheet');
            self::assertStringContainsString('<strong>'.$copy['name'].'</strong>', $paper);
            self::assertStringContainsString('<span class="code">'.$copy['code'].'</span>', $paper);
            preg_match_all('~<span class="sum">(?:(\d+) h)? ?(?:(\d+) min)? (−|\+) (?:(\d+) h)? ?(?:(\d+) min)?</span>~', $paper, $sums, \PREG_SET_ORDER | \PREG_UNMATCHED_AS_NULL);
            self::assertCount(3, $sums, $paper);
            $key = $this->page('/print/sheets/'.$sheet.'?set='.$set.'&code='.$copy['code'].'&part=key');
            preg_match_all('~<strong class="answer">(?:(\d+) h)? ?(?:(\d+) min)?</strong>~', $key, $answers, \PREG_SET_ORDER | \PREG_UNMATCHED_AS_NULL);
            foreach ($sums as $i => $sum) {
                $one = 60 * (int) $sum[1] + (int) $sum[2];
                $other = 60 * (int) $sum[4] + (int) $sum[5];
                self::assertSame('+' === $sum[3] ? $one + $other : $one - $other, 60 * (int) ($answers[$i][1] ?? 0) + (int) ($answers[$i][2] ?? 0), $sum[0]);
                $seen[$i][$sum[0]] = true;
            }
        }
        self::assertSame([5, 5, 5], array_map(count(...), $seen), 'no two children have the same numbers');
        // all keys together
        $keys = $this->page('/print/sheets/'.$sheet.'?set='.$set.'&part=key');
        foreach ($copies as $copy) {
            self::assertStringContainsString($copy['code'].'</span> <strong>'.$copy['name'], $keys);
        }
        self::assertSame(5, substr_count($this->page('/print/sheets/'.$sheet.'?set='.$set.'&part=worked'), 'aria-label="Answer key '));
    }

    public function testACodeLeadsToItsCopyWhateverBecomesOfTheSheet(): void
    {
        $sheet = $this->sheet([['text' => ['sum' => '6 h 10 min - 3 h 45 min']]]);
        [$set, $copies] = $this->set($sheet, ['count' => 3]);
        $code = $copies[2]['code'];
        $before = $this->page('/print/sheets/'.$sheet.'?set='.$set.'&code='.$code.'&part=key');
        $this->ask('PUT', '/api/sheets/'.$sheet, ['version' => 1, 'title' => 'Tide', 'questions' => [['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => '1 h + 2 h']]]]);
        self::assertSame(200, $this->code());
        $found = $this->ask('GET', '/api/codes/'.strtolower($code));
        self::assertSame(['code' => $code, 'name' => '', 'sheetId' => $sheet, 'setId' => $set, 'title' => 'Tide'], $found);
        self::assertSame($before, $this->page('/print/sheets/'.$sheet.'?set='.$set.'&code='.$code.'&part=key'), 'the sheet was changed, the key of what was printed was not');
        $this->ask('DELETE', '/api/sheets/'.$sheet);
        self::assertSame($before, $this->page('/print/sheets/'.$sheet.'?set='.$set.'&code='.$code.'&part=key'));
        foreach (['BBBBB', 'OIOI', 'nothing'] as $none) {
            $this->ask('GET', '/api/codes/'.$none);
            self::assertSame(204, $this->code());
        }
    }

    public function testWhatIsKeptOrToldInWordsIsTheSameForAllAndSaidSo(): void
    {
        $sheet = $this->sheet([['text' => ['sum' => '6 h 10 min - 3 h 45 min'], 'locked' => true], ['text' => ['sum' => '9:20 am to 1:05 pm', 'wording' => 'How long is the Pintail at sea, from 9:20 a.m. to 1:05 p.m.?']], ['text' => ['sum' => '1 h in min']], ['text' => ['sum' => '4 h 50 min + 25 min', 'challenge' => true]]]);
        [$set, , $notes] = $this->set($sheet, ['count' => 4]);
        self::assertSame(['Question 3 is the same for all: there is no other quite like it.', 'Questions 1 and 2 are the same for all: they are kept, or told in words.'], $notes);
        $paper = $this->page('/print/sheets/'.$sheet.'?set='.$set.'&part=sheet');
        self::assertSame([4, 4, 4], [substr_count($paper, '6 h 10 min − 3 h 45 min'), substr_count($paper, 'How long is the Pintail at sea'), substr_count($paper, '<h2>Challenge</h2>')]);
        self::assertSame(1, substr_count($paper, '4 h 50 min + 25 min'));
    }

    public function testSetsAreListedDeletedAndBroughtBack(): void
    {
        $sheet = $this->sheet([['text' => ['sum' => '6 h 10 min - 3 h 45 min']]]);
        [$first, $copies] = $this->set($sheet, ['count' => 2]);
        [$second] = $this->set($sheet, ['count' => 3]);
        self::assertSame([$second, $first], array_column($this->ask('GET', '/api/sheets/'.$sheet.'/sets'), 'id'));
        $this->ask('DELETE', '/api/sheets/'.$sheet.'/sets/'.$first);
        self::assertSame(204, $this->code());
        self::assertSame([$second], array_column($this->ask('GET', '/api/sheets/'.$sheet.'/sets'), 'id'));
        $this->ask('GET', '/api/codes/'.$copies[0]['code']);
        self::assertSame(204, $this->code());
        $this->browser->request('GET', '/print/sheets/'.$sheet.'?set='.$first);
        self::assertSame(404, $this->code());
        $this->ask('POST', '/api/sheets/'.$sheet.'/sets/'.$first.'/restore');
        self::assertSame(204, $this->code());
        self::assertSame($first, $this->ask('GET', '/api/codes/'.$copies[0]['code'])['setId']);
        foreach ([['count' => 1], ['count' => 61], ['count' => 2, 'children' => ['Wren']]] as $wrong) {
            $this->ask('POST', '/api/sheets/'.$sheet.'/sets', $wrong);
            self::assertSame(422, $this->code());
        }
        $this->ask('DELETE', '/api/sheets/'.$sheet.'/sets/'.Uuid::v4()->toRfc4122());
        self::assertSame(404, $this->code());
    }

    public function testNobodyElseFindsThem(): void
    {
        $sheet = $this->sheet([['text' => ['sum' => '6 h 10 min - 3 h 45 min']]]);
        [$set, $copies] = $this->set($sheet, ['count' => 2]);
        $other = $this->colleague('beryl@ombrel.example', 'Beryl Quay');
        $this->entities()->persist($other);
        $this->entities()->flush();
        $this->browser->loginUser($other);
        $this->ask('GET', '/api/codes/'.$copies[0]['code']);
        self::assertSame(204, $this->code());
        foreach (['/api/sheets/'.$sheet.'/sets', '/print/sheets/'.$sheet.'?set='.$set, '/print/sheets/'.$sheet.'.pdf/progress?set='.$set] as $address) {
            $this->ask('GET', $address);
            self::assertSame(404, $this->code(), $address);
        }
    }

    /** What was deleted more than 30 days ago goes for good when the shelf is next opened, and the names on copies with it. */
    public function testWhatWasDeletedLongAgoIsForgotten(): void
    {
        $sheet = $this->sheet([['text' => ['sum' => '6 h 10 min - 3 h 45 min']]]);
        [$old] = $this->set($sheet, ['count' => 2, 'children' => \array_slice(array_keys($this->children()), 0, 2)]);
        [$fresh] = $this->set($sheet, ['count' => 2, 'children' => \array_slice(array_keys($this->children()), 0, 2)]);
        $gone = $this->sheet([['text' => ['sum' => '1 h + 2 h']]]);
        foreach (['/api/sheets/'.$sheet.'/sets/'.$old, '/api/sheets/'.$sheet.'/sets/'.$fresh, '/api/sheets/'.$gone] as $address) {
            $this->ask('DELETE', $address);
        }
        $database = $this->entities()->getConnection();
        $database->executeStatement('UPDATE copy SET deleted_at = ? WHERE set_id = ?', [(new \DateTimeImmutable('-31 days'))->format('Y-m-d H:i:s'), Uuid::fromString($old)->toBinary()]);
        $database->executeStatement('UPDATE sheet SET deleted_at = ? WHERE id = ?', [(new \DateTimeImmutable('-31 days'))->format('Y-m-d H:i:s'), Uuid::fromString($gone)->toBinary()]);
        $this->entities()->clear();
        $this->ask('GET', '/api/sheets');
        self::assertEquals([2, 0], [$database->fetchOne('SELECT COUNT(*) FROM copy'), $database->fetchOne('SELECT COUNT(*) FROM sheet WHERE id = ?', [Uuid::fromString($gone)->toBinary()])]);
        $this->ask('POST', '/api/sheets/'.$sheet.'/sets/'.$fresh.'/restore');
        self::assertSame(204, $this->code());
        $this->ask('POST', '/api/sheets/'.$gone.'/restore');
        self::assertSame(404, $this->code());
    }
}
