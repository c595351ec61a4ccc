<?php

declare(strict_types=1);

namespace Rostik\App\Tests\School;

use Rostik\App\Account\Teacher;
use Rostik\App\Tests\ApiTestCase;
use Symfony\Component\Uid\Uuid;

/** Colleagues of one school, and what goes from hand to hand. */
final class TogetherTest extends ApiTestCase
{
    private Teacher $corin;

    protected function setUp(): void
    {
        parent::setUp();
        $this->corin = $this->colleague('corin@ombrel.example', 'Corin Bell');
        $this->entities()->flush();
        $this->signIn();
    }

    private function corin(): void
    {
        $this->browser->loginUser($this->corin);
    }

    /** @return list<string> ids of three levels */
    private function family(): array
    {
        $made = $this->ask('POST', '/api/sheets/make', ['title' => 'Tide table', 'aims' => [['rung' => 'add-regroup', 'count' => 3]], 'levels' => ['support', 'core', 'stretch']]);

        return array_values(array_filter(self::column('id', $made, 'sheets'), is_string(...)));
    }

    public function testASheetIsGivenAsACopy(): void
    {
        $ids = $this->family();
        self::assertSame(['Corin Bell'], array_column($this->ask('GET', '/api/colleagues'), 'name'));
        $this->ask('POST', '/api/sheets/'.$ids[1].'/give', ['to' => $this->corin->id()->toRfc4122()]);
        self::assertSame(204, $this->code());
        $this->corin();
        $shelf = $this->ask('GET', '/api/sheets');
        self::assertSame(['Arden Vale', 'Arden Vale', 'Arden Vale'], array_column($shelf, 'givenBy'));
        self::assertCount(1, array_unique(array_map(strval(...), array_filter(array_column($shelf, 'family'), is_string(...)))), 'the levels stay together');
        $copy = self::text((array) $shelf[0], 'id');
        self::assertNotContains($copy, $ids);
        $sheet = $this->ask('GET', '/api/sheets/'.$copy);
        self::assertSame('Tide table', $sheet['title'] ?? null);
        self::assertNull($sheet['classId'] ?? null, 'it is for no class of another');
        $this->ask('DELETE', '/api/sheets/'.$copy);
        $this->ask('GET', '/api/sheets/'.$ids[0]);
        self::assertSame(404, $this->code(), 'the original is not hers');
        $this->signIn();
        $this->ask('GET', '/api/sheets/'.$ids[0]);
        self::assertSame(200, $this->code(), 'and nothing has become of it');
    }

    public function testTheShelfOfTheSchoolIsForAllOfIt(): void
    {
        $ids = $this->family();
        $this->corin();
        $this->ask('POST', '/api/sheets/'.$ids[0].'/take');
        self::assertSame(404, $this->code(), 'not on the shelf yet');
        $this->signIn();
        $this->ask('PUT', '/api/sheets/'.$ids[0].'/shared');
        self::assertSame(204, $this->code());
        $this->corin();
        $shelf = $this->ask('GET', '/api/school-shelf');
        self::assertSame(['Arden Vale', 'Arden Vale', 'Arden Vale'], array_column($shelf, 'by'));
        $taken = $this->ask('POST', '/api/sheets/'.$ids[0].'/take');
        self::assertSame([201, 'Tide table'], [$this->code(), $taken['title'] ?? null]);
        self::assertCount(3, $this->ask('GET', '/api/sheets'));
        foreach (['GET' => '', 'PUT' => '', 'DELETE' => '/shared', 'POST' => '/give'] as $method => $path) {
            $this->ask($method, '/api/sheets/'.$ids[0].$path, 'GET' === $method ? null : ['version' => 1, 'title' => 'Mine', 'questions' => [], 'to' => $this->corin->id()->toRfc4122()]);
            self::assertSame(404, $this->code(), $method.' is not hers');
        }
        $this->signIn();
        $this->ask('DELETE', '/api/sheets/'.$ids[0].'/shared');
        $this->corin();
        self::assertSame([], $this->ask('GET', '/api/school-shelf'));
        $this->ask('POST', '/api/sheets/'.$ids[1].'/take');
        self::assertSame(404, $this->code());
    }

    public function testAClassHasSeveralTeachersAndGoesToTheNext(): void
    {
        $class = $this->classId();
        $me = self::text($this->ask('GET', '/api/me'), 'id');
        $no = $this->ask('PUT', '/api/classes/'.$class.'/teachers', ['teachers' => []]);
        self::assertSame([422, 'Somebody has to teach the class. Choose a colleague, or delete the class.'], [$this->code(), $no['detail'] ?? null]);
        $both = [$me, $this->corin->id()->toRfc4122()];
        $reply = $this->ask('PUT', '/api/classes/'.$class.'/teachers', ['teachers' => $both]);
        self::assertEqualsCanonicalizing($both, $reply['teachers'] ?? null);
        $pile = $this->ask('POST', '/api/piles', ['questions' => ['6 h 10 min - 3 h 45 min']]);
        $this->corin();
        self::assertSame(['Kittiwakes'], array_column($this->ask('GET', '/api/classes'), 'name'));
        $this->ask('GET', '/api/piles/'.self::text($pile, 'id'));
        self::assertSame(200, $this->code(), 'marks are seen by all who teach the class');
        $this->ask('GET', '/api/classes/'.$class.'/follow-up');
        self::assertSame(200, $this->code());
        $this->signIn();
        $this->ask('PUT', '/api/classes/'.$class.'/teachers', ['teachers' => [$this->corin->id()->toRfc4122()]]);
        self::assertSame(204, $this->code());
        $this->ask('GET', '/api/classes/'.$class.'/follow-up');
        self::assertSame(404, $this->code());
    }

    public function testNobodyIsGivenAnythingFromAnotherSchool(): void
    {
        $id = $this->family()[0];
        $school = new \Rostik\App\Account\School('Fell Harbour School');
        $other = new Teacher('beryl@fell.example', 'Beryl Quay', $school);
        $this->entities()->persist($school);
        $this->entities()->persist($other);
        $this->entities()->flush();
        $this->ask('PUT', '/api/sheets/'.$id.'/shared');
        $this->ask('POST', '/api/sheets/'.$id.'/give', ['to' => $other->id()->toRfc4122()]);
        self::assertSame(422, $this->code());
        $this->ask('PUT', '/api/classes/'.$this->classId().'/teachers', ['teachers' => [$other->id()->toRfc4122()]]);
        self::assertSame(422, $this->code());
        $this->ask('PUT', '/api/school/classes/'.$this->classId().'/teachers', ['teachers' => [$other->id()->toRfc4122()]]);
        self::assertSame(404, $this->code());
        $this->browser->loginUser($other);
        self::assertSame([[], []], [$this->ask('GET', '/api/school-shelf'), $this->ask('GET', '/api/colleagues')]);
        $this->ask('POST', '/api/sheets/'.$id.'/take');
        self::assertSame(404, $this->code());
        $this->ask('POST', '/api/sheets/'.Uuid::v7()->toRfc4122().'/take');
        self::assertSame(404, $this->code());
    }
}
