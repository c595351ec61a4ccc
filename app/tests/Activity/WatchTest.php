<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Activity;

use Rostik\App\Tests\Practice\TabletTestCase;

/** Tablets that are watches: a length of time is felt, and nothing is asked. */
final class WatchTest extends TabletTestCase
{
    /** All tablets have come in so many seconds before they did. */
    private function cameEarlier(int $seconds): void
    {
        $this->entities()->getConnection()->executeStatement('UPDATE seat SET came_at = DATE_SUB(came_at, INTERVAL :seconds SECOND)', ['seconds' => $seconds]);
        $this->entities()->clear();
    }

    public function testTabletsAreWatchesAndEveryTryIsTakenOnce(): void
    {
        $this->signIn();
        $practice = $this->ask('POST', '/api/classes/'.$this->classId().'/watches', ['target' => 20, 'exactly' => 5, 'doing' => 'on one leg']);
        self::assertSame(201, $this->code(), (string) json_encode($practice));
        self::assertSame([20, 5, 'on one leg', []], array_map(fn (string $part): mixed => self::in($this->ask('GET', '/api/classes/'.$this->classId().'/tallies'), 0, $part), ['target', 'exactly', 'doing', 'tries']));
        $this->ask('POST', '/api/classes/'.$this->classId().'/watches', ['target' => 20, 'exactly' => 5]);
        self::assertSame(422, $this->code(), 'one at a time');
        self::assertCount(1, $this->ask('GET', '/api/classes/'.$this->classId().'/tallies'), 'and no tally for what was not opened');
        $this->forgetTeacher();
        foreach (['Jory', 'Lorcan'] as $name) {
            $now = $this->comeIn(self::word($practice['code']), $name);
            self::assertSame([20, [], 0], [$now['target'], $now['waiting'], $now['of']]);
        }
        // faster than time goes nothing is measured
        $this->asTablet('Jory', 'POST', '/api/go/tries', ['n' => 0, 'tenths' => 196]);
        self::assertSame(422, $this->code());
        $this->cameEarlier(50);
        self::assertSame(['tenths' => 196, 'child' => null, 'is' => 'exactly'], $this->asTablet('Jory', 'POST', '/api/go/tries', ['n' => 0, 'tenths' => 196]));
        // sent again, since the reply was lost
        self::assertSame(196, $this->asTablet('Jory', 'POST', '/api/go/tries', ['n' => 0, 'tenths' => 250])['tenths']);
        self::assertSame('over', $this->asTablet('Jory', 'POST', '/api/go/tries', ['n' => 1, 'tenths' => 250])['is']);
        self::assertSame('under', $this->asTablet('Lorcan', 'POST', '/api/go/tries', ['n' => 0, 'tenths' => 100])['is']);
        $this->asTablet('Lorcan', 'POST', '/api/go/tries', ['n' => 1, 'tenths' => 9001]);
        self::assertSame(422, $this->code());
        // as fast as they can be had: each counts a second, however short it is said to have been
        $taken = 0;
        for ($n = 1; $n < 100; ++$n) {
            $this->asTablet('Lorcan', 'POST', '/api/go/tries', ['n' => $n, 'tenths' => 0]);
            $taken += (int) $this->browser->getResponse()->isSuccessful();
        }
        self::assertGreaterThan(30, $taken);
        self::assertLessThan(60, $taken);
        $this->entities()->getConnection()->executeStatement('DELETE FROM tally_try WHERE tenths = 0');
        $this->signIn();
        $tally = (array) self::in($this->ask('GET', '/api/classes/'.$this->classId().'/tallies'), 0);
        self::assertSame([$practice['id'], 20, 1, 1, 1], [$tally['id'], $tally['target'], $tally['under'], $tally['right'], $tally['over']]);
        self::assertSame([null, null, null], array_column((array) $tally['tries'], 'child'), 'nobody is named');
        $this->ask('POST', '/api/practices/'.self::word($practice['id']).'/close', ['lastWord' => '']);
        $this->forgetTeacher();
        $this->asTablet('Jory', 'POST', '/api/go/tries', ['n' => 2, 'tenths' => 200]);
        self::assertSame(410, $this->code());
        // where questions are asked a tablet is no watch
        $other = $this->open();
        $this->comeIn($other['code'], 'Jory');
        $this->asTablet('Jory', 'POST', '/api/go/tries', ['n' => 0, 'tenths' => 200]);
        self::assertSame(410, $this->code());
    }
}
