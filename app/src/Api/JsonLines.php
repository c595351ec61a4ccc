<?php

declare(strict_types=1);

namespace Rostik\App\Api;

use Rostik\Core\Notation\NotUnderstood;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** One JSON object a line, for other programs. */
final class JsonLines
{
    /**
     * One line out for each line in, in order, whatever it is.
     *
     * @param callable(string): array<string, mixed> $line
     */
    public static function each(OutputInterface $output, callable $line): int
    {
        while (false !== $in = fgets(\STDIN)) {
            self::one($output, $line(rtrim($in, "\r\n")));
        }

        return Command::SUCCESS;
    }

    /** @param array<string, mixed> $object */
    public static function one(OutputInterface $output, array $object): int
    {
        $output->writeln(json_encode($object, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES), OutputInterface::OUTPUT_RAW);

        return isset($object['error']) ? Command::FAILURE : Command::SUCCESS;
    }

    /** @return array<string, mixed> */
    public static function refused(string $typed, NotUnderstood $no): array
    {
        return ['sum' => $typed, 'error' => ['code' => $no->reason, 'message' => $no->getMessage(), 'at' => $no->at, 'example' => $no->example]];
    }
}
