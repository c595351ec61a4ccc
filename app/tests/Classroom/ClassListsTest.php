<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Classroom;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\App\Api\CannotBeHad;
use Rostik\App\Classroom\ChildEntry;
use Rostik\App\Classroom\ClassListReply;
use Rostik\App\Classroom\ClassLists;
use Rostik\App\Storage\ZipFile;

final class ClassListsTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, list<string>>}> */
    public static function lists(): iterable
    {
        yield 'a name to a line' => ["Anouk\nBram\n\nCleo\n", ['' => ['Anouk', 'Bram', 'Cleo']]];
        yield 'whole names' => ["Name\nAnouk Quay\nBram van Roe\n", ['' => ['Anouk', 'Bram']]];
        yield 'the surname first' => ["name\n\"Quay, Anouk\"\n\"Roe, Bram Jan\"\n", ['' => ['Anouk', 'Bram']]];
        yield 'with a number before it' => ["1. Anouk\n2) Bram\n", ['' => ['Anouk', 'Bram']]];
        yield 'a column of first names' => ["Surname;First name;Born\nQuay;Anouk Marie;x\nRoe;Bram;x\n", ['' => ['Anouk Marie', 'Bram']]];
        yield 'several classes' => ["Class,Forename\nTerns,Wren\nKittiwakes,Bram\nTerns,Uma\n", ['Kittiwakes' => ['Bram'], 'Terns' => ['Wren', 'Uma']]];
        yield 'tabs, an old encoding, other ends of line' => ["Klasse\tVorname\rTerns\tZo\xeb\rTerns\tBram\r", ['Terns' => ["Zo\u{eb}", 'Bram']]];
        yield 'UTF-16, as spreadsheets save it' => ["\xFF\xFE".mb_convert_encoding("First name\nZo\u{eb}\n", 'UTF-16LE'), ['' => ["Zo\u{eb}"]]];
        yield 'two of one name' => ["Bram\nbram\nBram\n", ['' => ['Bram', 'bram 2', 'Bram 3']]];
    }

    /** @param array<string, list<string>> $wanted */
    #[DataProvider('lists')]
    public function testFirstNamesAreTaken(string $text, array $wanted): void
    {
        $read = [];
        foreach (ClassLists::read($text) as $list) {
            $read[$list->name] = $list->children;
        }
        self::assertSame($wanted, $read);
    }

    /** The files and columns of OneRoster 1.1 CSV, tables 4.4, 4.9 and 4.17 (written from memory of the specification). */
    public function testOneRoster(): void
    {
        $zip = ZipFile::of([
            'manifest.csv' => "propertyName,value\nmanifest.version,1.0\noneroster.version,1.1\n",
            'users.csv' => "sourcedId,status,dateLastModified,enabledUser,orgSourcedIds,role,username,userIds,givenName,familyName,middleName,identifier,email,sms,phone,agentSourcedIds,grades,password\n"
                ."u1,,,true,o1,student,quay,,Anouk,Quay,,,,,,,,\nu2,,,true,o1,student,roe,,Bram,Roe,,,,,,,,\nu3,,,true,o1,teacher,bell,,Corin,Bell,,,,,,,,\nu4,tobedeleted,,true,o1,student,gone,,Otis,Gone,,,,,,,,\n",
            'classes.csv' => "sourcedId,status,dateLastModified,title,grades,courseSourcedId,classCode,classType,location,schoolSourcedId,termSourcedIds,subjects,subjectCodes,periods\nc1,,,Kittiwakes,,k,,homeroom,,o1,t1,,,\nc2,,,Terns,,k,,homeroom,,o1,t1,,,\n",
            'enrollments.csv' => "sourcedId,status,dateLastModified,classSourcedId,schoolSourcedId,userSourcedId,role,primary,beginDate,endDate\ne1,,,c1,o1,u2,student,,,\ne2,,,c1,o1,u1,student,,,\ne3,,,c1,o1,u3,teacher,true,,\ne4,,,c2,o1,u4,student,,,\ne5,,,c2,o1,u1,student,,,\n",
        ]);
        self::assertEquals([new ClassListReply('Kittiwakes', ['Anouk', 'Bram'], 0), new ClassListReply('Terns', ['Anouk'], 0)], ClassLists::read($zip));
    }

    public function testWhatHoldsNoNamesIsRefusedKindly(): void
    {
        foreach (['', "\n\n", "First name\n", "\x00\x01\x02", "PK\x03\x04", ZipFile::of(['users.csv' => "sourcedId\n"])] as $bytes) {
            try {
                ClassLists::read($bytes);
                self::fail(bin2hex($bytes));
            } catch (CannotBeHad $no) {
                self::assertStringEndsWith('.', rtrim($no->getMessage(), '”'));
            }
        }
        self::assertCount(60, ClassLists::read(str_repeat("Wren\n", 75))[0]->children);
        self::assertSame(15, ClassLists::read(str_repeat("Wren\n", 75))[0]->more);
    }

    /** @return iterable<string, array{string}> */
    public static function hostile(): iterable
    {
        yield 'one name of a million letters' => [str_repeat('A', 1_800_000)];
        yield 'a million fields' => ["First name\n".str_repeat(',', 1_800_000)];
        yield 'a million fields in the head' => [str_repeat('x,', 900_000)."\nBram"];
        yield 'a million lines' => [str_repeat("A\n", 900_000)];
        yield 'a quote that never ends' => ["name\n\"".str_repeat("A\n", 900_000)];
        yield 'a zip of it' => [ZipFile::of(['users.csv' => str_repeat(',', 1_800_000), 'classes.csv' => 'a', 'enrollments.csv' => 'a'])];
    }

    /** Whatever is sent is answered in a moment, in little room, and not with a fault. */
    #[DataProvider('hostile')]
    public function testWhatIsNoListIsRefusedAtOnce(string $bytes): void
    {
        $began = hrtime(true);
        memory_reset_peak_usage();
        $before = memory_get_usage();
        try {
            $lists = ClassLists::read($bytes);
            self::assertLessThanOrEqual(100, \count($lists));
        } catch (CannotBeHad $no) {
            self::assertNotSame('', $no->getMessage());
        }
        self::assertLessThan(2.0, (hrtime(true) - $began) / 1e9);
        self::assertLessThan(100_000_000, memory_get_peak_usage() - $before);
    }

    public function testAMisleadingLetterIsNoPartOfAName(): void
    {
        foreach (["Wr\u{200b}en", "\u{202e}Wren", "Wren\u{2028}", "W\u{ad}ren\u{feff}", " Wren\r\n"] as $name) {
            self::assertSame('Wren', (new ChildEntry('a', $name))->name);
        }
        self::assertSame('Zoë Mae', (new ChildEntry('a', "Zoë\tMae"))->name);
    }
}
