<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Rostik\App\Api\JsonLines;
use Rostik\App\Skill\ExerciseLine;
use Rostik\App\Skill\OptionLines;
use Rostik\App\Skill\RungOptions;
use Rostik\Core\Plan\Facts;
use Rostik\Core\Plan\Filling;
use Rostik\Core\Plan\Part;
use Rostik\Core\Plan\PartKind;
use Rostik\Core\Plan\Planner;
use Rostik\Core\Plan\Purpose;
use Rostik\Core\Plan\Slot;
use Rostik\Core\Plan\Step;
use Rostik\Core\Plan\Timing;
use Rostik\Core\Skill\Ladder;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** `rostik lesson --skill earlier-across-hour --level core --minutes 60 --number 1 --of 3 --seed 1 --json`: a lesson, and what each sum stands there for. */
#[AsCommand('lesson', 'A lesson in its parts, and what each of its sums is there for')]
final class LessonCommand extends Command
{
    private const MOST = 20;

    public function __construct(private readonly Filling $filling, private readonly Timing $timing, private readonly Ladder $ladder, private readonly ExerciseLine $line)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        RungOptions::add($this, 'sums');
        $this->addOption('minutes', null, InputOption::VALUE_REQUIRED, 'that the lesson lasts', '60')
            ->addOption('number', null, InputOption::VALUE_REQUIRED, 'which of several lessons on it', '1')
            ->addOption('of', null, InputOption::VALUE_REQUIRED, 'how many lessons there are on it', '1')
            ->addArgument('lines', InputArgument::OPTIONAL, '- for sets of options on standard input, one a line');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        return '-' === $input->getArgument('lines')
            ? OptionLines::each($this, $output, fn (InputInterface $one): int => $this->one($one, $output), '--skill earlier-across-hour --level core --number 1 --of 3 --seed 1')
            : $this->one($input, $output);
    }

    private function one(InputInterface $input, OutputInterface $output): int
    {
        $asked = RungOptions::read($input, $output, $this->ladder);
        if (null === $asked) {
            return self::FAILURE;
        }
        $whole = static fn (string $name, int $most): ?int => filter_var($input->getOption($name), \FILTER_VALIDATE_INT, ['options' => ['min_range' => 'minutes' === $name ? Slot::LEAST : 1, 'max_range' => $most], 'flags' => \FILTER_NULL_ON_FAILURE]);
        [$minutes, $number, $of] = [$whole('minutes', Slot::MOST), $whole('number', self::MOST), $whole('of', self::MOST)];
        if (null === $minutes || null === $number || null === $of || $number > $of) {
            RungOptions::refuse($output, $input, 'not-a-number', \sprintf('--minutes takes %d to %d, --of 1 to %d, and --number no more than that: --minutes 60 --number 1 --of 3', Slot::LEAST, Slot::MOST, self::MOST));

            return self::FAILURE;
        }
        $step = new Step($asked->rung->id, 1 === $number ? Purpose::New : Purpose::Again, '', $number, $of);
        $facts = new Facts(24);
        // any day will do
        $slot = new Slot(When::date('2027-01-04'), 9 * 60 + 40, $minutes);
        $before = $asked->rung->needs[0] ?? null;
        $seed = Planner::seed($asked->seed, $number);
        $parts = $this->filling->parts($step, $slot, $facts, $seed, $before, level: $asked->level);
        $exercises = $this->filling->exercises($parts, $step, $slot, $facts, $seed, $before, $asked->level);
        $shown = array_map(fn (Part $part): array => [
            'kind' => PartKind::OnYourOwn === $part->kind ? 'own' : $part->kind->value,
            'minutes' => $this->timing->minutes($part, $facts),
            'sums' => array_map($this->line->of(...), $exercises[$part->id] ?? []),
        ], $parts);
        if (true === $input->getOption('json')) {
            JsonLines::one($output, ['rung' => $asked->rung->id, 'level' => $asked->level->value, 'number' => $number, 'of' => $of, 'focus' => $step->focus()->value, 'parts' => $shown]);

            return self::SUCCESS;
        }
        $output->writeln([$asked->rung->can, \sprintf('Lesson %d of %d: %s', $number, $of, $step->focus()->said())], OutputInterface::OUTPUT_RAW);
        foreach ($shown as $i => $part) {
            $output->writeln(['', \sprintf('%s, %d minutes', $parts[$i]->kind->said(), $part['minutes'])], OutputInterface::OUTPUT_RAW);
            foreach ($part['sums'] as $sum) {
                $output->writeln(\sprintf('  %-34s %s', $sum['sum'], $sum['says']), OutputInterface::OUTPUT_RAW);
            }
        }

        return self::SUCCESS;
    }
}
