<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Practice;

use Rostik\App\Practice\Code;
use Rostik\App\Practice\Practice;
use Rostik\App\Practice\Put;
use Rostik\App\Practice\Seat;
use Symfony\Component\BrowserKit\Cookie;

/** A practice from both sides: the teacher's screen and the children's tablets, each with what it may reach and no more. */
final class PracticeTest extends TabletTestCase
{
    public function testAClassPractisesAndEveryAnswerIsOnRecord(): void
    {
        $practice = $this->open();
        $found = $this->ask('POST', '/api/go/class', ['code' => strtoupper(str_replace(' ', '-', $practice['code']))]);
        self::assertSame(200, $this->code());
        self::assertSame('Kittiwakes', $found['name']);
        self::assertCount(24, (array) $found['children']);

        $cleo = $this->comeIn($practice['code'], 'Cleo');
        self::assertSame('Cleo', $cleo['name']);
        self::assertSame([0, 12, true], [$cleo['done'], $cleo['of'], $cleo['open']]);
        // ten at least wait, so that there are some without a connection
        $now = $this->now('Cleo');
        self::assertCount(12, (array) $now['offers']);

        $right = $wrong = $half = 0;
        for ($i = 0; $i < 12; ++$i) {
            $offer = self::first($this->now('Cleo'));
            $usual = self::bySignal($offer);
            if (1 === $i % 4 && isset($usual['look'])) {
                $said = $this->answer('Cleo', $offer['id'], 0, $usual['look']);
                self::assertSame('look', $said['signal']);
                self::assertNotSame('', $said['say']);
                $this->answer('Cleo', $offer['id'], 1, $usual['right'], 1);
                ++$wrong;
            } elseif (2 === $i % 4 && isset($usual['ask'])) {
                self::assertSame('ask', $this->answer('Cleo', $offer['id'], 0, $usual['ask'])['signal']);
                $this->answer('Cleo', $offer['id'], 1, $usual['right']);
                ++$half;
            } else {
                self::assertSame('right', $this->answer('Cleo', $offer['id'], 0, $usual['right'])['signal']);
                ++$right;
            }
        }
        $now = $this->now('Cleo');
        self::assertSame([12, []], [$now['done'], $now['waiting']]);

        $this->signIn();
        $seen = $this->ask('GET', '/api/practices/'.$practice['id']);
        self::assertSame(['Cleo', 12, 'finished'], [self::in($seen, 'seats', 0, 'name'), self::in($seen, 'seats', 0, 'done'), self::in($seen, 'seats', 0, 'state')]);
        self::assertCount(23, (array) $seen['missing']);
        self::assertStringStartsWith('I can ', self::word(self::in($seen, 'hardest', 'can')));
        $questions = $this->ask('GET', '/api/practices/'.$practice['id'].'/seats/'.self::word(self::in($seen, 'seats', 0, 'id')));
        self::assertCount(12, $questions);
        self::assertSame([$right + $half, $wrong], [\count(array_filter($questions, static fn (mixed $one): bool => true === self::in($one, 'right'))), \count(array_filter($questions, static fn (mixed $one): bool => false === self::in($one, 'right')))]);
        foreach ($questions as $one) {
            self::assertNotSame('', self::in($one, 'because'));
        }
        // all twelve are in the child's record
        $id = (string) array_search('Cleo', $this->children(), true);
        $answers = array_values(array_filter((array) self::in($this->ask('GET', '/api/children/'.$id), 'answers'), static fn (mixed $one): bool => 'practice' === self::in($one, 'from')));
        self::assertCount(12, $answers);
        self::assertCount($wrong, array_filter($answers, static fn (mixed $one): bool => false === self::in($one, 'right')));
    }

    public function testAnAnswerSentTwiceIsTakenOnceAndManyAtOnceInTheirOrder(): void
    {
        $practice = $this->open();
        $this->comeIn($practice['code'], 'Wren');
        $now = $this->now('Wren');
        $offers = \array_slice((array) $now['offers'], 0, 8);
        $answers = [];
        foreach ($offers as $offer) {
            self::assertIsArray($offer);
            $answers[] = ['question' => $offer['id'], 'n' => 0, 'given' => self::bySignal($offer)['right'] ?? '', 'help' => 0, 'over' => false];
        }
        $this->asTablet('Wren', 'POST', '/api/go/answers', ['answers' => $answers, 'have' => []]);
        self::assertSame(200, $this->code());
        $again = $this->asTablet('Wren', 'POST', '/api/go/answers', ['answers' => $answers, 'have' => []]);
        self::assertSame(8, $again['done']);
        self::assertCount(8, array_filter((array) $again['said'], static fn (mixed $one): bool => 'right' === self::in($one, 'signal')));
        $this->entities()->clear();
        foreach ($this->entities()->getRepository(Put::class)->findAll() as $put) {
            self::assertLessThanOrEqual(1, \count($put->answers()));
        }
    }

    public function testWhileAChildLooksAgainWhatComesNextIsChosenAnew(): void
    {
        $practice = $this->open();
        $this->comeIn($practice['code'], 'Noor');
        $now = $this->now('Noor');
        $offer = self::first($now);
        $send = fn (int $n, string $signal): array => $this->asTablet('Noor', 'POST', '/api/go/answers', ['answers' => [['question' => $offer['id'], 'n' => $n, 'given' => self::bySignal($offer)[$signal], 'help' => 0, 'over' => false]], 'have' => $now['waiting']]);
        $wrong = $send(0, 'look');
        self::assertTrue($wrong['more']);
        self::assertSame($now['waiting'], $wrong['waiting']);
        $then = $this->now('Noor');
        self::assertSame($offer['id'], self::in($then, 'waiting', 0));
        self::assertNotSame(self::in($now, 'waiting', 1), self::in($then, 'waiting', 1));
        // the second answer to the same question tells nothing more
        $right = $send(1, 'right');
        self::assertSame(self::in($then, 'waiting', 1), self::in($right, 'waiting', 0));
    }

    public function testWhatIsNoAnswerIsRefusedAndNothingIsKept(): void
    {
        $practice = $this->open();
        $this->comeIn($practice['code'], 'Yusuf');
        $question = self::first($this->now('Yusuf'))['id'];
        $answer = ['question' => $question, 'n' => 0, 'given' => 'x'];
        foreach ([[], ['answers' => 'x'], ['answers' => [['n' => 0]]], ['answers' => [['n' => -1] + $answer]], ['answers' => [['help' => 4] + $answer]], ['answers' => [['given' => str_repeat('9', 401)] + $answer]], ['answers' => [['given' => ['x']] + $answer]], ['answers' => array_fill(0, 101, $answer)], ['answers' => [$answer], 'have' => 'all']] as $body) {
            $this->asTablet('Yusuf', 'POST', '/api/go/answers', $body);
            self::assertSame(422, $this->code(), (string) json_encode($body));
        }
        self::assertSame([], $this->entities()->getRepository(Put::class)->find($question)?->answers());
    }

    public function testWhoStopsAndComesAgainGoesOn(): void
    {
        $practice = $this->open();
        $this->comeIn($practice['code'], 'Otis');
        for ($i = 0; $i < 3; ++$i) {
            $offer = self::first($this->now('Otis'));
            $this->answer('Otis', $offer['id'], 0, self::bySignal($offer)['right']);
        }
        $this->asTablet('Otis', 'POST', '/api/go/out');
        self::assertSame(204, $this->code());
        $this->asTablet('Otis', 'GET', '/api/go/now');
        self::assertSame(3, $this->comeIn($practice['code'], 'Otis')['done']);
        $this->signIn();
        self::assertCount(1, (array) $this->ask('GET', '/api/practices/'.$practice['id'])['seats']);
    }

    public function testTwoOnOneNameAreSeenAndOneIsSentAway(): void
    {
        $practice = $this->open();
        $this->comeIn($practice['code'], 'Ines');
        $first = $this->tablets['Ines'];
        $this->comeIn($practice['code'], 'Ines');
        $this->signIn();
        $seats = (array) $this->ask('GET', '/api/practices/'.$practice['id'])['seats'];
        self::assertSame([true, true], array_map(static fn (mixed $one): mixed => self::in($one, 'double'), $seats));
        $seats = (array) $this->ask('DELETE', '/api/practices/'.$practice['id'].'/seats/'.self::word(self::in($seats, 0, 'id')))['seats'];
        self::assertSame([false], array_map(static fn (mixed $one): mixed => self::in($one, 'double'), $seats));
        $this->tablets['first'] = $first;
        $this->asTablet('first', 'POST', '/api/go/answers', ['answers' => [], 'have' => []]);
        self::assertSame(410, $this->code());
    }

    public function testTwoAtOneTabletTakeTurnsAndEachHasItsOwnRecord(): void
    {
        $practice = $this->open();
        $children = $this->childrenByName();
        $this->tablets['two'] = $this->sitDown(['code' => $practice['code'], 'child' => $children['Uma'], 'partner' => $children['Viggo']]);
        $turns = [];
        for ($i = 0; $i < 4; ++$i) {
            $now = $this->now('two');
            self::assertSame(['Uma', 'Viggo'], $now['two']);
            $offer = self::first($now);
            $turns[] = $offer['turn'];
            $this->answer('two', $offer['id'], 0, self::bySignal($offer)['right']);
        }
        self::assertSame(['Uma', 'Viggo', 'Uma', 'Viggo'], $turns);
        $this->signIn();
        $answered = fn (string $name): int => \count(array_filter((array) self::in($this->ask('GET', '/api/children/'.$children[$name]), 'answers'), static fn (mixed $one): bool => 'practice' === self::in($one, 'from')));
        self::assertSame([2, 2], [$answered('Uma'), $answered('Viggo')]);
        // one of them is forgotten; the other one's answers stay its own
        $this->ask('DELETE', '/api/children/'.$children['Uma'].'/seen');
        self::assertSame([0, 2], [$answered('Uma'), $answered('Viggo')]);
        $this->ask('GET', '/api/children/'.$children['Viggo'].'/data');
        self::assertSame(200, $this->code());
    }

    public function testPicturesAreAskedForWhereTheClassWantsThem(): void
    {
        $practice = $this->open(['signs' => true]);
        $child = $this->childrenByName()['Noor'];
        $come = ['code' => $practice['code'], 'child' => $child];
        $this->ask('POST', '/api/go/in', $come);
        self::assertSame(422, $this->code());
        // the first time they are chosen
        $this->sitDown($come + ['sign' => [1, 5, 5]]);
        $this->sitDown($come + ['sign' => [1, 5, 5]]);
        for ($i = 0; $i < 6; ++$i) {
            $no = $this->ask('POST', '/api/go/in', $come + ['sign' => [5, 1, 5]]);
        }
        self::assertSame('not-those-pictures', $no['code'] ?? '');
        $this->signIn();
        $this->ask('DELETE', '/api/children/'.$child.'/sign');
        self::assertSame(204, $this->code());
        $this->sitDown($come + ['sign' => [2, 2, 2]]);
    }

    public function testASheetIsPractisedAndWhatWentWrongComesAgain(): void
    {
        $this->signIn();
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'At the tablets', 'questions' => array_map(static fn (string $sum, int $i): array => ['id' => '01900000-0000-4000-8000-00000000000'.$i, 'text' => ['sum' => $sum]], ['1 h 50 min + 35 min', '10:35 a.m. + 50 min', '5 h 10 min - 2 h 35 min'], [0, 1, 2])]);
        self::assertSame(201, $this->code(), (string) json_encode($sheet));
        $practice = $this->open(['of' => 'sheet', 'sheet' => $sheet['id']]);
        $this->comeIn($practice['code'], 'Farid');
        $asked = [];
        for ($i = 0; $i < 4; ++$i) {
            $offer = self::first($this->now('Farid'));
            $asked[] = self::plain(self::word($offer['asked']));
            $usual = self::bySignal($offer);
            $this->answer('Farid', $offer['id'], 0, 0 === $i ? $usual['look'] : $usual['right']);
            if (0 === $i) {
                $this->asTablet('Farid', 'POST', '/api/go/answers', ['answers' => [['question' => $offer['id'], 'n' => 1, 'help' => 3, 'over' => true]], 'have' => []]);
            }
        }
        self::assertStringContainsString('1 h 50 min + 35 min', $asked[0]);
        self::assertStringContainsString('5 h 10 min − 2 h 35 min', $asked[2]);
        self::assertStringContainsString(' + ', $asked[3]);
        self::assertNotContains($asked[3], [$asked[0]]);
        // that was all
        $now = $this->now('Farid');
        self::assertSame([4, 4, []], [$now['done'], $now['of'], $now['waiting']]);
        $this->signIn();
        self::assertSame('finished', self::in($this->ask('GET', '/api/practices/'.$practice['id']), 'seats', 0, 'state'));
    }

    public function testAClassWithoutAListHasNumbers(): void
    {
        $this->signIn();
        $id = '01900000-0000-7000-8000-00000000c0de';
        $this->ask('PUT', '/api/classes/'.$id, ['name' => 'Sanderlings', 'children' => [], 'taught' => []]);
        self::assertSame(200, $this->code());
        $practice = $this->ask('POST', '/api/classes/'.$id.'/practices', ['of' => 'rungs', 'rungs' => ['add-regroup']]);
        $code = self::word($practice['code']);
        $this->forgetTeacher();
        self::assertSame('17', self::in($this->ask('POST', '/api/go/class', ['code' => $code]), 'children', 16, 'name'));
        $this->tablets['by number'] = $this->sitDown(['code' => $code, 'child' => '17']);
        self::assertSame('17', $this->now('by number')['name']);
        $this->ask('POST', '/api/go/in', ['code' => $code, 'child' => '99']);
        self::assertSame(422, $this->code());
    }

    public function testNobodyReachesWhatIsNotHis(): void
    {
        $practice = $this->open();
        $this->comeIn($practice['code'], 'Bram');
        $this->comeIn($practice['code'], 'Esme');
        $question = self::first($this->now('Bram'));
        // another child's question: nothing is said, nothing is kept
        $said = $this->asTablet('Esme', 'POST', '/api/go/answers', ['answers' => [['question' => $question['id'], 'n' => 0, 'given' => 'x']], 'have' => []]);
        self::assertSame([], $said['said']);
        self::assertStringNotContainsString(self::word($question['id']), (string) json_encode($said));
        // the teacher's API with a tablet's secret
        foreach (['/api/me' => 204, '/api/classes' => 401, '/api/sheets' => 401, '/api/practices/'.$practice['id'] => 401, '/api/account' => 401] as $path => $status) {
            $reply = $this->asTablet('Bram', 'GET', $path);
            self::assertSame($status, $this->code(), $path);
            self::assertArrayNotHasKey('email', $reply);
        }
        // the tablets' API with a teacher's session, with none, and with a made-up secret
        $this->signIn();
        $this->browser->getCookieJar()->expire('rostik-seat', '/api/go');
        $this->ask('GET', '/api/go/now');
        self::assertSame(401, $this->code());
        $this->forgetTeacher();
        $this->tablets['nobody'] = new Cookie('rostik-seat', str_repeat('ab', 32), null, '/api/go');
        foreach (['GET' => '/api/go/now', 'POST' => '/api/go/answers'] as $method => $path) {
            $this->asTablet('nobody', $method, $path, 'POST' === $method ? ['answers' => [], 'have' => []] : null);
            self::assertSame(401, $this->code());
        }
        // a name that is not in the class
        $this->ask('POST', '/api/go/in', ['code' => $practice['code'], 'child' => '01900000-0000-7000-8000-000000000000']);
        self::assertSame(422, $this->code());
        // from another page
        $this->asTablet('Bram', 'POST', '/api/go/answers', ['answers' => [], 'have' => []], ['HTTP_ORIGIN' => 'https://elsewhere.example', 'HTTP_SEC_FETCH_SITE' => 'cross-site']);
        self::assertSame(403, $this->code());
    }

    public function testAClosedPracticeTakesNothingMore(): void
    {
        $practice = $this->open();
        $this->comeIn($practice['code'], 'Greta');
        $question = self::first($this->now('Greta'));
        $answer = static fn (int $n): array => ['answers' => [['question' => $question['id'], 'n' => $n, 'given' => self::bySignal($question)['right']]], 'have' => []];
        $this->signIn();
        $closed = $this->ask('POST', '/api/practices/'.$practice['id'].'/close', ['lastWord' => 'To the quay!']);
        self::assertFalse($closed['open']);
        $this->forgetTeacher();
        self::assertSame(404, $this->found($practice['code']));
        $now = $this->now('Greta');
        self::assertSame([false, 'To the quay!', []], [$now['open'], $now['lastWord'], $now['offers']]);
        // what was answered without a connection is kept for a while; nothing is said about it
        $reply = $this->asTablet('Greta', 'POST', '/api/go/answers', $answer(0));
        self::assertSame([410, 'To the quay!'], [$this->code(), $reply['detail']]);
        $this->entities()->clear();
        $put = $this->entities()->getRepository(Put::class)->find($question['id']);
        self::assertNotNull($put);
        self::assertCount(1, $put->answers());
        // later on it is not
        $open = $this->entities()->getRepository(Practice::class)->find($practice['id']);
        self::assertNotNull($open);
        (new \ReflectionProperty(Practice::class, 'closedAt'))->setValue($open, new \DateTimeImmutable('-20 minutes'));
        $this->entities()->flush();
        $this->asTablet('Greta', 'POST', '/api/go/answers', $answer(1));
        self::assertSame(410, $this->code());
        $this->entities()->clear();
        self::assertCount(1, $this->entities()->getRepository(Put::class)->find($question['id'])?->answers() ?? []);
    }

    public function testCodesCannotBeGuessedAndOneTabletThatGuessesStopsNoOther(): void
    {
        $words = Code::words();
        self::assertCount(256, array_unique($words));
        $practice = $this->open();
        $this->comeIn($practice['code'], 'Jory');
        $jory = $this->browser->getCookieJar()->get('rostik-tablet', '/api/go');
        self::assertNotNull($jory);
        $codes = [];
        for ($i = 0; $i < 12; ++$i) {
            $this->ask('POST', '/api/go/class', ['code' => \sprintf('%s %s %d', $words[$i], $words[$i + 1], 40 + $i)]);
            $codes[] = $this->code();
        }
        self::assertContains(429, $codes);
        self::assertGreaterThan(0, (int) $this->browser->getResponse()->headers->get('Retry-After'));
        // even the right one waits now; at a tablet beside it, it does not
        self::assertSame(429, $this->found($practice['code']));
        $this->browser->getCookieJar()->clear();
        self::assertSame(200, $this->found($practice['code']));
        // without a known tablet the address is counted, right codes not among them
        $codes = [];
        for ($i = 0; $i < 80; ++$i) {
            $codes[] = $this->found(0 === $i % 10 ? $practice['code'] : \sprintf('%s %s %d', $words[$i], $words[$i + 3], 2 + $i));
        }
        self::assertSame(429, $codes[79]);
        self::assertSame(200, $codes[40]);
    }

    /** Whoever has the code of one class may come in as often as there are seats: the guesses of all these tablets are counted together. */
    public function testOneRightCodeBuysNoGuesses(): void
    {
        $practice = $this->open();
        $words = Code::words();
        $looked = 0;
        foreach (array_values($this->childrenByName()) as $i => $child) {
            $this->browser->getCookieJar()->clear();
            $this->sitDown(['code' => $practice['code'], 'child' => $child]);
            for ($n = 0; $n < 8; ++$n) {
                $looked += 404 === $this->found(\sprintf('%s %s %d', $words[$i], $words[$n + 40], 2 + $i)) ? 1 : 0;
            }
        }
        self::assertGreaterThan(100, $looked, 'a class that mistypes is not stopped');
        self::assertLessThan(135, $looked, 'and a hundred and more are enough for anybody');
        // a cookie that was made up, or is of another kind, makes nobody a known tablet
        foreach (['x', str_repeat('a', 32).'.'.str_repeat('b', 64), str_repeat('a', 32).'.'.str_repeat('b', 32).'.'.str_repeat('c', 64)] as $made) {
            $this->browser->getCookieJar()->clear();
            $this->browser->getCookieJar()->set(new Cookie('rostik-tablet', $made, path: '/api/go'));
            self::assertContains($this->found('acorn amber 2'), [404, 429]);
        }
    }

    public function testAClassHasAsManySeatsAsChildrenAndSomeAndThoseThatLeftAreFree(): void
    {
        $practice = $this->open();
        $children = array_values($this->childrenByName());
        for ($i = 0; $i < \count($children) + 10; ++$i) {
            $this->browser->getCookieJar()->clear();
            $this->sitDown(['code' => $practice['code'], 'child' => $children[$i % \count($children)]]);
        }
        $this->browser->getCookieJar()->clear();
        $no = $this->ask('POST', '/api/go/in', ['code' => $practice['code'], 'child' => $children[0]]);
        self::assertSame('All places are taken. Ask your teacher: one of them can be closed.', $no['detail'] ?? null);
        // the teacher sees who sits twice, and closes one
        $this->signIn();
        $seats = (array) $this->ask('GET', '/api/practices/'.$practice['id'])['seats'];
        $twice = array_values(array_filter($seats, static fn (mixed $seat): bool => true === self::in($seat, 'double')));
        self::assertCount(20, $twice);
        $this->ask('DELETE', '/api/practices/'.$practice['id'].'/seats/'.self::text((array) $twice[0], 'id'));
        self::assertSame(200, $this->code());
        $this->browser->getCookieJar()->clear();
        // the place is free again
        $this->sitDown(['code' => $practice['code'], 'child' => $children[0]]);
    }

    public function testBothOfAPairShowTheirPictures(): void
    {
        $practice = $this->open(['signs' => true]);
        [$one, $two] = array_values($this->childrenByName());
        $come = ['code' => $practice['code'], 'child' => $one];
        $this->sitDown($come + ['sign' => [1, 2, 3]]);
        $this->sitDown(['code' => $practice['code'], 'child' => $two, 'sign' => [4, 5, 6]]);
        foreach ([[], [1, 2, 3], [4, 5]] as $wrong) {
            $no = $this->ask('POST', '/api/go/in', $come + ['sign' => [1, 2, 3], 'partner' => $two, 'partnerSign' => $wrong]);
            self::assertSame([422, 'not-those-pictures'], [$this->code(), $no['code'] ?? null]);
        }
        $this->sitDown($come + ['sign' => [1, 2, 3], 'partner' => $two, 'partnerSign' => [4, 5, 6]]);
        // and the teacher sees that each of them sits twice
        $this->signIn();
        $seats = (array) $this->ask('GET', '/api/practices/'.$practice['id'])['seats'];
        self::assertSame([true, true, true], array_map(static fn (mixed $seat): mixed => self::in($seat, 'double'), array_values($seats)));
    }

    public function testWhoTeachesAnotherClassSeesNothing(): void
    {
        $practice = $this->open();
        $this->comeIn($practice['code'], 'Hamza');
        $seat = $this->entities()->getRepository(Seat::class)->findAll()[0]->id()->toRfc4122();
        $this->colleague('brone@ombrel.example', 'Mr Brone Ash');
        $this->entities()->flush();
        $this->signIn('brone@ombrel.example');
        foreach ([['GET', ''], ['POST', '/close'], ['DELETE', ''], ['GET', '/seats/'.$seat], ['DELETE', '/seats/'.$seat]] as [$method, $path]) {
            $this->ask($method, '/api/practices/'.$practice['id'].$path, 'POST' === $method ? [] : null);
            self::assertSame(404, $this->code(), $method.$path);
        }
    }

    public function testATimetableIsReadAtATabletAndItsAnswersAreOnRecord(): void
    {
        $practice = $this->open(['of' => 'rungs', 'rungs' => ['find-in-timetable', 'timetable-how-long', 'timetable-next'], 'many' => 6]);
        $this->comeIn($practice['code'], 'Saoirse');
        for ($i = 0; $i < 6; ++$i) {
            $offer = self::first($this->now('Saoirse'));
            self::assertSame('The Pintail, summer: to Fell Harbour', self::in($offer, 'table', 'title'));
            self::assertNotSame([], $offer['reading']);
            $usual = self::bySignal($offer);
            if (0 === $i && isset($usual['look'])) {
                self::assertSame('look', $this->answer('Saoirse', $offer['id'], 0, $usual['look'])['signal']);
                self::assertSame('right', $this->answer('Saoirse', $offer['id'], 1, $usual['right'])['signal']);
                continue;
            }
            self::assertSame('right', $this->answer('Saoirse', $offer['id'], 0, $usual['right'])['signal']);
        }
        $this->signIn();
        $id = (string) array_search('Saoirse', $this->children(), true);
        $seen = $this->ask('GET', '/api/children/'.$id);
        $answers = array_values(array_filter((array) $seen['answers'], static fn (mixed $one): bool => 'practice' === self::in($one, 'from')));
        self::assertCount(6, $answers);
        self::assertStringNotContainsString('{', self::word(self::in($answers, 0, 'asked')));
        self::assertNotSame([], array_filter((array) $seen['rungs'], static fn (mixed $one): bool => \in_array(self::in($one, 'rung'), ['find-in-timetable', 'timetable-how-long', 'timetable-next'], true)));
        $made = $this->ask('POST', '/api/practices/'.$practice['id'].'/paper', ['for' => [$id]]);
        self::assertSame(201, $this->code(), (string) json_encode($made));
        $this->browser->request('GET', '/print/sheets/'.self::word($made['sheet']).'?set='.self::word($made['set']));
        self::assertStringContainsString('Cormorant Steps', $this->printed());
    }

    public function testForWhoHasNoTabletItIsPrintedWithACodeThatIsMarkedAsAnyOther(): void
    {
        $practice = $this->open(['many' => 6]);
        $this->signIn();
        $children = array_flip($this->children());
        $made = $this->ask('POST', '/api/practices/'.$practice['id'].'/paper', ['for' => [$children['Quill'], $children['Rufus']]]);
        self::assertSame(201, $this->code(), (string) json_encode($made));
        $this->browser->request('GET', '/print/sheets/'.self::word($made['sheet']).'?set='.self::word($made['set']));
        self::assertSame(200, $this->code());
        $page = $this->printed();
        self::assertStringContainsString('Quill', $page);
        self::assertStringContainsString('Rufus', $page);
        self::assertStringNotContainsString('Yusuf', $page);
        $copies = (array) self::in($this->ask('GET', '/api/sheets/'.self::word($made['sheet']).'/sets'), 0, 'copies');
        self::assertCount(2, $copies);
        $pile = $this->ask('POST', '/api/piles', ['sheetId' => $made['sheet'], 'set' => $made['set']]);
        self::assertSame(201, $this->code(), (string) json_encode($pile));
        self::assertSame(['Quill', 'Rufus'], array_map(static fn (mixed $one): mixed => self::in($one, 'name'), (array) $pile['papers']));
        self::assertCount(6, (array) self::in($pile, 'papers', 0, 'own'));
    }

    /** What a practice keeps of earlier days goes with what was seen of a child, and with the child. */
    public function testEarlierDaysAreForgottenToo(): void
    {
        $this->open();
        $kept = function (): array {
            $earlier = $this->entities()->getConnection()->fetchOne('SELECT earlier FROM practice ORDER BY opened_at DESC');

            return array_keys((array) json_decode(\is_string($earlier) ? $earlier : '', true));
        };
        $children = $this->childrenByName();
        [$one, $other] = [$children['Uma'], $children['Viggo']];
        $days = ['across-noon' => [[true, '2026-03-02']]];
        $this->entities()->getConnection()->executeStatement('UPDATE practice SET earlier = ?', [json_encode([$one => $days, $other => $days, $children['Noor'] => $days], \JSON_THROW_ON_ERROR)]);
        $this->entities()->clear();
        $count = \count($kept());
        self::assertSame(3, $count);
        $this->signIn();
        $this->ask('DELETE', '/api/children/'.$one.'/seen');
        self::assertSame([$count - 1, false, true], [\count($kept()), \in_array($one, $kept(), true), \in_array($other, $kept(), true)]);
        $class = array_column($this->ask('GET', '/api/classes'), null, 'id')[$this->classId()] ?? [];
        self::assertIsArray($class);
        $class['children'] = array_values(array_filter((array) $class['children'], static fn (mixed $child): bool => \is_array($child) && $other !== $child['id']));
        $this->ask('PUT', '/api/classes/'.$this->classId(), ['children' => $class['children'], 'name' => $class['name'], 'taught' => $class['taught']]);
        self::assertSame(200, $this->code());
        $this->ask('DELETE', '/api/deleted/child/'.$other);
        self::assertNotContains($other, $kept(), 'a child who has left for good');
        $this->ask('DELETE', '/api/classes/'.$this->classId().'/seen');
        self::assertSame([], $kept());
    }

    public function testOnlyOneIsOpenAndWhatIsForgottenIsGone(): void
    {
        $practice = $this->open();
        $this->comeIn($practice['code'], 'Lorcan');
        $offer = self::first($this->now('Lorcan'));
        $this->answer('Lorcan', $offer['id'], 0, self::bySignal($offer)['right']);
        $this->signIn();
        $this->ask('POST', '/api/classes/'.$this->classId().'/practices', ['of' => 'needs']);
        self::assertSame(422, $this->code());
        $id = (string) array_search('Lorcan', $this->children(), true);
        $this->ask('DELETE', '/api/children/'.$id.'/seen');
        self::assertSame([], array_filter((array) self::in($this->ask('GET', '/api/children/'.$id), 'answers'), static fn (mixed $one): bool => 'practice' === self::in($one, 'from')));
        $list = $this->ask('GET', '/api/classes/'.$this->classId().'/practices');
        self::assertSame([true, 0], [self::in($list, 0, 'open'), self::in($list, 0, 'children')]);
        $this->ask('DELETE', '/api/practices/'.$practice['id']);
        self::assertSame([], $this->ask('GET', '/api/classes/'.$this->classId().'/practices'));
    }
}
