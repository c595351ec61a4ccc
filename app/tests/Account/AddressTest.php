<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Account;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\App\Account\Address;

final class AddressTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function spellings(): iterable
    {
        yield 'as it is' => ['corin@ombrel.example', 'corin@ombrel.example'];
        yield 'large letters' => ['Corin@OMBREL.example', 'corin@ombrel.example'];
        yield 'spaces around it' => ["  corin@ombrel.example \t\n", 'corin@ombrel.example'];
        yield 'a space of another kind' => ["\u{a0}corin@ombrel.example\u{3000}", 'corin@ombrel.example'];
        yield 'full width' => ["\u{ff43}orin\u{ff20}ombrel.example", 'corin@ombrel.example'];
        yield 'zero width' => ["co\u{200b}rin\u{200d}@ombrel\u{2060}.example\u{feff}", 'corin@ombrel.example'];
        yield 'a soft hyphen' => ["co\u{ad}rin@ombrel.example", 'corin@ombrel.example'];
        yield 'letters and accents apart' => ["zoe\u{308}@ombrel.example", "zo\u{eb}@ombrel.example"];
        yield 'a ligature' => ["\u{fb01}n@ombrel.example", 'fin@ombrel.example'];
        // RFC 3492, 7.1 and UTS 46: what DNS knows it by
        yield 'a domain outside ASCII' => ["corin@b\u{fc}cher.example", 'corin@xn--bcher-kva.example'];
        yield 'not UTF-8' => ["corin\xff@ombrel.example", 'corin?@ombrel.example'];
        yield 'nothing' => ['', ''];
    }

    #[DataProvider('spellings')]
    public function testHoweverItIsTypedItIsOneAddress(string $typed, string $normal): void
    {
        self::assertSame($normal, (string) Address::typed($typed));
        self::assertSame($normal, (string) Address::typed($normal), 'and what is normal stays so');
    }

    public function testLettersThatOnlyLookAlikeStayApart(): void
    {
        self::assertNotSame((string) Address::typed('arden@ombrel.example'), (string) Address::typed("\u{e1}rden@ombrel.example"));
        self::assertNotSame((string) Address::typed('arden@ombrel.example'), (string) Address::typed("\u{430}rden@ombrel.example"));
    }

    public function testWhereMailCouldGo(): void
    {
        foreach (['a@b.c', "zo\u{eb}@ombrel.example", 'corin.bell+class@ombrel.example'] as $yes) {
            self::assertTrue(Address::typed($yes)->isPlausible(), $yes);
        }
        foreach (['', '@', 'corin', 'corin@', '@ombrel.example', 'corin bell@ombrel.example', 'corin@ombrel example', str_repeat('a', 65).'@b.c', 'a@'.str_repeat('b', 200)] as $no) {
            self::assertFalse(Address::typed($no)->isPlausible(), $no);
        }
    }

    /** Whatever is typed has one form, soon, and that form is its own. */
    public function testAnythingHasAForm(): void
    {
        mt_srand(7);
        for ($i = 0; $i < 3000; ++$i) {
            $typed = '';
            for ($k = mt_rand(0, 30); $k > 0; --$k) {
                $typed .= 0 === mt_rand(0, 9) ? '@' : (string) mb_chr(mt_rand(1, 0x2FFFF));
            }
            $normal = (string) Address::typed($typed);
            self::assertSame($normal, (string) Address::typed($normal), bin2hex($typed));
            self::assertDoesNotMatchRegularExpression('/\p{Cf}|\p{Lu}(?<=[A-Z])/u', $normal);
        }
    }
}
