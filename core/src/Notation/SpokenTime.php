<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Time\Unit;

/**
 * A time as it is said: past the hour to half past, then to the next hour; number words from the intl extension
 * (Unicode CLDR). With the half of the day said, the part of the day follows: "a ten to eleven at night".
 */
final class SpokenTime
{
    private ?\NumberFormatter $speller = null;

    /**
     * @param string $past     "past" or "after"
     * @param bool   $numerals whether numbers stand in digits, as a question has it: half past 3, 23 minutes to 9
     * @param bool   $marked   whether hours and minutes in digits are marked ({@see Marked})
     */
    public function __construct(
        private readonly string $past = 'past',
        private readonly bool $numerals = false,
        private readonly bool $marked = false,
    ) {
    }

    public function of(StatedTime $stated): string
    {
        $time = $stated->time();
        if ($stated->halfSaid && 0 === $time->minutes % 720) {
            return (0 === $time->minutes ? 'midnight' : 'noon').$this->andSeconds($stated->second);
        }
        $minute = $time->minute();
        $to = $minute > 30;
        $hour = $this->hour($to ? $time->hour12() % 12 + 1 : $time->hour12());
        $said = match (true) {
            0 === $minute => $hour.($this->numerals && !$this->marked ? ' o\'clock' : ' o’clock'),
            15 === $minute => 'quarter '.$this->past.' '.$hour,
            30 === $minute => 'half past '.$hour,
            45 === $minute => 'quarter to '.$hour,
            default => $this->minutes($to ? 60 - $minute : $minute).' '.($to ? 'to' : $this->past).' '.$hour,
        }.$this->andSeconds($stated->second);

        return $stated->halfSaid ? $said.' '.$this->partOfTheDay($time) : $said;
    }

    /** Its digits as they are read out: "three fifty", "five oh five", "six o'clock"; by the hour of a 12-hour clock. */
    public function aloud(StatedTime $stated): string
    {
        $time = $stated->time();
        $minute = $time->minute();

        return $this->number($time->hour12()).' '.match (true) {
            0 === $minute => 'o’clock',
            $minute < 10 => 'oh '.$this->number($minute),
            default => $this->number($minute),
        };
    }

    /** In which part of the day it is: "in the morning", "at night". */
    public function part(StatedTime $stated): string
    {
        return $this->partOfTheDay($stated->time());
    }

    /** Fives are said as bare numbers, others as minutes: "twenty to", but "eighteen minutes to". */
    private function minutes(int $minutes): string
    {
        $said = ($this->numerals ? $minutes : $this->number($minutes)).(0 === $minutes % 5 ? '' : (1 === $minutes ? ' minute' : ' minutes'));

        return $this->marked ? Marked::minute($said) : $said;
    }

    /** " and 25 seconds"; nothing for whole minutes. */
    private function andSeconds(?int $second): string
    {
        if (null === $second) {
            return '';
        }
        $said = ($this->numerals ? $second : $this->number($second)).(1 === $second ? ' second' : ' seconds');

        return ' and '.($this->marked ? Marked::unit(Unit::Second, $said) : $said);
    }

    private function hour(int $hour): string
    {
        $said = $this->numerals ? (string) $hour : $this->number($hour);

        return $this->marked ? Marked::hour($said) : $said;
    }

    private function partOfTheDay(TimeOfDay $time): string
    {
        return match (true) {
            $time->hour() < 1 => 'at night',
            $time->hour() < 12 => 'in the morning',
            $time->hour() < 18 => 'in the afternoon',
            $time->hour() < 21 => 'in the evening',
            default => 'at night',
        };
    }

    private function number(int $number): string
    {
        $this->speller ??= new \NumberFormatter('en_GB', \NumberFormatter::SPELLOUT);
        $words = $this->speller->format($number);

        return false === $words ? (string) $number : $words;
    }
}
