<?php

declare(strict_types=1);

namespace Rostik\App\Skill;

use Rostik\App\Api\JsonLines;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\NoSuchRung;
use Rostik\Core\Skill\Rung;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** What a command is asked for that makes things of a rung: `--skill subtract-regroup --level core --count 8 --seed 1`. */
final readonly class RungOptions
{
    /** The most that are made at once. */
    public const MOST = 100;

    private function __construct(public Rung $rung, public Level $level, public int $count, public int $seed)
    {
    }

    /** @param string $what is counted: "sums" */
    public static function add(Command $command, string $what): void
    {
        $command->addOption('json', null, InputOption::VALUE_NONE, 'JSON, for other programs')
            ->addOption('skill', null, InputOption::VALUE_REQUIRED, 'id of a rung: subtract-regroup')
            ->addOption('level', null, InputOption::VALUE_REQUIRED, 'support, core or stretch', 'core')
            ->addOption('count', null, InputOption::VALUE_REQUIRED, 'how many '.$what, '8')
            ->addOption('seed', null, InputOption::VALUE_REQUIRED, 'the same seed gives the same '.$what, '1');
    }

    /** Null where it was refused, with an example that works. */
    public static function read(InputInterface $input, OutputInterface $output, Ladder $ladder): ?self
    {
        $asked = static function (string $name) use ($input): string {
            $value = $input->getOption($name);

            return \is_string($value) ? $value : '';
        };
        $level = Level::tryFrom($asked('level'));
        $count = filter_var($asked('count'), \FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => self::MOST]]);
        $seed = filter_var($asked('seed'), \FILTER_VALIDATE_INT);
        try {
            $rung = $ladder->rung($asked('skill'));
        } catch (NoSuchRung $none) {
            return self::refuse($output, $input, 'no-such-rung', $none->getMessage());
        }
        if (null === $level) {
            return self::refuse($output, $input, 'no-such-level', 'A level is support, core or stretch.');
        }
        if (false === $count || false === $seed) {
            return self::refuse($output, $input, 'not-a-number', \sprintf('--count takes a number from 1 to %d, --seed a whole number: --count 8 --seed 1', self::MOST));
        }

        return new self($rung, $level, $count, $seed);
    }

    public static function refuse(OutputInterface $output, InputInterface $input, string $code, string $message): null
    {
        if (true === $input->getOption('json')) {
            JsonLines::one($output, ['error' => ['code' => $code, 'message' => $message]]);
        } else {
            $output->writeln($message, OutputInterface::OUTPUT_RAW);
        }

        return null;
    }
}
