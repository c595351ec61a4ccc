<?php

declare(strict_types=1);

namespace Rostik\App\Tests\School;

use Rostik\App\Account\Keeping;
use Rostik\App\Account\School;
use Rostik\App\Account\Teacher;
use Rostik\App\Data\Tidying;
use Rostik\App\Demo\DemoCommand;
use Rostik\App\Marking\Pile;
use Rostik\App\Tests\ApiTestCase;

/** What a school says of how long things are kept is carried out. */
final class TidyingTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    private function keep(Keeping $keeping): void
    {
        $school = $this->entities()->getRepository(School::class)->findOneBy([]);
        self::assertNotNull($school);
        $school->keep($keeping);
        $this->entities()->flush();
    }

    private function tidy(): void
    {
        $tidying = self::getContainer()->get(Tidying::class);
        self::assertInstanceOf(Tidying::class, $tidying);
        $tidying->tidy();
        $this->entities()->clear();
    }

    private function takenUp(string $when): void
    {
        $this->entities()->getConnection()->executeStatement('UPDATE teaching SET taken_up_at = ?', [(new \DateTimeImmutable($when))->format('Y-m-d H:i:s')]);
        // begun long before
        $this->entities()->getConnection()->executeStatement('SET foreign_key_checks = 0');
        foreach (['classroom' => 'id', 'teaching' => 'classroom_id', 'child' => 'classroom_id', 'pile' => 'classroom_id', 'sheet' => 'classroom_id'] as $table => $column) {
            $this->entities()->getConnection()->executeStatement(\sprintf('UPDATE %s SET %s = UNHEX("01900000000070008000000000000001") WHERE %2$s IS NOT NULL', $table, $column));
        }
        $this->entities()->getConnection()->executeStatement('SET foreign_key_checks = 1');
        $this->entities()->clear();
    }

    public function testWhatWasDeletedGoesAfterTheDaysOfTheSchool(): void
    {
        $sheet = self::text($this->ask('POST', '/api/sheets', ['title' => 'Tide', 'questions' => []]), 'id');
        $this->ask('DELETE', '/api/sheets/'.$sheet);
        $this->entities()->getConnection()->executeStatement('UPDATE sheet SET deleted_at = NOW() - INTERVAL 8 DAY WHERE deleted_at IS NOT NULL');
        $this->keep(new Keeping(deletedDays: 9));
        $this->tidy();
        $this->ask('POST', '/api/sheets/'.$sheet.'/restore');
        self::assertSame(200, $this->code());
        $this->ask('DELETE', '/api/sheets/'.$sheet);
        $this->entities()->getConnection()->executeStatement('UPDATE sheet SET deleted_at = NOW() - INTERVAL 8 DAY WHERE deleted_at IS NOT NULL');
        $this->keep(new Keeping(deletedDays: 7));
        $this->tidy();
        $this->ask('POST', '/api/sheets/'.$sheet.'/restore');
        self::assertSame(404, $this->code());
    }

    public function testMarksGoAfterTheMonthsOfTheSchool(): void
    {
        $teacher = $this->entities()->getRepository(Teacher::class)->findOneBy(['email' => DemoCommand::EMAIL]);
        self::assertNotNull($teacher);
        foreach (['-13 months' => 'Old', '-11 months' => 'New'] as $when => $title) {
            $this->entities()->persist(new Pile($teacher, null, $title, new \DateTimeImmutable($when), new \DateTimeImmutable()));
        }
        $this->entities()->flush();
        $this->keep(new Keeping());
        $this->tidy();
        self::assertCount(2, $this->ask('GET', '/api/piles'), 'as long as the child is there');
        $this->keep(new Keeping(marksMonths: 12));
        $this->tidy();
        self::assertSame(['New'], array_column($this->ask('GET', '/api/piles'), 'title'));
    }

    public function testChildrenOfLastYearsClassesLeave(): void
    {
        $yesterday = (new \DateTimeImmutable('-1 day'))->format('m-d');
        $this->takenUp('-5 months');
        // asking for the class takes it up, so the database is asked
        $left = fn (): mixed => $this->entities()->getConnection()->fetchOne('SELECT COUNT(*) FROM child');
        $this->keep(new Keeping());
        $this->tidy();
        self::assertEquals(24, $left(), 'never by themselves');
        $this->keep(new Keeping(childrenLeave: $yesterday, quietMonths: 6));
        $this->tidy();
        self::assertEquals(24, $left(), 'in hand five months ago');
        $this->keep(new Keeping(childrenLeave: $yesterday, quietMonths: 2));
        $this->tidy();
        self::assertEquals(0, $left());
        self::assertSame(['Kittiwakes'], array_column($this->ask('GET', '/api/classes'), 'name'), 'the class itself stays, with how it writes');
    }

    /** A teacher of one class never takes it up: that she is here is enough. */
    public function testAClassThatIsInHandKeepsItsChildren(): void
    {
        $this->takenUp('-5 months');
        $this->ask('GET', '/api/classes');
        $this->keep(new Keeping(childrenLeave: (new \DateTimeImmutable('-1 day'))->format('m-d'), quietMonths: 1));
        $this->tidy();
        self::assertCount(24, $this->children());
    }
}
