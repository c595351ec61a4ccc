<?php

declare(strict_types=1);

namespace Rostik\App\Tests\School;

use Rostik\App\Account\Teacher;
use Rostik\App\Demo\DemoCommand;
use Rostik\App\Tests\ApiTestCase;

final class SchoolTest extends ApiTestCase
{
    /** The word at the end of a link in a reply. */
    private static function word(string $link): string
    {
        return explode('#', $link)[1] ?? self::fail('A link ends with a word.');
    }

    /** @return array<mixed> */
    private function invited(): array
    {
        $this->signIn();

        return $this->ask('POST', '/api/school/invitations', ['name' => 'Corin Bell', 'email' => 'Corin@Ombrel.example']);
    }

    private function comeIn(string $email = 'corin@ombrel.example', string $password = 'kelp and driftwood'): int
    {
        $this->browser->getCookieJar()->clear();
        $this->ask('POST', '/api/sign-in', ['email' => $email, 'password' => $password]);

        return $this->code();
    }

    public function testAColleagueIsInvitedAndJoinsOnce(): void
    {
        $made = $this->invited();
        self::assertSame(201, $this->code());
        self::assertStringStartsWith('http://localhost/join#', self::text($made, 'link'));
        self::assertSame(['corin@ombrel.example'], self::column('email', $made, 'school', 'invitations'));
        $word = self::word(self::text($made, 'link'));
        $this->browser->getCookieJar()->clear();
        self::assertSame(['purpose' => 'join', 'school' => 'Ombrel Island School', 'name' => 'Corin Bell', 'email' => 'corin@ombrel.example'], $this->ask('POST', '/api/links/read', ['word' => $word]));
        $this->ask('POST', '/api/links/follow', ['word' => $word, 'password' => 'short', 'name' => 'Corin Bell']);
        self::assertSame(422, $this->code(), 'the link is still good');
        $this->ask('POST', '/api/links/follow', ['word' => $word, 'password' => 'kelp and driftwood', 'name' => 'Corin Bell']);
        self::assertSame(204, $this->code());
        $this->ask('POST', '/api/links/follow', ['word' => $word, 'password' => 'another password', 'name' => 'Somebody']);
        self::assertSame(410, $this->code());
        self::assertSame(200, $this->comeIn());
        self::assertSame([], $this->ask('GET', '/api/classes'), 'she teaches no class yet');
        $this->ask('GET', '/api/school');
        self::assertSame(404, $this->code(), 'and is no administrator');
    }

    public function testALinkIsGoodForItsTimeAndCanBeTakenBack(): void
    {
        $word = self::word(self::text($this->invited(), 'link'));
        $again = self::word(self::text($this->invited(), 'link'));
        $this->ask('POST', '/api/links/read', ['word' => $word]);
        self::assertSame(410, $this->code(), 'a new one makes the earlier void');
        $school = $this->ask('GET', '/api/school');
        $this->ask('DELETE', '/api/school/invitations/'.self::text((array) self::in($school, 'invitations', 0), 'id'));
        $this->ask('POST', '/api/links/read', ['word' => $again]);
        self::assertSame(410, $this->code());
        $third = self::word(self::text($this->invited(), 'link'));
        $this->entities()->getConnection()->executeStatement('UPDATE one_time_link SET until = NOW() - INTERVAL 1 DAY');
        $this->entities()->clear();
        $this->ask('POST', '/api/links/read', ['word' => $third]);
        self::assertSame(410, $this->code());
        self::assertEquals(0, $this->entities()->getConnection()->fetchOne('SELECT COUNT(*) FROM one_time_link WHERE mark = ?', [$third]), 'the word itself is not kept');
    }

    public function testAnAddressThatIsTakenOrNoneIsRefusedKindly(): void
    {
        $this->signIn();
        foreach (["Arden\u{200b}@ombrel.example" => 'There is an account with this address already.', 'corin' => 'An e-mail address has a sign @ and a place behind it: corin@ombrel.example'] as $email => $why) {
            $no = $this->ask('POST', '/api/school/invitations', ['name' => 'Corin Bell', 'email' => $email]);
            self::assertSame([422, $why], [$this->code(), $no['detail'] ?? null]);
        }
    }

    public function testAForgottenPasswordIsRenewedThroughTheOutbox(): void
    {
        foreach ([DemoCommand::EMAIL, 'nobody@ombrel.example'] as $email) {
            $this->ask('POST', '/api/links/forgotten', ['email' => $email]);
            self::assertSame(204, $this->code());
            self::assertSame('', $this->browser->getResponse()->getContent(), 'the same for all');
        }
        $this->signIn();
        $outbox = self::in($this->ask('GET', '/api/school'), 'outbox');
        self::assertIsArray($outbox);
        self::assertCount(1, $outbox);
        self::assertSame(1, preg_match('~http://localhost/reset#(\S+)~', self::text((array) $outbox[0], 'text'), $link));
        $this->browser->getCookieJar()->clear();
        self::assertSame('reset', $this->ask('POST', '/api/links/read', ['word' => $link[1]])['purpose'] ?? null);
        $this->ask('POST', '/api/links/follow', ['word' => $link[1], 'password' => 'kelp and driftwood']);
        self::assertSame(401, $this->comeIn(DemoCommand::EMAIL, DemoCommand::PASSWORD));
        self::assertSame(200, $this->comeIn(DemoCommand::EMAIL));
    }

    /** Who only knows an address cannot make a link void that an administrator has handed over; once one is followed, none is good. */
    public function testAStrangerMakesNoLinkVoid(): void
    {
        $word = self::word(self::text($this->invited(), 'link'));
        $this->ask('POST', '/api/links/follow', ['word' => $word, 'password' => 'kelp and driftwood', 'name' => 'Corin Bell']);
        $this->signIn();
        $school = $this->ask('GET', '/api/school');
        $colleague = array_column((array) self::in($school, 'colleagues'), 'id', 'email')['corin@ombrel.example'] ?? null;
        self::assertIsString($colleague);
        $handed = self::word(self::text($this->ask('POST', '/api/school/colleagues/'.$colleague.'/reset'), 'link'));
        $this->ask('POST', '/api/links/forgotten', ['email' => 'corin@ombrel.example']);
        $outbox = self::in($this->ask('GET', '/api/school'), 'outbox');
        self::assertIsArray($outbox);
        preg_match('~/reset#(\S+)~', self::text((array) $outbox[0], 'text'), $asked);
        foreach ([$handed, $asked[1] ?? ''] as $link) {
            self::assertSame('reset', $this->ask('POST', '/api/links/read', ['word' => $link])['purpose'] ?? null);
        }
        $this->browser->getCookieJar()->clear();
        $this->ask('POST', '/api/links/follow', ['word' => $handed, 'password' => 'driftwood and kelp']);
        self::assertSame(204, $this->code());
        $this->ask('POST', '/api/links/follow', ['word' => $asked[1] ?? '', 'password' => 'somebody else is here']);
        self::assertSame(410, $this->code());
        self::assertSame(200, $this->comeIn(password: 'driftwood and kelp'));
    }

    public function testAnAccountIsEndedAndBegunAgain(): void
    {
        $this->ask('POST', '/api/links/follow', ['word' => self::word(self::text($this->invited(), 'link')), 'password' => 'kelp and driftwood', 'name' => 'Corin Bell']);
        $this->signIn();
        $id = $this->idOf('corin@ombrel.example');
        $this->ask('PUT', '/api/school/colleagues/'.$id, ['administrator' => false, 'ended' => true]);
        self::assertSame(401, $this->comeIn());
        $this->signIn();
        $this->ask('PUT', '/api/school/colleagues/'.$id, ['administrator' => true, 'ended' => false]);
        self::assertSame(200, $this->comeIn());
        $this->ask('GET', '/api/school');
        self::assertSame(200, $this->code());
        $no = $this->ask('PUT', '/api/school/colleagues/'.$id, ['administrator' => false, 'ended' => false]);
        self::assertSame(422, $this->code(), 'nobody leaves a school without anyone');
        self::assertStringContainsString('Ask another administrator', self::text($no, 'detail'));
    }

    public function testAClassIsHandedOverWithAllThatIsKnownOfIt(): void
    {
        $this->signIn();
        $class = $this->classId();
        $corin = $this->colleague('corin@ombrel.example', 'Corin Bell');
        $this->entities()->flush();
        $school = $this->ask('PUT', '/api/school/classes/'.$class.'/teachers', ['teachers' => [$corin->id()->toRfc4122()]]);
        self::assertSame([['name' => 'Kittiwakes', 'children' => 24, 'teachers' => [$corin->id()->toRfc4122()]]], array_map(static fn (mixed $one): array => array_diff_key((array) $one, ['id' => 0]), (array) ($school['classes'] ?? [])));
        self::assertSame([], $this->ask('GET', '/api/classes'), 'who taught it sees nothing of it any more');
        $this->browser->loginUser($corin);
        self::assertSame(['Kittiwakes'], array_column($this->ask('GET', '/api/classes'), 'name'));
    }

    /** An administrator looks after accounts; what children wrote she sees in the classes she teaches. */
    public function testAnAdministratorSeesNoChildOfAClassSheDoesNotTeach(): void
    {
        $corin = $this->colleague('corin@ombrel.example', 'Corin Bell');
        $corin->administers(true);
        $this->entities()->flush();
        $this->signIn();
        $class = $this->classId();
        $child = (string) array_key_first($this->children());
        $this->browser->loginUser($corin);
        $this->ask('GET', '/api/school');
        self::assertSame(200, $this->code());
        self::assertStringNotContainsString('Anouk', (string) $this->browser->getResponse()->getContent());
        foreach (['/api/classes/'.$class.'/follow-up', '/api/classes/'.$class.'/evidence.csv', '/api/children/'.$child, '/print/children/'.$child] as $path) {
            $this->ask('GET', $path);
            self::assertSame(404, $this->code(), $path);
        }
    }

    public function testTheSchoolIsRenamedAndSaysHowLongItKeepsWhat(): void
    {
        $this->signIn();
        $school = $this->ask('PUT', '/api/school', ['name' => 'Ombrel and Little Sand', 'keeping' => ['deletedDays' => 14, 'marksMonths' => 12, 'childrenLeave' => '08-31', 'quietMonths' => 3]]);
        self::assertSame('Ombrel and Little Sand', $school['name'] ?? null);
        self::assertSame(['deletedDays' => 14, 'marksMonths' => 12, 'childrenLeave' => '08-31', 'quietMonths' => 3], $school['keeping'] ?? null);
        self::assertSame('Ombrel and Little Sand', $this->ask('GET', '/api/me')['school'] ?? null);
        $no = $this->ask('PUT', '/api/school', ['name' => 'Ombrel', 'keeping' => ['deletedDays' => 0]]);
        self::assertSame([422, 'What was deleted can be kept from 1 to 365 days: 30'], [$this->code(), $no['detail'] ?? null]);
    }

    private function idOf(string $email): string
    {
        $teacher = $this->entities()->getRepository(Teacher::class)->findOneBy(['email' => $email]);
        self::assertNotNull($teacher);

        return $teacher->id()->toRfc4122();
    }
}
