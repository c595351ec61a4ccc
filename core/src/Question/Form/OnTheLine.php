<?php

declare(strict_types=1);

namespace Rostik\Core\Question\Form;

use Rostik\Core\Method\HoursFirstMethod;
use Rostik\Core\Method\NumberLineMethod;
use Rostik\Core\Question\AnswerForm;
use Rostik\Core\Question\LayingOut;
use Rostik\Core\Question\Room;
use Rostik\Core\Question\UsualForm;

/** Worked on a number line that is drawn. */
final readonly class OnTheLine implements AnswerForm
{
    use UsualForm;

    public const TYPE = 'line';

    public string $type;

    /** @param ?Room $room for working; null where no such working applies */
    public function __construct(public ?Room $room = null)
    {
        $this->type = self::TYPE;
    }

    public static function precedence(): int
    {
        return 50;
    }

    public function said(): string
    {
        return 'fill a number line';
    }

    public function methods(): array
    {
        return [NumberLineMethod::ID, HoursFirstMethod::ID];
    }

    public function layOut(LayingOut $question): ?self
    {
        $room = $question->isWorked() ? $question->room(true) : null;

        return null === $room ? null : new self($room);
    }

    public function isDrawn(): bool
    {
        return null !== $this->room;
    }

    public function rule(): string
    {
        return 'Answer';
    }
}
