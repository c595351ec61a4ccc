<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Plan;

use PHPUnit\Framework\Attributes\IgnoreDeprecations;
use Rostik\App\Plan\PlannedLesson;
use Rostik\App\Tests\ApiTestCase;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Reader;

final class PlanTest extends ApiTestCase
{
    private string $of = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $id = self::in($this->ask('GET', '/api/classes'), 0, 'id');
        self::assertIsString($id);
        $this->of = '/api/classes/'.$id;
    }

    /**
     * Lessons on Monday, Tuesday and Thursday, beginning on Monday, 7 December 2093.
     *
     * @param array<string, mixed> $more
     *
     * @return array<mixed>
     */
    private function plan(array $more = []): array
    {
        $reply = $this->ask('PUT', $this->of.'/plan', $more + [
            'wanted' => ['across-noon'],
            'had' => ['later-within-hour', 'am-pm', 'read-clock-five'],
            'week' => [['weekday' => 1, 'start' => '09:40', 'minutes' => 60], ['weekday' => 2, 'start' => '11:00', 'minutes' => 45], ['weekday' => 4, 'start' => '09:40', 'minutes' => 60]],
            'first' => '2093-12-07',
            'lessons' => 5,
            'off' => [['from' => '2093-12-10', 'to' => '2093-12-13']],
            'seed' => 4,
        ]);
        self::assertSame(200, $this->code(), (string) json_encode($reply));

        return $reply;
    }

    public function testLessonsBeginAfterNow(): void
    {
        $today = new \DateTimeImmutable('today');
        $daily = static fn (string $start): array => array_map(static fn (int $day): array => ['weekday' => $day, 'start' => $start, 'minutes' => 45], range(1, 7));
        // midnight is over at every hour of the day
        $plan = $this->plan(['first' => $today->format('Y-m-d'), 'week' => $daily('00:00'), 'lessons' => 3, 'off' => []]);
        self::assertSame([$today->modify('+1 day')->format('Y-m-d').' 00:00', $today->modify('+2 days')->format('Y-m-d').' 00:00', $today->modify('+3 days')->format('Y-m-d').' 00:00'], self::days($plan));
        // who says that it began earlier has the days that are over, too
        $plan = $this->plan(['first' => $today->modify('-1 day')->format('Y-m-d'), 'week' => $daily('00:00'), 'lessons' => 2, 'off' => []]);
        self::assertSame([$today->modify('-1 day')->format('Y-m-d').' 00:00', $today->format('Y-m-d').' 00:00'], self::days($plan));
    }

    /**
     * @param array<mixed> $plan
     *
     * @return list<string>
     */
    private static function ids(array $plan): array
    {
        return array_values(array_filter(array_column((array) $plan['lessons'], 'id'), is_string(...)));
    }

    /**
     * @param array<mixed> $plan
     *
     * @return list<string> day and time of each
     */
    private static function days(array $plan): array
    {
        return array_map(static fn (mixed $one): string => implode(' ', array_filter([self::in($one, 'on'), self::in($one, 'start')], is_string(...))), array_values((array) $plan['lessons']));
    }

    public function testAClassWithoutAPlanHasNoneAndOneIsMadeOnTheDaysThatThereAre(): void
    {
        $none = $this->ask('GET', $this->of.'/plan');
        self::assertSame([null, []], [$none['course'], $none['lessons']]);
        $plan = $this->plan();
        // from the 10th to the 13th there are none
        self::assertSame(['2093-12-07 09:40', '2093-12-08 11:00', '2093-12-14 09:40', '2093-12-15 11:00', '2093-12-17 09:40'], self::days($plan));
        self::assertSame('later-across-hour', self::in($plan, 'lessons', 0, 'rung'), 'what it needs comes first');
        self::assertContains('across-noon', array_column((array) $plan['lessons'], 'rung'));
        self::assertSame(['across-noon'], self::in($plan, 'course', 'wanted'));
        self::assertSame($plan['lessons'], $this->ask('GET', $this->of.'/plan')['lessons']);
        self::assertSame(self::days($plan), self::days($this->plan()), 'planned again it is the same, not twice as much');
        // what cannot be is said kindly
        foreach ([['wanted' => []], ['week' => []], ['lessons' => 0], ['week' => [['weekday' => 8, 'start' => '9', 'minutes' => 5]]], ['first' => '9999-12-31'], ['first' => '1200-01-01'], ['off' => [['from' => '0001-01-01', 'to' => '9999-12-31']]], ['wanted' => ['no-such-rung']]] as $wrong) {
            $said = $this->ask('PUT', $this->of.'/plan', $wrong + ['wanted' => ['across-noon'], 'week' => [['weekday' => 1, 'start' => '09:40', 'minutes' => 60]], 'first' => '2093-12-07', 'lessons' => 3]);
            self::assertSame(422, $this->code(), (string) json_encode($wrong).json_encode($said));
        }
        self::assertSame('Choose one thing at least that is to be learnt.', $this->ask('PUT', $this->of.'/plan', ['wanted' => [], 'week' => [['weekday' => 1, 'start' => '09:40', 'minutes' => 60]], 'first' => '2093-12-07'])['detail']);
        self::assertSame(self::days($plan), self::days($this->ask('GET', $this->of.'/plan')), 'and nothing is lost by it');
    }

    public function testALessonStandsInItsPartsWithTheTimesOfTheClock(): void
    {
        $plan = $this->plan();
        $lesson = $this->ask('GET', '/api/lessons/'.self::ids($plan)[0]);
        $parts = (array) $lesson['parts'];
        $at = 580;
        $sum = 0;
        foreach ($parts as $part) {
            self::assertSame($at, self::in($part, 'starts'));
            self::assertSame($ended ?? self::in($part, 'from'), self::in($part, 'from'), 'one begins when the other ends');
            $ended = self::in($part, 'until');
            self::assertSame(self::in($part, 'takes'), self::in($part, 'minutes'));
            $minutes = self::in($part, 'minutes');
            self::assertIsInt($minutes);
            $at += $minutes;
            $sum += $minutes;
        }
        self::assertSame($sum - 60, $lesson['over']);
        self::assertLessThanOrEqual(0, $lesson['over']);
        foreach (['from' => ['{h:9}', '{m:40}'], 'until' => ['{h:10}', '{m:40}']] as $name => $marks) {
            foreach ($marks as $mark) {
                self::assertStringContainsString($mark, \is_string($lesson[$name]) ? $lesson[$name] : '');
            }
        }
        self::assertContains('explain', array_map(static fn (mixed $part): mixed => self::in($part, 'text', 'kind'), $parts));
        self::assertStringContainsString('tickets', (string) json_encode($lesson['ready']));
        self::assertSame(24, array_sum(array_filter((array) $lesson['levels'], is_int(...))));
    }

    public function testWhatIsOverIsSaidAndOnePressMakesItFit(): void
    {
        $lesson = $this->lesson(0);
        $parts = self::parts($lesson);
        foreach ($parts as $i => $part) {
            if ('explain' === self::in($part, 'kind')) {
                $parts[$i] = ['minutes' => 25] + (array) $part;
            }
        }
        $long = $this->put($lesson, ['parts' => $parts]);
        self::assertGreaterThan(0, $long['over']);
        self::assertNotSame([], $long['changes']);
        foreach ((array) $long['changes'] as $change) {
            self::assertGreaterThan(0, self::in($change, 'saves'));
        }
        // one of them, as it is offered
        $fits = $this->put($long, ['parts' => self::in($long, 'changes', 0, 'parts')]);
        self::assertSame($this->int($long['over']) - $this->int(self::in($long, 'changes', 0, 'saves')), $fits['over']);
        $this->put($fits, ['parts' => $parts]);
        self::assertLessThanOrEqual(0, $this->ask('POST', $this->at($lesson).'/fit')['over']);
    }

    public function testOfTwoWhoChangeALessonTheSecondIsToldAndLosesNothing(): void
    {
        $lesson = $this->lesson(0);
        $this->put($lesson, ['note' => 'Bring the tide table.']);
        $there = $this->ask('PUT', $this->at($lesson), ['revision' => $lesson['revision'], 'parts' => self::parts($lesson), 'note' => 'Another']);
        self::assertSame([409, 'Bring the tide table.'], [$this->code(), $there['note']]);
        $bad = $this->ask('PUT', $this->at($lesson), ['revision' => $there['revision'], 'parts' => [['id' => 'a', 'kind' => 'explain'], ['id' => 'a', 'kind' => 'explain']]]);
        self::assertSame(422, $this->code(), (string) json_encode($bad));
    }

    public function testAnotherActivityOfAboutTheSameLengthAndRoundAgain(): void
    {
        $lesson = $this->lesson(0);
        $of = static fn (array $reply): mixed => array_column(self::parts($reply), 'activity', 'id')['activity'] ?? null;
        $first = $of($lesson);
        self::assertIsString($first);
        $seen = [$first];
        for ($i = 0; $i < 6; ++$i) {
            $lesson = $this->ask('POST', $this->at($lesson).'/parts/activity/other');
            self::assertSame(200, $this->code());
            $seen[] = $of($lesson);
            self::assertLessThanOrEqual(2, $lesson['over']);
        }
        self::assertGreaterThan(1, \count(array_unique(array_filter($seen, is_string(...)))));
        $before = array_column(self::parts($lesson), 'sums', 'id')['explain'];
        $other = $this->ask('POST', $this->at($lesson).'/parts/explain/other');
        self::assertNotSame($before, array_column(self::parts($other), 'sums', 'id')['explain']);
    }

    /** Each sum says what it stands there for; another one stands there for the same, and the teacher's own says what it is. */
    public function testASumHasItsJobAndSoHasTheOneInItsPlace(): void
    {
        $this->plan();
        $lesson = $this->lesson(0);
        $part = static fn (array $reply, string $what): array => (array) (array_column(self::parts($reply), $what, 'id')['explain'] ?? []);
        $says = (array) (array_column((array) $lesson['parts'], 'says', 'title')['Explain'] ?? []);
        $sums = $part($lesson, 'sums');
        self::assertCount(3, $sums);
        self::assertSame('The barest case that needs it, in friendly numbers', $says[0]);
        self::assertStringStartsWith('It looks alike', (string) (\is_string($says[2] ?? null) ? $says[2] : ''));
        $other = $this->ask('POST', $this->at($lesson).'/parts/explain/sums/0', ['sum' => '']);
        self::assertSame(200, $this->code());
        self::assertNotSame($sums[0], $part($other, 'sums')[0]);
        self::assertSame([$sums[1], $sums[2]], \array_slice($part($other, 'sums'), 1), 'the others stay');
        self::assertSame('The barest case that needs it, in friendly numbers', $part($other, 'says')[\is_string($part($other, 'sums')[0] ?? null) ? $part($other, 'sums')[0] : ''] ?? null);
        // her own is read, and it is said what it has
        $own = $this->ask('POST', $this->at($lesson).'/parts/explain/sums/3', ['sum' => '11.40am plus 45 mins']);
        self::assertSame('11:40 a.m. + 45 min', $part($own, 'sums')[3]);
        $said = (array) (array_column((array) $own['parts'], 'says', 'title')['Explain'] ?? []);
        self::assertSame('It needs it: now the minutes pass the o’clock; now noon is passed', $said[3]);
        $refused = $this->ask('POST', $this->at($lesson).'/parts/explain/sums/1', ['sum' => '3 h + bananas']);
        self::assertSame([422, 'unknown-word'], [$this->code(), $refused['code']]);
        foreach (['explain/sums/9', 'activity/sums/0', 'nothing/sums/0', 'own/sums/0'] as $nowhere) {
            $this->ask('POST', $this->at($lesson).'/parts/'.$nowhere, ['sum' => '1 h + 2 h']);
            self::assertSame(404, $this->code(), $nowhere);
        }
    }

    public function testPlanningAnewIsTakenBackAndNothingThatWasWrittenIsLost(): void
    {
        $plan = $this->plan();
        $lesson = $this->ask('GET', '/api/lessons/'.self::ids($plan)[1]);
        $this->put($lesson, ['note' => 'Bring the tide table.']);
        $anew = $this->plan(['lessons' => 2, 'seed' => 9]);
        self::assertCount(2, self::ids($anew));
        self::assertSame([], array_intersect(self::ids($plan), self::ids($anew)));
        $back = $this->ask('PUT', $this->of.'/plan/lessons', ['lessons' => self::ids($plan)]);
        self::assertSame([self::ids($plan), self::days($plan)], [self::ids($back), self::days($back)]);
        self::assertSame('Bring the tide table.', $this->ask('GET', '/api/lessons/'.self::ids($plan)[1])['note']);
    }

    public function testALessonSlipsAndTheRestWithItAndItIsTakenBack(): void
    {
        $plan = $this->plan();
        $ids = self::ids($plan);
        $after = $this->ask('POST', '/api/lessons/'.$ids[1].'/slip');
        self::assertSame($ids, self::ids($after));
        self::assertSame(['2093-12-07 09:40', '2093-12-14 09:40', '2093-12-15 11:00', '2093-12-17 09:40', '2093-12-21 09:40'], self::days($after));
        $back = $this->ask('PUT', $this->of.'/plan/slots', ['slots' => array_map(static fn (mixed $one): array => array_intersect_key((array) $one, ['id' => 1, 'on' => 1, 'start' => 1, 'minutes' => 1]), (array) $plan['lessons'])]);
        self::assertSame([self::days($plan), $ids], [self::days($back), self::ids($back)]);
        // the last to the place of the second
        $moved = $this->ask('POST', '/api/lessons/'.$ids[4].'/move', ['to' => $ids[1]]);
        self::assertSame(self::days($plan), self::days($moved));
        self::assertSame([$ids[0], $ids[4], $ids[1], $ids[2], $ids[3]], self::ids($moved));
        $gone = $this->ask('DELETE', '/api/lessons/'.$ids[0]);
        self::assertCount(4, self::ids($gone));
        self::assertCount(5, self::ids($this->ask('POST', '/api/lessons/'.$ids[0].'/restore')));
    }

    public function testWhatWasTaughtStaysAndTellsHowLongThingsTake(): void
    {
        $plan = $this->plan();
        $ids = self::ids($plan);
        $lesson = $this->ask('GET', '/api/lessons/'.$ids[0]);
        $explain = array_column(array_map(static fn (mixed $part): array => ['id' => self::in($part, 'text', 'id'), 'takes' => self::in($part, 'takes')], (array) $lesson['parts']), 'takes', 'id')['explain'];
        $done = $this->ask('POST', '/api/lessons/'.$ids[0].'/after', ['state' => 'done', 'took' => ['explain' => 2 * $this->int($explain)]]);
        self::assertSame([200, 'done', ['explain' => 2 * $this->int($explain)]], [$this->code(), $done['state'], $done['took']]);
        $next = $this->ask('GET', '/api/lessons/'.$ids[2]);
        $said = implode(' ', array_filter(array_column((array) $next['parts'], 'said'), is_string(...)));
        self::assertStringContainsString('as long as it took before', $said);
        // planned anew, what was taught stays as it was
        $again = $this->plan(['lessons' => 2]);
        self::assertSame(['done', 'planned', 'planned'], array_column((array) $again['lessons'], 'state'));
        self::assertSame(['2093-12-07 09:40', '2093-12-08 11:00', '2093-12-14 09:40'], self::days($again));
    }

    public function testItsSheetsAreMadeOnceAndPrintedWithWhatIsMissing(): void
    {
        $lesson = $this->lesson(0);
        $made = $this->ask('POST', $this->at($lesson).'/sheets');
        self::assertSame(201, $this->code(), (string) json_encode($made));
        $sheets = (array) self::in($made, 'lesson', 'sheets');
        self::assertSame(['support', 'core', 'stretch', 'ticket'], array_keys($sheets));
        self::assertSame($sheets, self::in($this->ask('POST', $this->at($lesson).'/sheets'), 'lesson', 'sheets'));
        $questions = array_column(self::parts($lesson), 'questions', 'id')['own'];
        self::assertIsString($sheets['core']);
        self::assertIsString($sheets['ticket']);
        self::assertCount($this->int($questions), (array) $this->ask('GET', '/api/sheets/'.$sheets['core'])['questions']);
        self::assertSame('tickets', self::in($this->ask('GET', '/api/sheets/'.$sheets['ticket']), 'settings', 'layout'));
        // everything ticked: nothing is missing
        $this->put((array) self::in($made, 'lesson'), ['ready' => array_column((array) self::in($made, 'lesson', 'ready'), 'id')]);
        $this->ask('GET', str_replace('/api/', '/print/', $this->at($lesson)).'/missing.pdf/progress');
        self::assertSame(422, $this->code());
    }

    public function testThePageForWhoTeachesItInsteadHasEverythingAndNothingAboutChildren(): void
    {
        $lesson = $this->lesson(0);
        $parts = self::parts($lesson);
        $parts[0] = ['note' => 'Keziah sits by the window.'] + (array) $parts[0];
        $parts[1] = ['note' => 'The tide table is in the cupboard.'] + (array) $parts[1];
        $this->put($lesson, ['parts' => $parts, 'note' => 'Quill was away.']);
        $this->browser->request('GET', str_replace('/api/', '/print/', $this->at($lesson)));
        self::assertSame(200, $this->code());
        $page = (string) $this->browser->getResponse()->getContent();
        self::assertStringContainsString('The tide table is in the cupboard.', $page);
        self::assertStringContainsString('Monday 7 December 2093', $page);
        foreach (['Keziah', 'Quill'] as $name) {
            self::assertStringNotContainsString($name, $page);
        }
        // the sums of the board with their answers
        $sums = (array) self::in($this->ask('GET', $this->at($lesson)), 'parts', 1, 'sums');
        self::assertNotSame([], array_merge($sums, (array) self::in($this->ask('GET', $this->at($lesson)), 'parts', 2, 'sums')));
        self::assertMatchesRegularExpression('~<td>[^<]*\+[^<]*</td><td>[^<]*\d[^<]*</td>~', $page);
    }

    /** Read by sabre/vobject: RFC 5545. */
    #[IgnoreDeprecations]
    public function testTheCalendarIsReadByAnotherReaderAndItsAddressCanBeRenewed(): void
    {
        $plan = $this->plan();
        $first = $this->ask('POST', $this->of.'/plan/feed')['path'];
        self::assertIsString($first);
        $read = function (string $path): VCalendar {
            $this->browser->request('GET', $path);
            self::assertSame(200, $this->code());
            $calendar = Reader::read((string) $this->browser->getResponse()->getContent());
            self::assertInstanceOf(VCalendar::class, $calendar);
            self::assertSame([], $calendar->validate());

            return $calendar;
        };
        $this->browser->getCookieJar()->clear();
        $starts = [];
        foreach ($read($first)->select('VEVENT') as $event) {
            self::assertInstanceOf(VEvent::class, $event);
            $start = $event->select('DTSTART')[0] ?? null;
            self::assertInstanceOf(DateTime::class, $start);
            self::assertTrue($start->isFloating());
            $starts[] = $start->getDateTime()->format('Y-m-d H:i');
        }
        self::assertSame(self::days($plan), $starts);
        $this->signIn();
        $second = $this->ask('POST', $this->of.'/plan/feed')['path'];
        self::assertIsString($second);
        $this->browser->request('GET', $first);
        self::assertSame(404, $this->code());
        $read($second);
        $read($this->of.'/plan.ics');
        $this->ask('DELETE', $this->of.'/plan/feed');
        $this->browser->request('GET', $second);
        self::assertSame(404, $this->code());
    }

    #[IgnoreDeprecations]
    public function testTheAddressOfACalendarEndsWithWhoKnewIt(): void
    {
        $this->plan();
        $path = $this->ask('POST', $this->of.'/plan/feed')['path'];
        self::assertIsString($path);
        $me = self::text($this->ask('GET', '/api/me'), 'id');
        $corin = $this->colleague('corin@ombrel.example', 'Corin Bell');
        $this->entities()->flush();
        $this->browser->request('GET', $path);
        self::assertSame(200, $this->code());
        // one more teaches it: those who know the address still do
        $this->ask('PUT', $this->of.'/teachers', ['teachers' => [$me, $corin->id()->toRfc4122()]]);
        $this->browser->request('GET', $path);
        self::assertSame(200, $this->code());
        $this->ask('PUT', $this->of.'/teachers', ['teachers' => [$corin->id()->toRfc4122()]]);
        self::assertSame(204, $this->code());
        $this->browser->request('GET', $path);
        self::assertSame(404, $this->code());
    }

    public function testAPlanIsGivenToAColleagueWithoutNotesAndAListHasThem(): void
    {
        $plan = $this->plan();
        $lesson = $this->ask('GET', '/api/lessons/'.self::ids($plan)[0]);
        $this->put($lesson, ['note' => 'Greta will hold the clock.']);
        $csv = $this->streamed($this->of.'/plan.csv');
        self::assertSame(6, substr_count(trim($csv), "\n") + 1);
        self::assertStringContainsString('Greta will hold the clock.', $csv);
        $this->browser->request('GET', $this->of.'/plan/file');
        $file = (string) $this->browser->getResponse()->getContent();
        self::assertStringNotContainsString('Greta', $file);
        // another class takes it at its own times
        $other = '/api/classes/01900000-0000-4000-8000-0000000000bb';
        $this->ask('PUT', $other, ['name' => 'Terns']);
        $this->ask('PUT', $other.'/plan', ['wanted' => ['unit-facts'], 'week' => [['weekday' => 5, 'start' => '13:00', 'minutes' => 30]], 'first' => '2093-12-11', 'lessons' => 2]);
        $there = $this->ask('POST', $other.'/plan/file', ['content' => $file]);
        self::assertSame(200, $this->code(), (string) json_encode($there));
        self::assertSame(['2093-12-11 13:00', '2093-12-18 13:00', '2093-12-25 13:00', '2094-01-01 13:00', '2094-01-08 13:00'], self::days($there));
        self::assertSame(array_column((array) $plan['lessons'], 'rung'), array_column((array) $there['lessons'], 'rung'));
        foreach (['no', '{}', '{"kind":"lessons about calculating with time","lessons":[{"rung":"x"}]}', str_repeat('[', 2000)] as $bad) {
            $this->ask('POST', $other.'/plan/file', ['content' => $bad]);
            self::assertSame(422, $this->code(), $bad);
        }
        $copy = $this->ask('POST', $this->at($lesson).'/copy', ['to' => '01900000-0000-4000-8000-0000000000bb']);
        self::assertSame('2094-01-15', $copy['on'] ?? null);
    }

    public function testWhatItNeedsIsSaidWithHowTheClassStands(): void
    {
        $needed = $this->ask('POST', $this->of.'/plan/needed', ['rungs' => ['across-noon']]);
        $rungs = array_column($needed, 'rung');
        self::assertSame('across-noon', end($rungs));
        self::assertContains('later-within-hour', $rungs);
        $this->plan();
        $path = $this->ask('GET', $this->of.'/plan/path');
        self::assertContains('2093-12-07', array_column($path, 'on'));
        self::assertSame(24, self::in($path, 0, 'children'));
    }

    public function testWhatWaitsIsSaid(): void
    {
        $now = new \DateTimeImmutable();
        $day = $now->modify('-1 day');
        $plan = $this->plan(['first' => $day->format('Y-m-d'), 'week' => [['weekday' => (int) $day->format('N'), 'start' => '09:40', 'minutes' => 60]], 'lessons' => 2, 'off' => []]);
        self::assertSame(['after'], array_column((array) $plan['waiting'], 'kind'));
        self::assertSame('how did it go?', self::in($plan, 'lessons', 0, 'word'));
        $id = self::ids($plan)[0];
        $this->ask('POST', '/api/lessons/'.$id.'/sheets');
        $this->ask('POST', '/api/lessons/'.$id.'/after', ['state' => 'done']);
        $after = $this->ask('GET', $this->of.'/plan');
        self::assertSame([['ticket', 'Mark '.$day->format('l').'’s ticket', '24 papers']], array_map(static fn (mixed $one): array => [self::in($one, 'kind'), self::in($one, 'what'), self::in($one, 'more')], (array) $after['waiting']));
        $this->ask('POST', '/api/piles', ['sheetId' => self::in($after, 'waiting', 0, 'id'), 'classId' => basename($this->of)]);
        self::assertSame(201, $this->code());
        self::assertSame(['pile'], array_column((array) $this->ask('GET', $this->of.'/plan')['waiting'], 'kind'));
    }

    public function testOneMoreLessonIsFilledForWhatItIsAbout(): void
    {
        $this->plan();
        $made = $this->ask('POST', $this->of.'/lessons', ['rung' => 'unit-facts', 'on' => '2093-12-09', 'start' => '13:05', 'minutes' => 40]);
        self::assertSame([201, '2093-12-09', '13:05', 40], [$this->code(), $made['on'] ?? null, $made['start'] ?? null, $made['minutes'] ?? null]);
        self::assertLessThanOrEqual(0, $made['over'] ?? null);
        self::assertContains('2093-12-09 13:05', self::days($this->ask('GET', $this->of.'/plan')));
        foreach ([['rung' => 'none'], ['minutes' => 5], ['start' => '25:00'], ['on' => 'tomorrow'], ['on' => '1066-10-14']] as $wrong) {
            $this->ask('POST', $this->of.'/lessons', $wrong + ['rung' => 'unit-facts', 'on' => '2093-12-09', 'start' => '13:05', 'minutes' => 40]);
            self::assertSame(422, $this->code(), (string) json_encode($wrong));
        }
    }

    /** Whatever is kept of another time, and whatever is sent: a kind word, and no fault of ours. */
    public function testOddLessonsAreAnswered(): void
    {
        $lesson = $this->lesson(0);
        $odd = $this->put($lesson, ['parts' => [
            ['id' => 'a', 'kind' => 'activity', 'activity' => 'no-such-game'],
            ['id' => 'b', 'kind' => 'explain', 'sums' => ['what is this', 'A story. [9 am + 5 min]', '2 h 30 min + ?']],
            ['id' => 'c', 'kind' => 'on-your-own', 'rung' => 'no-such-rung', 'questions' => 5],
            ['id' => 'd', 'kind' => 'warm-up', 'activity' => 'last-ferry', 'options' => ['rule' => 'no such rule']],
        ]]);
        self::assertSame('an activity that is not there any more', self::in($odd, 'parts', 0, 'content'));
        self::assertSame('A story.', self::in($odd, 'parts', 1, 'sums', 1));
        $this->ask('POST', $this->at($lesson).'/sheets');
        self::assertSame(422, $this->code());
        $this->browser->request('GET', str_replace('/api/', '/print/', $this->at($lesson)));
        self::assertSame(200, $this->code());
        foreach (['a', 'b', 'c', 'd', 'zz'] as $part) {
            $this->ask('POST', $this->at($lesson).'/parts/'.$part.'/other');
            self::assertContains($this->code(), [200, 422], $part);
        }
        $this->ask('POST', $this->at($lesson).'/fit');
        self::assertSame(200, $this->code());
    }

    public function testItGoesWithItsClass(): void
    {
        $this->plan();
        $this->ask('DELETE', $this->of);
        $this->ask('GET', $this->of.'/plan');
        self::assertSame(404, $this->code());
        $this->ask('DELETE', str_replace('/api/classes/', '/api/deleted/class/', $this->of));
        self::assertSame([], $this->entities()->getRepository(PlannedLesson::class)->findAll());
    }

    /** @return array<mixed> the lesson of that place */
    private function lesson(int $place): array
    {
        return $this->ask('GET', '/api/lessons/'.self::ids($this->plan())[$place]);
    }

    /** @param array<mixed> $lesson */
    private function at(array $lesson): string
    {
        return '/api/lessons/'.(\is_string($lesson['id']) ? $lesson['id'] : '');
    }

    /**
     * @param array<mixed>         $lesson
     * @param array<string, mixed> $with
     *
     * @return array<mixed>
     */
    private function put(array $lesson, array $with): array
    {
        $reply = $this->ask('PUT', $this->at($lesson), $with + ['revision' => $lesson['revision'], 'parts' => self::parts($lesson), 'note' => $lesson['note'], 'ready' => []]);
        self::assertSame(200, $this->code(), (string) json_encode($reply));

        return $reply;
    }

    /**
     * @param array<mixed> $lesson
     *
     * @return list<mixed>
     */
    private static function parts(array $lesson): array
    {
        return array_map(static fn (mixed $part): mixed => self::in($part, 'text'), array_values((array) $lesson['parts']));
    }

    private function int(mixed $of): int
    {
        return \is_int($of) ? $of : self::fail('A number is wanted.');
    }
}
