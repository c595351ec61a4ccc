<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Judging;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Judging\Judge;
use Rostik\Core\Judging\Verdict;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Tests\Core;

/**
 * Answers as children write them, each with the verdict that a teacher gives it, set by hand: no right one is called wrong,
 * and no wrong one right.
 */
final class WritingsTest extends TestCase
{
    /** By sum, by verdict: the writings, between bars. */
    private const WRITINGS = [
        '3 h 40 min + 2 h 45 min' => [
            'right' => '6 h 25 min|6h25|6h25min|6 h 25|6h 25m|6 hours 25 minutes|6 hrs 25 mins|6hrs25mins|6 hours and 25 minutes|6 hr 25 min|6 h. 25 min.|= 6 h 25 min|=6h25|It takes 6 h 25 min|It takes 6 hours 25 minutes.|Answer: 6 h 25 min|answer 6 h 25 min|Ans: 6h25|A: 6 h 25 min|3h40 + 2h45 = 6h25|3 h 40 + 2 h 45 = 6 h 25 min|5h85 = 6h25|5 h 85 min → 6 h 25 min|6 h 25 min!|"6 h 25 min"|(6 h 25 min)|six hours twenty-five minutes|six hours and twenty five minutes|6 hours 25 minuts|6 houers 25 minites|6 ours 25 mins|6 hous 25 min|6 hours 25 mintues|25 min 6 h|6 h & 25 min|6H25|6 Hours 25 Minutes|6 h 25 min long|6 h 25 min altogether|6 h 25 min in total|They need 6 h 25 min in all.|the answer is 6 h 25 min|it is 6h 25min|~~5 h 85~~ 6 h 25 min|It lasts six hours and 25 minutes|6 h   25   min|6  hours  ,  25  minutes|6h, 25min|so 6 h 25 min|PT6H25M|06 h 25 min|6 h + 25 min|6h:25min|6 h 25 mim|6 hours, 25 minutes|six hours twentyfive minutes|from 10 to 4:25 it is 6 h 25',
            'other-form' => '385 min|385 minutes|385mins|= 385 min|It takes 385 minutes',
            'incomplete' => '6 25|6:25|6.25|6,25|6-25|6;25|625|385|6:25 h|6 25 min|= 6:25|6 : 25|answer: 6.25|385 = 6:25',
            'wrong' => '6.25 h|6.25 hrs|6.25 hours|5 h 85 min|5h85|5.85|5:85|585|5 85|5 h 25 min|6 h 85 min|6h85|6.85 h|685|1 h 5 min|6 h 24 min|7 h 25 min|6 h 20 min|6 h 30 min|6 h|25 min|6|25|5 h. 85 min.|= 5 h 85 min|It takes 5 h 25 min|Answer: 6 h 15 min|3h40 + 2h45 = 5h85|5 hours 85 minuts|five hours and eighty-five minutes|6 1/2 h|365 min|384 min|16 h 25 min|6 h 52 min|6.5 h|6 days 25 min|6 min 25 s',
            'unreadable' => 'blah|6 bananas|h min|6 h 25 h|lots|because it is|6 h 25 min or 5 h|§§',
            'blank' => '|-|?|??|???|...|…|–|/|x|X|_|idk|I don\'t know|dont know|no idea|~~6 h 25 min~~|. . .|pass',
        ],
        '25 min + 35 min' => [
            'right' => '1 h|1h|1 hour|an hour|one hour|1 hr|1 h.|= 1 h|60 minutes = 1 h|25+35=60=1h|It takes one hour.|1 our|1 houer|1 h 0 min|1h00|exactly 1 h|1 hour exactly',
            'other-form' => '60 min|60 mins|60 minutes|0 h 60 min|60 m|sixty minutes|= 60min',
            'incomplete' => '60|1|1:00|1.00|1 00|25+35=60|= 60',
            'wrong' => '1 h 10 min|50 min|50|10 min|10|1 min|61 min|60 h|60 s|2 h|100|100 min|1 h 60 min|60 hours',
        ],
        '40 min + 45 min' => [
            'right' => '1 h 25 min|1h25|85=1h25|40+45=85 =1h25|85 min = 1 h 25 min|one hour twenty five|1 hour and 25 minutes|1 h 25 minets',
            'other-form' => '85 min|85 minutes|0h85|0 h 85 min',
            'incomplete' => '125|1 25|1:25|1.25|85|40+45=85',
            'wrong' => '1.25 h|75 min|1 h 15 min|1h24|1h 35|5 min|1 h|80|2 h 25 min|135|1.35 h|40+45=75',
        ],
        '1 h 20 min + 1 h 40 min' => [
            'right' => '3 h|3h|3 hours|3 hrs|three hours|3 h 0 min|3h00|2 h 60 = 3 h|= 3 hours|It takes three hours',
            'other-form' => '180 min|180 minutes',
            'incomplete' => '3|3:00|180|3.00|3 0',
            'wrong' => '2 h 60 min|2h60|2.60|260|2 h|2|20 min|3 h 60|4 h|300|300 min|30 h',
        ],
        '6 h 10 min - 3 h 45 min' => [
            'right' => '2 h 25 min|2h25|2 hours 25|5h70 - 3h45 = 2h25|5 h 70 min - 3 h 45 min = 2 h 25 min|2 h 25 min left|2h25m|two hours and twenty-five minutes|There are 2 h 25 min left.',
            'other-form' => '145 min|145 minutes',
            'incomplete' => '2:25|2 25|2.25|225|145|2-25',
            'wrong' => '3 h 35 min|3.35|335|3 h 35|215 min|3 h 25 min|2 h 35 min|3 h|2 h 65 min|2h65|265|2.65|9 h 55 min|9 h|2 h 26 min|2 h 75|3.35 h|3h25 left|= 3:35',
        ],
        '4:55 pm + 1 h 30 min' => [
            'right' => '6:25 pm|6.25 pm|6 25 pm|625 pm|6:25 p.m.|6:25PM|6:25p.m|at 6:25 pm|At 6:25 p.m.|It ends at 6:25 pm|6:25 in the evening|= 6:25 pm|4:55 + 1:30 = 6:25 pm|6-25 pm|6;25 pm|it is 6:25 pm|6h25 pm|6:25 pm.|6:25 P.M.|6:25 p|6:25 pm tonight|6:25 pm (same day)|6:25 evening',
            'other-form' => '18:25|18.25|1825|18:25 h|18:25 hrs|1825 hrs|18:25 hours|25 past 6 in the evening|twenty-five past six in the evening|18h25|18h25m',
            'incomplete' => '6:25|6.25|6 25|625|6:25 o\'clock|25 past 6|twenty five past six|twenty-five passed six|25 parst 6|6-25|It ends at 6:25|25 minutes past 6|twentyfive past six|25past6|six twenty-five',
            'wrong' => '5:85 pm|5:85|5.85|585|6:25 am|6:24 pm|7:25 pm|5:25 pm|3:25 pm|6:20 pm|half past 6|quarter past six|25 to 6|25 past 5|17:25|6 o\'clock|6 pm|6:25 pm next day|It ends at 5:25 pm|5:85 o\'clock|6:52 pm|16:25',
            'unreadable' => 'later|in the evening|soon|pm|tea time',
        ],
        '11:54 pm + 3 h 30 min' => [
            'right' => '3:24 am|3:24 am next day|3:24 am (next day)|3:24 a.m. the next day|3:24am the following day|3.24 am|3:24 am on the next day|3:24 in the morning|3 24 am',
            'other-form' => '03:24|0324|03:24 next day|24 minutes past 3 in the morning',
            'incomplete' => '3:24|3.24|3:24 next day|24 past 3|24 minutes past three',
            'wrong' => '3:24 pm|15:24|14:84|2:84|2:84 am|3:24 am the day before|2:24 am|3:25 am|4:24 am|8:24 pm|15:24 pm|3:24 am two days later',
        ],
        '9:00 am to 4:00 pm' => [
            'right' => '7 h|7 hours|7h|7 hrs|seven hours|7 h 0 min|= 7 h|from 9 to 4 = 7 h|9 to 12 is 3 h and 4 h = 7 h|It is open for 7 hours|7 hours long|7 houres',
            'other-form' => '420 min|420 minutes',
            'incomplete' => '7|7:00|420|7.00',
            'wrong' => '5 h|5|8 h|8 hours|6 h|13 h|7 min|7 pm|5 hours|It is open for 5 hours|7 days|70',
        ],
        '9:40 am as 24h' => [
            'right' => '09:40|9:40|0940|9.40|09.40|09:40 h|0940 hrs|09:40 hours|9 40|= 09:40|It is 09:40',
            'wrong' => '21:40|9:40 pm|2140|9:04|10:40|19:40|09:41|9:40 am',
        ],
        '1:20 pm as 24h' => [
            'right' => '13:20|1320|13.20|13:20 h|13:20 hrs|1320 h|1320 hours|13 20|it is 13:20|13h20|13-20',
            'wrong' => '1:20 pm|01:20|1:20|11:20|12:20|23:20|13:02|13:20 pm|3:20|14:20',
        ],
        '17:05 as 12h' => [
            'right' => '5:05 pm|5.05 pm|5:05 p.m.|505 pm|5 05 pm|5:05PM|= 5:05 pm',
            'other-form' => 'five past five in the afternoon',
            'incomplete' => '5:05|5.05|five past five|5 past 5|505|5 05',
            'wrong' => '7:05 pm|17:05|5:05 am|5:50 pm|15:05|7:05|17:05 pm|5 pm|five to five|1705',
        ],
        '11:00 am as words' => [
            'right' => 'eleven o\'clock|11 o\'clock|eleven oclock|11 oclock|11 o clock|Eleven o\'clock|it is 11 o\'clock|eleven o\'clok',
            'wrong' => '11:00|11|ten o\'clock|12 o\'clock|half past eleven|one o\'clock|11:10|eleven past one',
        ],
        '8:37 am as words' => [
            'right' => '23 minutes to nine|twenty-three minutes to nine|23 minutes to 9|23 to 9|twenty three to nine|23 minuts to nine|23 minutes too 9',
            'wrong' => '8:37|8.37|23 minutes past nine|23 past 8|37 to 9|23 to 8|20 to 9|half past 8|quarter to nine|23 past nine',
        ],
        '8:00 as digital' => [
            'right' => '8:00|8.00|08:00|8 00',
            'incomplete' => '8|800',
            'wrong' => '8:60|8:12|12:40|7:00|eight o\'clock|8:08',
        ],
        '8:00 pm as 24h' => [
            'right' => '20:00|2000|20.00|20 00|2000 hrs',
            'incomplete' => '20',
            'wrong' => '8:00|0800|18:00|8|8:00 pm',
        ],
        'quarter past 6 as digital' => [
            'right' => '6:15|6.15|6 15|615|6-15|6;15|It says 6:15|6h15',
            'wrong' => '6:45|5:45|6:25|6:04|7:15|3:30|6:03|6:51',
        ],
        '3 days ? 70 h' => [
            'right' => '>|bigger|longer|more|greater|greater than|3 days > 70 h|70 h < 3 days|3 days is more|3 days is longer than 70 h|longer than|more than|larger|3 days are longer|72 h > 70 h',
            'wrong' => '<|=|smaller|shorter|less|the same|3 days < 70 h|70 h > 3 days|70 h is more|70 hours is longer|equal|fewer|3 days = 70 h',
            'unreadable' => 'days|yes|70|3 days|maybe',
        ],
        'order 7:40 am, 7 pm, 7 am' => [
            'right' => '2 3 1|231|2, 3, 1|c a b|c,a,b|c, a, b|cab|CAB|c-a-b|C-A-B|3 1 2|3,1,2|312|3-1-2|7 am, 7:40 am, 7 pm|7 am 7:40 am 7 pm|7 am < 7:40 am < 7 pm|7am, 7:40am, 7pm|7 am then 7:40 am then 7 pm|c then a then b|7 am, 7:40 am and 7 pm|c; a; b|c/a/b|7 am → 7:40 am → 7 pm',
            'wrong' => 'a b c|abc|a,b,c|b a c|123|1 2 3|acb|7 pm, 7 am, 7:40 am|7:40 am, 7 pm, 7 am|b-a-c|7 am, 7 pm, 7:40 am',
            'unreadable' => 'a|a b|aab|a a b|1 2|c a b a|7 am|4 1 2',
        ],
        '15 min + 15 min' => [
            'right' => '30 min|30 mins|30 minutes|thirty minutes|30 minuts|= 30 min|15+15=30 min|30m|therty minutes|30 min.',
            'other-form' => 'half an hour|half hour|1/2 h|½ h|½ hour|0.5 h|haf an hour|half a hour|harf an hour|a half hour|It takes half an hour',
            'incomplete' => '30|15+15=30|= 30|0:30',
            'wrong' => '0|0 min|25 min|3 h|30 h|1 h|31|40 min|quarter of an hour|30 s',
        ],
        '2 h 25 min in min' => [
            'right' => '145 min|145 minutes|145min|145 mins|2 x 60 + 25 = 145 min|120+25=145 min|= 145 min|145 minits',
            'incomplete' => '145|120+25=145|= 145',
            'wrong' => '225|225 min|120 min|120|85 min|25 min|2 h 25 min|145 h|146|245 min|200+25=225',
        ],
        '105 min in h min' => [
            'right' => '1 h 45 min|1h45|1 hour 45 minutes|105 = 1 h 45 min|105-60=45 so 1 h 45 min|1 hour and 45 mins|1 h. 45 min.',
            'incomplete' => '1 45|1:45|1.45',
            'wrong' => '105 min|1 h 5 min|1 h 05|10 h 5 min|1 h|1 h 40 min|2 h 45 min|1 h 50 min',
        ],
        '12 March 2027 + 10 days' => [
            'right' => '22 March|22 March 2027|22nd March|March 22|22. March|the 22nd of March|Monday 22 March|22/3|22/3/2027|2027-03-22',
            'wrong' => '21 March|23 March|2 March|22 April|22 May 2027|12 March|22/4',
            'unreadable' => 'March|next week|soon',
        ],
    ];

    public function testWhatATeacherWouldSayOfThem(): void
    {
        $judge = Core::get(Judge::class);
        $reader = Core::get(SumReader::class);
        $all = 0;
        $off = [];
        $grave = [];
        foreach (self::WRITINGS as $text => $verdicts) {
            $sum = $reader->read($text)->sum;
            foreach ($verdicts as $wanted => $writings) {
                foreach (explode('|', $writings) as $written) {
                    ++$all;
                    $verdict = $judge->judge($sum, $written)->verdict;
                    if ($wanted === $verdict->value) {
                        continue;
                    }
                    $off[] = $said = \sprintf('%s: "%s" is %s, said to be %s', $text, $written, $wanted, $verdict->value);
                    $isRight = Verdict::from($wanted)->isRight();
                    if (($isRight && Verdict::Wrong === $verdict) || ('wrong' === $wanted && $verdict->isRight())) {
                        $grave[] = $said;
                    }
                }
            }
        }
        self::assertGreaterThanOrEqual(600, $all);
        self::assertSame([], $grave, 'no right one is called wrong, no wrong one right');
        self::assertSame([], $off);
    }
}
