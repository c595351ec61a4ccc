<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Notation;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\CsvField;

final class CsvFieldTest extends TestCase
{
    private const TEXTS = ['', '-', '3 h', '1:50 p.m.', '=1+2', '+44', '-5 min', '@SUM(A1)', "\tx", "\rx", "'", "'x", "'=x", "''-1", 'a,b', 'say "when"', "two\nlines", ' apart ', '=HYPERLINK("x","y")', '–5 min'];

    public function testNoFieldBeginsAsAFormulaDoes(): void
    {
        foreach (self::TEXTS as $text) {
            $field = CsvField::write($text);
            self::assertDoesNotMatchRegularExpression('/^"?(?:[=+@\t\r]|-.)/s', $field, $text);
        }
    }

    /** Against PHP's own reader of CSV. */
    public function testWhatIsWrittenIsReadAgain(): void
    {
        $stream = fopen('php://memory', 'r+');
        self::assertIsResource($stream);
        fwrite($stream, CsvField::rows([self::TEXTS, array_reverse(self::TEXTS)]));
        rewind($stream);
        foreach ([self::TEXTS, array_reverse(self::TEXTS)] as $row) {
            $read = fgetcsv($stream, escape: '');
            self::assertIsArray($read);
            self::assertSame($row, array_map(static fn (?string $field): string => CsvField::read((string) $field), $read));
        }
        mt_srand(5);
        for ($i = 0; $i < 5000; ++$i) {
            $text = '';
            for ($k = mt_rand(0, 6); $k > 0; --$k) {
                $text .= "'=+-@\t\",x \n"[mt_rand(0, 9)];
            }
            self::assertSame($text, CsvField::read((string) (str_getcsv(CsvField::write($text), escape: '')[0] ?? '')));
        }
    }
}
