<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** What has to be at hand for an activity. */
enum AtHand: string
{
    case Board = 'board';
    case Printer = 'printer';
    case Scissors = 'scissors';
    case Dice = 'dice';
    case Counters = 'counters';
    case Fasteners = 'fasteners';
    case Card = 'card';
    case Sound = 'sound';
    case Stopwatch = 'stopwatch';
    case Space = 'space';

    public function said(): string
    {
        return match ($this) {
            self::Board => 'the board',
            self::Printer => 'a printer',
            self::Scissors => 'scissors',
            self::Dice => 'dice',
            self::Counters => 'counters',
            self::Fasteners => 'paper fasteners',
            self::Card => 'thin card',
            self::Sound => 'sound',
            self::Stopwatch => 'a stopwatch or tablet',
            self::Space => 'clear space',
        };
    }
}
