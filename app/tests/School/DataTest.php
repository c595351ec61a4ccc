<?php

declare(strict_types=1);

namespace Rostik\App\Tests\School;

use Rostik\App\Demo\DemoCommand;
use Rostik\App\Tests\ApiTestCase;

/** Everything out, in again, and erased. */
final class DataTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    /** @return array<string, string> the files of the zip that was answered */
    private function files(): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        file_put_contents($path, (string) $this->browser->getResponse()->getContent());
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($path));
        $files = [];
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $files[(string) $zip->getNameIndex($i)] = (string) $zip->getFromIndex($i);
        }
        unlink($path);

        return $files;
    }

    /** @return array<mixed> */
    private function data(string $path = '/api/account/data'): array
    {
        $this->ask('GET', $path);
        self::assertSame(200, $this->code(), $path);
        $data = json_decode($this->files()['data.json'] ?? '', true);

        return \is_array($data) ? $data : self::fail('There is no data.json.');
    }

    /** @return array<mixed> */
    private function bring(string $bytes): array
    {
        $this->browser->request('POST', '/api/account/data', server: ['HTTP_ORIGIN' => 'http://localhost', 'CONTENT_TYPE' => 'application/zip'], content: $bytes);
        $reply = json_decode((string) $this->browser->getResponse()->getContent(), true);

        return \is_array($reply) ? $reply : [];
    }

    /** Something of everything. */
    private function work(): void
    {
        $made = $this->ask('POST', '/api/sheets/make', ['title' => 'Tide table', 'aims' => [['rung' => 'add-regroup', 'count' => 3]], 'levels' => ['support', 'core'], 'classId' => $this->classId()]);
        $sheet = self::text((array) self::in($made, 'sheets', 1), 'id');
        $children = array_keys($this->children());
        $this->ask('POST', '/api/sheets/'.$sheet.'/sets', ['count' => 3, 'children' => \array_slice($children, 0, 3)]);
        $pile = $this->ask('POST', '/api/piles', ['sheetId' => $sheet]);
        $this->ask('POST', '/api/piles/'.self::text($pile, 'id').'/cells', ['cells' => [
            ['paper' => self::in($pile, 'papers', 0, 'id'), 'question' => 0, 'given' => '=5 h 85 min'],
            ['paper' => self::in($pile, 'papers', 1, 'id'), 'question' => 1, 'sign' => 'right'],
        ]]);
        $this->ask('PUT', '/api/children/'.$children[0].'/rungs/add-regroup', ['standing' => 'secure']);
        $this->ask('POST', '/api/timetables', ['title' => 'Pintail', 'vehicle' => 'boat', 'csv' => "Stop,1,2\nOmbrel Quay,07:10,08:25\nLittle Sand,07:32,08:47\n"]);
    }

    public function testEverythingOfATeacherComesOutAsFilesThatPeopleCanRead(): void
    {
        $this->work();
        $this->ask('GET', '/api/account/data');
        self::assertSame('application/zip', $this->browser->getResponse()->headers->get('Content-Type'));
        $files = $this->files();
        foreach (['README.txt', 'data.json', 'timetables/01-pintail.csv', 'classes/01-kittiwakes/children.csv', 'classes/01-kittiwakes/what-they-can-do.csv', 'classes/01-kittiwakes/marks/01-tide-table.csv'] as $name) {
            self::assertArrayHasKey($name, $files, implode(', ', array_keys($files)));
        }
        self::assertStringContainsString("Anouk,'=5 h 85 min,", $files['classes/01-kittiwakes/marks/01-tide-table.csv'], 'no cell is a formula');
        self::assertStringNotContainsString(DemoCommand::PASSWORD, implode('', $files));
        self::assertStringNotContainsString('argon2', implode('', $files));
    }

    /** Out, in again for a colleague, and out once more: all of it is the same but for the identities. */
    public function testWhatWasTakenOutIsBroughtInWhole(): void
    {
        $this->work();
        $this->ask('GET', '/api/account/data');
        $zip = (string) $this->browser->getResponse()->getContent();
        $before = $this->data();
        $corin = $this->colleague('corin@ombrel.example', 'Corin Bell');
        $this->entities()->flush();
        $this->browser->loginUser($corin);
        $reply = $this->bring($zip);
        self::assertSame(201, $this->code(), (string) $this->browser->getResponse()->getContent());
        self::assertSame(['sheets' => 4, 'classes' => 1, 'children' => 24, 'piles' => 1, 'timetables' => 1], $reply);
        self::assertSame(self::without($before), self::without($this->data()));
        // and it works there
        $shelf = $this->ask('GET', '/api/sheets');
        $sheet = self::text((array) $shelf[0], 'id');
        $sets = $this->ask('GET', '/api/sheets/'.$sheet.'/sets');
        self::assertLessThanOrEqual(1, \count($sets));
        $this->ask('GET', '/print/sheets/'.$sheet);
        self::assertSame(200, $this->code());
        $this->ask('GET', '/api/classes/'.$this->classId().'/follow-up');
        self::assertSame(200, $this->code());
    }

    /**
     * The same without what is new each time.
     *
     * @param array<mixed> $data
     *
     * @return array<mixed>
     */
    private static function without(array $data): array
    {
        unset($data['teacher'], $data['made']);
        array_walk_recursive($data, static function (mixed &$value): void {
            if (\is_string($value) && 1 === preg_match('/^[0-9a-f]{8}-[0-9a-f-]{27}$/', $value)) {
                $value = 'id';
            }
        });

        return $data;
    }

    public function testAClassAndAChildComeOutByThemselves(): void
    {
        $this->work();
        self::assertSame(['Kittiwakes'], self::column('name', $this->data('/api/classes/'.$this->classId().'/data'), 'classes'));
        $child = (string) array_key_first($this->children());
        $this->ask('GET', '/api/children/'.$child.'/data');
        $files = $this->files();
        self::assertStringContainsString("'=5 h 85 min", $files['answers.csv']);
        self::assertStringNotContainsString('Bram', implode('', $files), 'nothing of other children');
    }

    public function testWhatIsNoSuchFileBringsNothingIn(): void
    {
        $classes = \count($this->ask('GET', '/api/classes'));
        $bad = [
            'nothing' => '',
            'no zip' => 'bananas',
            'a broken zip' => "PK\x03\x04 bananas",
            'of a newer one' => '{"rostik": 99}',
            'a strange class' => json_encode(['rostik' => 1, 'classes' => [['id' => 'a', 'name' => str_repeat('x', 200)]]]),
            'a class, and then a strange sheet' => json_encode(['rostik' => 1, 'classes' => [['id' => 'a', 'name' => 'Terns', 'children' => [['id' => '1', 'name' => 'Wren']]]], 'sheets' => [['title' => 'x', 'questions' => [['text' => ['sum' => str_repeat('1', 999)]]]]]]),
            'a strange question' => json_encode(['rostik' => 1, 'sheets' => [['title' => 'x', 'questions' => [['text' => ['sum' => ['x']]]]]]]),
            'a strange timetable' => json_encode(['rostik' => 1, 'timetables' => [['title' => 'x', 'csv' => 'bananas']]]),
        ];
        foreach ($bad as $what => $bytes) {
            $no = $this->bring((string) $bytes);
            self::assertSame(422, $this->code(), $what);
            self::assertNotSame('', $no['detail'] ?? '', $what);
            $this->entities()->clear();
        }
        self::assertCount($classes, $this->ask('GET', '/api/classes'), 'all or nothing');
    }

    public function testLeavingSaysFirstWhatGoesAndLeavesWhatIsShared(): void
    {
        $this->work();
        $class = $this->classId();
        $me = self::text($this->ask('GET', '/api/me'), 'id');
        self::assertSame('{"sheets":4,"copies":3,"timetables":1,"piles":1,"classes":["Kittiwakes"],"shared":[],"last":true,"can":true}', json_encode($this->ask('GET', '/api/account/erasing')));
        $corin = $this->colleague('corin@ombrel.example', 'Corin Bell');
        $this->entities()->flush();
        $this->ask('PUT', '/api/classes/'.$class.'/teachers', ['teachers' => [$me, $corin->id()->toRfc4122()]]);
        self::assertSame('{"sheets":4,"copies":3,"timetables":1,"piles":0,"classes":[],"shared":["Kittiwakes"],"last":false,"can":false}', json_encode($this->ask('GET', '/api/account/erasing')));
        $no = $this->ask('DELETE', '/api/account', ['password' => DemoCommand::PASSWORD]);
        self::assertSame(422, $this->code());
        self::assertStringContainsString('only administrator', self::text($no, 'detail'));
        $this->ask('PUT', '/api/school/colleagues/'.$corin->id()->toRfc4122(), ['administrator' => true]);
        $this->ask('DELETE', '/api/account', ['password' => 'a guess']);
        self::assertSame(422, $this->code());
        $this->ask('DELETE', '/api/account', ['password' => DemoCommand::PASSWORD]);
        self::assertSame(204, $this->code());
        $this->ask('GET', '/api/sheets');
        self::assertSame(401, $this->code());
        $this->entities()->clear();
        $again = $this->entities()->find($corin::class, $corin->id());
        self::assertNotNull($again);
        $this->browser->loginUser($again);
        $follow = $this->ask('GET', '/api/classes/'.$class.'/follow-up');
        self::assertSame(200, $this->code());
        self::assertCount(24, (array) ($follow['children'] ?? []), 'the record stays with the class');
        self::assertCount(1, $this->ask('GET', '/api/piles'));
    }

    public function testAnAdministratorErasesAnAccountThatHasEnded(): void
    {
        $corin = $this->colleague('corin@ombrel.example', 'Corin Bell');
        $this->entities()->flush();
        $path = '/api/school/colleagues/'.$corin->id()->toRfc4122();
        $this->ask('DELETE', $path);
        self::assertSame(422, $this->code(), 'ended first');
        $this->ask('PUT', $path, ['administrator' => false, 'ended' => true]);
        self::assertSame(0, $this->ask('GET', $path.'/erasing')['sheets'] ?? null);
        $this->ask('DELETE', $path);
        self::assertSame(204, $this->code());
        $this->ask('GET', $path.'/erasing');
        self::assertSame(404, $this->code());
    }
}
