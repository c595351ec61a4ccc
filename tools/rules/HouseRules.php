<?php

declare(strict_types=1);

namespace Rostik\Tools;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The rules of the house, checked with every static analysis. */
final class HouseRules
{
    /** The core is the subject alone: no framework, no database, no HTTP. */
    #[TestRule]
    public function theCoreKnowsOnlyItself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Rostik\Core'))
            ->excluding(Selector::inNamespace('Rostik\Core\Tests'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('Rostik\Core'))
            ->because('the core holds the subject and nothing else');
    }

    /** Times and lengths stand at the bottom of the core. */
    #[TestRule]
    public function timeKnowsNothingOfSums(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Rostik\Core\Time'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('Rostik\Core\Sum'),
                Selector::inNamespace('Rostik\Core\Notation'),
                Selector::inNamespace('Rostik\Core\Method'),
                Selector::inNamespace('Rostik\Core\Work'),
                Selector::inNamespace('Rostik\Core\Picture'),
            );
    }

    /** Sums are values: how they are written and worked is not theirs to know. */
    #[TestRule]
    public function sumsKnowNothingOfWriting(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Rostik\Core\Sum'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('Rostik\Core\Notation'),
                Selector::inNamespace('Rostik\Core\Method'),
                Selector::inNamespace('Rostik\Core\Work'),
                Selector::inNamespace('Rostik\Core\Picture'),
            );
    }

    /** What a working looks like is drawn from pictures, which know of nothing. */
    #[TestRule]
    public function picturesKnowNothing(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Rostik\Core\Picture'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('Rostik\Core\Picture'));
    }

    /** Rooms of the application use the account and the API's manners, not each other's insides. */
    #[TestRule]
    public function roomsKeepToThemselves(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Rostik\App\Work'), Selector::inNamespace('Rostik\App\Board'), Selector::inNamespace('Rostik\App\Mistake'), Selector::inNamespace('Rostik\App\Shell'), Selector::inNamespace('Rostik\App\Account'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Rostik\App\Sheet'), Selector::inNamespace('Rostik\App\Classroom'), Selector::inNamespace('Rostik\App\Printing'), Selector::inNamespace('Rostik\App\Demo'));
    }

    /** Sheets are printed, and know nothing of it. */
    #[TestRule]
    public function sheetsKnowNothingOfPrinting(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Rostik\App\Sheet'), Selector::inNamespace('Rostik\App\Classroom'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Rostik\App\Printing'));
    }
}
