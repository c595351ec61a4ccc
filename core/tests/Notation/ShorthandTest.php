<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Notation;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\Shorthand;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Tests\Core;

/** The quick way of reading a sum and the thorough one never disagree. */
final class ShorthandTest extends TestCase
{
    /** Every two of a list of times and lengths, well and badly written, with every sign between them. */
    public function testTheQuickWayReadsWhatTheThoroughOneReads(): void
    {
        $pieces = ['1:50 pm', '1:50 p.m.', '1:50pm', '12:00 am', '12:59 PM', '0:30', '00:00', '09:05', '9:05', '10:30', '12:45', '13:00', '23:59', '24:00', '13:00 pm', '3:60', '3:61 pm', '0:15 am',
            '2 h', '2h', '2 h 30 min', '2h30min', '90 min', '0 min', '2 hours 5 minutes', '1 hour 1 minute', '2 h 75 min', '9999 min', '5', ''];
        $reader = Core::get(SumReader::class);
        $quick = 0;
        foreach ($pieces as $a) {
            foreach ($pieces as $b) {
                foreach (['+', '-', 'to', ' + ', ' - ', ' to '] as $sign) {
                    $read = Shorthand::read($a.$sign.$b);
                    if (null !== $read) {
                        ++$quick;
                        try {
                            self::assertEquals($reader->readByForms($a.$sign.$b)->sum, $read, $a.$sign.$b);
                        } catch (NotUnderstood $no) {
                            self::fail($a.$sign.$b.' is read at a glance, but: '.$no->getMessage());
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(800, $quick);
        self::assertNull(Shorthand::read('1:50 + 20 min'), 'what is open needs thought');
        self::assertNull(Shorthand::read('3:60 pm + 20 min'));
    }
}
