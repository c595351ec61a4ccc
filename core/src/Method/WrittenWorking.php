<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Picture\WrittenPicture;
use Rostik\Core\Sum\Answer;

/**
 * Written working, a line to a step.
 *
 * @internal to the methods that write their working line by line
 */
final class WrittenWorking
{
    /** @var list<Step> */
    private array $steps = [];

    /** @var list<string> */
    private array $lines = [];

    /**
     * @param string $line what is written, marked; '' where the step writes nothing
     * @param string $say  what is said, marked; '' to say what is written
     * @param ?int   $at   where the clock then stands ({@see Step::$at})
     */
    public function add(string $line, string $say = '', int|float|null $at = null): void
    {
        if ('' !== $line) {
            $this->lines[] = $line;
        }
        $this->steps[] = new Step('' === $say ? $line.'.' : $say, new WrittenPicture($this->lines), at: $at);
    }

    /** @return list<string> the lines so far */
    public function written(): array
    {
        return $this->lines;
    }

    public function working(Method $method, Answer $answer): Working
    {
        return new Working($method, [] === $this->steps ? throw new \LogicException('A working has at least one step.') : $this->steps, $answer);
    }
}
