<?php

declare(strict_types=1);

namespace Rostik\Core\Question\Form;

use Rostik\Core\Method\ColumnMethod;
use Rostik\Core\Question\AnswerForm;
use Rostik\Core\Question\LayingOut;
use Rostik\Core\Question\Room;
use Rostik\Core\Question\UsualForm;

/** Worked in columns that are drawn. */
final readonly class InColumns implements AnswerForm
{
    use UsualForm;

    public const TYPE = 'columns';

    public string $type;

    /** @param ?Room $room for working; null where no such working applies */
    public function __construct(public ?Room $room = null)
    {
        $this->type = self::TYPE;
    }

    public static function precedence(): int
    {
        return 60;
    }

    public function said(): string
    {
        return 'fill columns';
    }

    public function methods(): array
    {
        return [ColumnMethod::ID];
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
