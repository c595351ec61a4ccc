<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Work;

use Rostik\App\Tests\ApiTestCase;

/** What is typed into forms, in the class's way. */
final class FieldTest extends ApiTestCase
{
    public function testADayIsReadAndWrittenInTheClassesWay(): void
    {
        $this->signIn();
        $day = ['kind' => 'day', 'text' => '26 Nov 2026'];
        self::assertSame(['value' => '2026-11-26', 'text' => 'Thursday 26 November 2026'], $this->ask('POST', '/api/field', $day));
        self::assertSame('Thursday, November 26, 2026', $this->ask('POST', '/api/field', $day + ['style' => ['monthFirst' => true]])['text']);
        self::assertSame('2026-11-27', $this->ask('POST', '/api/field', $day + ['by' => 1])['value']);
        $refused = $this->ask('POST', '/api/field', $day + ['least' => '2026-12-01']);
        self::assertSame([422, 'Thursday 26 November 2026 is too early. The first day that fits is Tuesday 1 December 2026.', 'Tuesday 1 December 2026'], [$this->code(), $refused['detail'], $refused['example']]);
        self::assertSame('too-late', $this->ask('POST', '/api/field', $day + ['most' => '2026-11-25'])['code']);
        // without its year it is the nearest to the server's day
        self::assertSame((new \DateTimeImmutable('tomorrow'))->format('Y-m-d'), $this->ask('POST', '/api/field', ['kind' => 'day', 'text' => 'tomorrow'])['value']);
        self::assertSame('“soon” is no day of the calendar.', $this->ask('POST', '/api/field', ['kind' => 'day', 'text' => 'soon'])['detail']);
        self::assertSame(422, $this->code());
    }

    public function testATimeIsReadAndWrittenInTheClassesWay(): void
    {
        $this->signIn();
        self::assertSame(['value' => '13:30', 'text' => '1:30 p.m.'], $this->ask('POST', '/api/field', ['kind' => 'time', 'text' => '1.30']));
        self::assertSame(['value' => '09:40', 'text' => '09:40'], $this->ask('POST', '/api/field', ['kind' => 'time', 'text' => 'twenty to ten', 'style' => ['always24' => true]]));
        self::assertSame('23:55', $this->ask('POST', '/api/field', ['kind' => 'time', 'text' => '00:00', 'by' => -5])['value']);
        self::assertSame('00:00', $this->ask('POST', '/api/field', ['kind' => 'time', 'text' => '23:55', 'by' => 5])['value']);
        $this->ask('POST', '/api/field', ['kind' => 'time', 'text' => '25:00']);
        self::assertSame(422, $this->code());
    }

    public function testNothingElseIsTaken(): void
    {
        $this->signIn();
        foreach ([['kind' => 'year', 'text' => '1'], ['kind' => 'day', 'text' => str_repeat('1', 201)], ['kind' => 'day', 'text' => '1', 'least' => 'soon'], ['kind' => 'day', 'text' => '1', 'by' => 9000], ['kind' => 'day']] as $sent) {
            $this->ask('POST', '/api/field', $sent);
            self::assertSame(422, $this->code(), json_encode($sent) ?: '');
        }
        $this->ask('POST', '/api/field', ['kind' => 'day', 'text' => '31 December 9999', 'by' => 1]);
        self::assertSame(422, $this->code());
    }
}
