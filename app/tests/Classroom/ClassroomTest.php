<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Classroom;

use PHPUnit\Framework\Attributes\DataProvider;
use Rostik\App\Account\Teacher;
use Rostik\App\Tests\ApiTestCase;
use Symfony\Component\Uid\Uuid;

final class ClassroomTest extends ApiTestCase
{
    private const PLAIN = ['name' => 'Terns', 'children' => ['Noor', 'Otis'], 'taught' => ['add-plain']];

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    private function otherTeacher(): void
    {
        $other = new Teacher('beryl@ombrel.example', 'Beryl Quay', 'Ombrel Island School', 'Fulmars');
        $this->entities()->persist($other);
        $this->entities()->flush();
        $this->browser->loginUser($other);
    }

    public function testTheDemonstrationClassHasItsChildrenAndWhatTheyWereTaught(): void
    {
        $all = $this->ask('GET', '/api/classes');
        self::assertCount(1, $all);
        self::assertIsArray($all[0]);
        self::assertSame('Kittiwakes', $all[0]['name']);
        self::assertIsArray($all[0]['children']);
        self::assertCount(24, $all[0]['children']);
        self::assertContains('Saoirse', $all[0]['children']);
        self::assertIsArray($all[0]['taught']);
        self::assertContains('across-noon', $all[0]['taught']);
        self::assertNotContains('missing-part', $all[0]['taught']);
    }

    public function testAClassIsBegunChangedErasedAndBroughtBackUnderItsId(): void
    {
        $id = Uuid::v4()->toRfc4122();
        $made = $this->ask('PUT', '/api/classes/'.$id, ['name' => ' Terns ', 'children' => [' Noor', 'Otis'], 'taught' => ['add-regroup', 'juggling', 'add-plain']]);
        self::assertSame(200, $this->code());
        self::assertSame(['id' => $id, 'name' => 'Terns', 'children' => ['Noor', 'Otis'], 'taught' => ['add-plain', 'add-regroup']], $made, 'trimmed, and in the order of the ladder');
        self::assertSame($made, $this->ask('PUT', '/api/classes/'.$id, ['name' => 'Terns', 'children' => ['Noor', 'Otis'], 'taught' => ['add-plain', 'add-regroup']]), 'sent twice, it is there once');
        self::assertSame(['Kittiwakes', 'Terns'], array_column($this->ask('GET', '/api/classes'), 'name'));
        $this->ask('DELETE', '/api/classes/'.$id);
        self::assertSame(204, $this->code());
        self::assertSame(['Kittiwakes'], array_column($this->ask('GET', '/api/classes'), 'name'));
        $this->ask('DELETE', '/api/classes/'.$id);
        self::assertSame(404, $this->code());
        self::assertSame($id, $this->ask('PUT', '/api/classes/'.$id, self::PLAIN)['id']);
    }

    /** @param array<string, mixed> $wrong */
    #[DataProvider('wrong')]
    public function testWhatIsWrongIsSaidKindly(array $wrong, string $words): void
    {
        $reply = $this->ask('PUT', '/api/classes/'.Uuid::v4()->toRfc4122(), $wrong + self::PLAIN);
        self::assertSame(422, $this->code());
        self::assertStringContainsString($words, (string) json_encode($reply, \JSON_UNESCAPED_UNICODE));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'no name' => [['name' => ''], 'A class needs a name: Kittiwakes'];
        yield 'a long name of a child' => [['children' => [str_repeat('Anouk ', 8)]], 'A name has no more than 40 letters.'];
        yield 'too many children' => [['children' => array_map(static fn (int $i): string => 'Wren '.$i, range(1, 61))], 'A class has no more than 60 children.'];
    }

    public function testNobodyElseSeesOrTakesAClass(): void
    {
        $id = Uuid::v4()->toRfc4122();
        $this->ask('PUT', '/api/classes/'.$id, self::PLAIN);
        $this->otherTeacher();
        self::assertSame([], $this->ask('GET', '/api/classes'));
        foreach (['PUT' => self::PLAIN, 'DELETE' => null] as $method => $body) {
            $this->ask($method, '/api/classes/'.$id, $body);
            self::assertSame(404, $this->code(), $method);
        }
        $this->ask('PUT', '/api/classes/none', self::PLAIN);
        self::assertSame(404, $this->code());
    }

    public function testWhatHasNotBeenTaughtStandsBesideTheQuestion(): void
    {
        $id = Uuid::v4()->toRfc4122();
        $this->ask('PUT', '/api/classes/'.$id, ['taught' => ['how-long-across-hours']] + self::PLAIN);
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Ferry', 'questions' => [['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => '9:20 am to 1:05 pm']], ['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => '9:20 am to 10:15 am']]]]);
        self::assertIsString($sheet['id']);
        $codes = function (array $settings) use (&$sheet): array {
            $sheet = $this->ask('PUT', '/api/sheets/'.(\is_string($sheet['id']) ? $sheet['id'] : ''), ['version' => $sheet['version'], 'title' => 'Ferry', 'questions' => $sheet['questions'], 'settings' => $settings]);
            self::assertIsArray($sheet['questions']);

            return array_map(static fn ($q): array => \is_array($q) && \is_array($q['warnings']) ? array_column($q['warnings'], 'text') : [], $sheet['questions']);
        };
        self::assertSame([['Not yet taught: “I can go across noon.”'], []], $codes(['classId' => $id]));
        self::assertSame([[], []], $codes(['classId' => $id, 'aims' => ['across-noon']]), 'it is what the sheet is to teach');
        self::assertSame([[], []], $codes(['classId' => null]));
        self::assertSame([['It crosses noon, though it should not.'], []], $codes(['limits' => ['noon' => false]]));
    }
}
