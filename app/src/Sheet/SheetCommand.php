<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\App\Api\JsonLines;
use Rostik\App\Skill\ExerciseLine;
use Rostik\App\Skill\OptionLines;
use Rostik\App\Skill\RungOptions;
use Rostik\Core\Sequence\Exercise;
use Rostik\Core\Sequence\Sequencer;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\NoSuchRung;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** `rostik sheet --skill add-regroup --level core --count 12 --order grows --seed 1 --json`: questions to be worked alone, and what each is there for. */
#[AsCommand('sheet', 'Questions of a sheet, and what each of them is there for')]
final class SheetCommand extends Command
{
    private const COPIES = 60;

    public function __construct(private readonly Sequencer $sequencer, private readonly Ladder $ladder, private readonly ExerciseLine $line)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('json', null, InputOption::VALUE_NONE, 'JSON, for other programs')
            ->addOption('skill', null, InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY, 'id of a rung: subtract-regroup; several times for several')
            ->addOption('level', null, InputOption::VALUE_REQUIRED, 'support, core or stretch', 'core')
            ->addOption('count', null, InputOption::VALUE_REQUIRED, 'how many questions', '12')
            ->addOption('order', null, InputOption::VALUE_REQUIRED, 'grows or mixed', 'grows')
            ->addOption('seed', null, InputOption::VALUE_REQUIRED, 'the same seed gives the same questions', '1')
            ->addOption('copy', null, InputOption::VALUE_REQUIRED, 'which copy of it, with other numbers; 0 for the sheet itself', '0')
            ->addArgument('lines', InputArgument::OPTIONAL, '- for sets of options on standard input, one a line');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        return '-' === $input->getArgument('lines')
            ? OptionLines::each($this, $output, fn (InputInterface $one): int => $this->one($one, $output), '--skill add-regroup --level core --count 12 --order grows --seed 1')
            : $this->one($input, $output);
    }

    private function one(InputInterface $input, OutputInterface $output): int
    {
        $refuse = static function (string $code, string $message) use ($output, $input): int {
            RungOptions::refuse($output, $input, $code, $message);

            return self::FAILURE;
        };
        $asked = static fn (string $name): string => \is_string($input->getOption($name)) ? $input->getOption($name) : '';
        $whole = static fn (string $name, int $least, int $most): ?int => filter_var($asked($name), \FILTER_VALIDATE_INT, ['options' => ['min_range' => $least, 'max_range' => $most], 'flags' => \FILTER_NULL_ON_FAILURE]);
        [$count, $seed, $copy] = [$whole('count', 1, RungOptions::MOST), $whole('seed', \PHP_INT_MIN, \PHP_INT_MAX), $whole('copy', 0, self::COPIES)];
        $level = Level::tryFrom($asked('level'));
        $skills = array_values(array_filter((array) $input->getOption('skill'), is_string(...)));
        if (null === $level) {
            return $refuse('no-such-level', 'A level is support, core or stretch.');
        }
        if (null === $count || null === $seed || null === $copy || $count < \count($skills)) {
            return $refuse('not-a-number', \sprintf('--count takes 1 to %d, and one for each skill; --copy 0 to %d; --seed a whole number: --count 12 --seed 1', RungOptions::MOST, self::COPIES));
        }
        if (!\in_array($asked('order'), ['grows', 'mixed'], true)) {
            return $refuse('no-such-order', 'An order is grows or mixed: --order grows');
        }
        $all = [];
        try {
            $rungs = array_map($this->ladder->rung(...), [] === $skills ? [''] : $skills);
        } catch (NoSuchRung $none) {
            return $refuse('no-such-rung', $none->getMessage());
        }
        foreach ($rungs as $i => $rung) {
            $of = intdiv($count * ($i + 1), \count($rungs)) - intdiv($count * $i, \count($rungs));
            array_push($all, ...$this->sequencer->own($rung, $level, $of, $seed + 7919 * $i, avoid: array_map(static fn (Exercise $one): string => $one->text, $all), copy: $copy));
        }
        $all = 'mixed' === $asked('order') ? (new Dice($seed + 104_729 * $copy))->shuffle($all) : $all;
        if (true === $input->getOption('json')) {
            JsonLines::one($output, ['skills' => $skills, 'level' => $level->value, 'order' => $asked('order'), 'copy' => $copy, 'questions' => array_map($this->line->of(...), $all)]);

            return self::SUCCESS;
        }
        foreach ($all as $n => $one) {
            $output->writeln(\sprintf('%2d. %-40s %s', $n + 1, $one->line(), $one->says), OutputInterface::OUTPUT_RAW);
        }

        return self::SUCCESS;
    }
}
