<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Board;

use Rostik\App\Tests\ApiTestCase;

final class BoardTest extends ApiTestCase
{
    public function testOneReplyHasEveryModelAtEveryStep(): void
    {
        $board = $this->ask('POST', '/api/board', ['sum' => '35 minutes before 10:15 am']);
        self::assertSame(200, $this->code());
        self::assertIsArray($board['worked']);
        self::assertSame('10:15 a.m. - 35 min', $board['worked']['sum']);
        self::assertSame(['from' => 615, 'to' => 580, 'halfSaid' => true, 'by24' => false, 'endAsked' => true, 'toTheSecond' => false], $board['clock']);
        self::assertIsArray($board['moments']);
        self::assertSame([615, 600, 580, 580], $board['moments'][0]);
        self::assertSame([['question' => '35 minutes before 10:15 am', 'operation' => 'subtract', 'because' => 'A time earlier: the length is taken from it.', 'step' => null, 'also' => null, 'alsoBecause' => '']], $board['asked']);
        self::assertNull($this->browser->getResponse()->headers->getCookies()[0] ?? null, 'no session is begun');
        $problem = $this->ask('POST', '/api/board', ['sum' => '2 h + bananas']);
        self::assertSame([422, 'unknown-word'], [$this->code(), $problem['code']]);
    }

    public function testOtherSumsToGoWithOne(): void
    {
        $another = $this->ask('POST', '/api/board/another', ['sum' => '1:50 pm + 3 h 30 min', 'seed' => 3]);
        self::assertSame(200, $this->code());
        self::assertIsArray($another['alike']);
        self::assertCount(8, $another['alike']);
        self::assertIsArray($another['easier']);
        self::assertIsArray($another['harder']);
        self::assertSame('later-across-hour', $another['harder']['rung']);
        self::assertEquals($another, $this->ask('POST', '/api/board/another', ['sum' => '1:50 pm + 3 h 30 min', 'seed' => 3]));
        $this->ask('POST', '/api/board/another', ['sum' => 'bananas']);
        self::assertSame(422, $this->code());
        $this->ask('POST', '/api/board/another', ['sum' => '']);
        self::assertSame(422, $this->code());
    }

    public function testTheDayIsGivenWholeAndMayBeKept(): void
    {
        $day = $this->ask('GET', '/api/board/day');
        self::assertSame(200, $this->code());
        self::assertIsArray($day['table']);
        self::assertIsArray($day['table']['digits']);
        self::assertSame('{h:11}:{m:05}', $day['table']['digits'][665]);
        self::assertIsArray($day['activities']);
        self::assertStringContainsString('max-age=3600', (string) $this->browser->getResponse()->headers->get('Cache-Control'));
    }

    public function testWhatIsTypedIsToStandOnTheClock(): void
    {
        $set = $this->ask('POST', '/api/board/setting', ['text' => '3 h later, hour by hour', 'at' => 600]);
        self::assertSame(200, $this->code());
        self::assertIsArray($set['move']);
        self::assertSame(780, $set['move']['to']);
        // a month without a year is of this one
        $set = $this->ask('POST', '/api/board/setting', ['text' => 'october']);
        self::assertSame('October '.date('Y'), self::in($set, 'pages', 0, 'title'));
        // what is none of these is no fault, and nothing
        $this->ask('POST', '/api/board/setting', ['text' => 'kelp']);
        self::assertSame([200, 'null'], [$this->code(), $this->browser->getResponse()->getContent()]);
        $this->ask('POST', '/api/board/setting', ['text' => 'ten to four', 'at' => 9999]);
        self::assertSame(422, $this->code());
    }

    public function testClocksToPractise(): void
    {
        foreach (['o-clock' => 60, 'half' => 30, 'quarter' => 15, 'five' => 5, 'minute' => 1] as $fineness => $step) {
            $clocks = $this->ask('GET', '/api/board/clocks?fineness='.$fineness.'&seed=4');
            self::assertIsArray($clocks['minutes']);
            self::assertCount('o-clock' === $fineness ? 12 : ('half' === $fineness ? 15 : 20), array_unique($clocks['minutes'], \SORT_REGULAR));
            foreach ($clocks['minutes'] as $minutes) {
                self::assertIsInt($minutes);
                self::assertSame(0, $minutes % $step);
                self::assertLessThan(720, $minutes);
            }
        }
        self::assertSame(['right' => true, 'say' => 'Yes: 8:37.'], $this->ask('POST', '/api/board/hands', ['wanted' => 517, 'hour' => 260.5, 'minute' => 222]));
        $wrong = $this->ask('POST', '/api/board/hands', ['wanted' => 210, 'hour' => 180, 'minute' => 105]);
        self::assertFalse($wrong['right']);
        $this->ask('POST', '/api/board/hands', ['wanted' => 900, 'hour' => 180, 'minute' => 105]);
        self::assertSame(422, $this->code());
    }
}
