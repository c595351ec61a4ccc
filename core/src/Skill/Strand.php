<?php

declare(strict_types=1);

namespace Rostik\Core\Skill;

/** What a rung is found under, as teachers group them. */
enum Strand: string
{
    case Clock = 'clock';
    case Units = 'units';
    case Lengths = 'lengths';
    case Times = 'times';
    case Stories = 'stories';
    case Timetables = 'timetables';
    case Dates = 'dates';
}
