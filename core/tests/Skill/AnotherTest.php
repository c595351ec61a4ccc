<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Skill;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Skill\Another;
use Rostik\Core\Skill\AnotherSum;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\MissingLength;
use Rostik\Core\Tests\Core;
use Rostik\Core\Work\Workbench;

final class AnotherTest extends TestCase
{
    #[DataProvider('sums')]
    public function testSumsLikeOneHaveAllItsFeatures(string $text): void
    {
        $reader = Core::get(SumReader::class);
        $sum = $reader->read($text)->sum;
        $wanted = Seen::in(Core::get(Workbench::class)->work($text)->sum);
        $alike = Core::get(Another::class)->like($sum, 8, 3);
        self::assertCount(8, $alike);
        $texts = array_map(static fn (AnotherSum $a): string => $a->sum, $alike);
        self::assertSame($texts, array_values(array_unique($texts)));
        self::assertNotContains(Core::get(Workbench::class)->work($text)->sum, $texts);
        foreach ($texts as $other) {
            self::assertEquals($wanted, Seen::in($other), $other.' for '.$text);
            self::assertNotNull(Core::get(Workbench::class)->work($other)->answer, $other);
            self::assertSame($this->shape($text), $this->shape($other), 'asked in the same way');
            // stated by the same clock, with the half of the day said where it was said
            self::assertSame(1 === preg_match('/[ap]\.m\.|noon|midnight/', Core::get(Workbench::class)->work($text)->sum), 1 === preg_match('/[ap]\.m\.|noon|midnight/', $other), $other);
        }
        self::assertEquals($alike, Core::get(Another::class)->like($sum, 8, 3), 'the same seed, the same sums');
        self::assertNotEquals($alike, Core::get(Another::class)->like($sum, 8, 4));
    }

    /** Where the gap stands and which way round a list goes. */
    private function shape(string $text): string
    {
        preg_match_all('/_|[+\-x\/](?= )|latest first/', $text, $found);

        return str_contains($text, '_') || str_contains($text, 'first') ? implode(' ', $found[0]) : '';
    }

    /** @return iterable<array{string}> */
    public static function sums(): iterable
    {
        foreach (['1:50 pm + 3 h 30 min', '10:15 am - 35 min', '12:50 pm - 3 h', '9 am to 4 pm', '22:50 to 06:15', '1:50 + 20 min', '14:00 + 2 h', '6 h 10 min - 3 h 45 min', '3 h 35 min + 2 h 25 min',
            '105 min in h min', 'order 7:40 am, 7 pm, 7 am', '_ + 45 min = 10:20 am', '9:35 am + _ = 11:10 am', 'half past 3 as digital', '1:20 pm as 24h', '4 x 45 min', '3 days ? 70 h', 'order latest first: 7:40 am, 7 pm, 7 am',
            '45 min + _ = 1 h 10 min', '_ + 1 h 45 min = 3 h 10 min', '5 h 10 min - _ = 2 h 35 min', '_ - 1 h 20 min = 2 h 50 min', '3 x _ = 2 h 15 min', '_ / 4 = 35 min',
            '9:10 am + 25 min + 40 min', '3 h 15 min + 40 min - 25 min', '11:20:35 am + 1 min 50 s', '20 past 11 and 35 seconds as digital'] as $text) {
            yield $text => [$text];
        }
    }

    public function testAStepUpAndAStepDown(): void
    {
        $ladder = Core::get(Ladder::class);
        $places = array_flip(array_map(static fn ($r): string => $r->id, $ladder->rungs()));
        foreach (self::sums() as [$text]) {
            $sum = Core::get(SumReader::class)->read($text)->sum;
            $exercised = $ladder->exercisedBy($sum instanceof MissingLength ? $sum->plain() : $sum);
            $rung = $exercised[\count($exercised) - 1];
            $easier = Core::get(Another::class)->easier($sum, 5);
            $harder = Core::get(Another::class)->harder($sum, 5);
            self::assertNotNull($easier, $text);
            self::assertNotNull($harder, $text);
            self::assertTrue($easier->rung === $rung ? Level::Stretch !== $easier->level : $places[$easier->rung] < $places[$rung], $text.', easier: '.$easier->sum);
            self::assertTrue($harder->rung === $rung ? Level::Support !== $harder->level : $places[$harder->rung] > $places[$rung], $text.', harder: '.$harder->sum);
            self::assertNotNull(Core::get(Workbench::class)->work($easier->sum)->answer);
            self::assertNotNull(Core::get(Workbench::class)->work($harder->sum)->answer);
        }
    }

    public function testWhatIsOnNoRungHasNoOthers(): void
    {
        $sum = Core::get(SumReader::class)->read('1 month in days')->sum;
        self::assertSame([], Core::get(Another::class)->like($sum, 8, 1));
        self::assertNull(Core::get(Another::class)->easier($sum, 1));
        self::assertNull(Core::get(Another::class)->harder($sum, 1));
    }
}
