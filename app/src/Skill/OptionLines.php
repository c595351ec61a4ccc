<?php

declare(strict_types=1);

namespace Rostik\App\Skill;

use Rostik\App\Api\JsonLines;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\StringInput;
use Symfony\Component\Console\Output\OutputInterface;

/** Many at once: on standard input one set of options a line, out one JSON object a line. */
final class OptionLines
{
    /**
     * @param \Closure(InputInterface): int $one     what is done for one set
     * @param string                        $example of a line
     */
    public static function each(Command $command, OutputInterface $output, \Closure $one, string $example): int
    {
        $all = Command::SUCCESS;
        while (false !== $line = fgets(\STDIN)) {
            if ('' === trim($line)) {
                continue;
            }
            try {
                $options = new StringInput($command->getName().' --json '.trim($line));
                $options->bind($command->getDefinition());
                $all = max($all, $one($options));
            } catch (ExceptionInterface) {
                $all = JsonLines::one($output, ['error' => ['code' => 'not-understood', 'message' => 'A line has the options of one: '.$example]]);
            }
        }

        return $all;
    }
}
