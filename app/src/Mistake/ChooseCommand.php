<?php

declare(strict_types=1);

namespace Rostik\App\Mistake;

use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\NoSuchRung;
use Rostik\Core\Weighing\Choosing;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** `rostik choose --skill subtract-regroup`: sums whose answers tell the usual mistakes apart. */
#[AsCommand('choose', 'Sums of a rung of the ladder that tell mistakes apart')]
final class ChooseCommand extends Command
{
    /** The longest set that is chosen at once. */
    private const MOST = 100;

    public function __construct(private readonly Choosing $choosing, private readonly Ladder $ladder)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('json', null, InputOption::VALUE_NONE, 'one JSON object, for other programs')
            ->addOption('skill', null, InputOption::VALUE_REQUIRED, 'id of a rung: subtract-regroup')
            ->addOption('level', null, InputOption::VALUE_REQUIRED, 'support, core or stretch', 'core')
            ->addOption('count', null, InputOption::VALUE_REQUIRED, 'how many sums', '8')
            ->addOption('seed', null, InputOption::VALUE_REQUIRED, 'the same seed gives the same sums', '1');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $asked = static function (string $name) use ($input): string {
            $value = $input->getOption($name);

            return \is_string($value) ? $value : '';
        };
        $level = Level::tryFrom($asked('level'));
        $count = filter_var($asked('count'), \FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => self::MOST]]);
        $seed = filter_var($asked('seed'), \FILTER_VALIDATE_INT);
        try {
            $rung = $this->ladder->rung($asked('skill'));
        } catch (NoSuchRung $none) {
            return $this->refuse($output, $input, 'no-such-rung', $none->getMessage());
        }
        if (null === $level) {
            return $this->refuse($output, $input, 'no-such-level', 'A level is support, core or stretch.');
        }
        if (false === $count || false === $seed) {
            return $this->refuse($output, $input, 'not-a-number', \sprintf('--count takes a number from 1 to %d, --seed a whole number: --count 8 --seed 1', self::MOST));
        }
        $chosen = $this->choosing->choose($rung, $level, $count, $seed);
        if (true === $input->getOption('json')) {
            return JsonLines::one($output, [
                'skill' => $rung->id,
                'level' => $level->value,
                'sums' => $chosen->sums,
                'separates' => $chosen->separates,
                'separable' => $chosen->separable,
                'mistakes' => $chosen->mistakes,
            ]);
        }
        $output->writeln([...$chosen->sums, '', \sprintf('Tells %d of %d pairs of mistakes apart.', $chosen->separates, $chosen->separable)], OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    private function refuse(OutputInterface $output, InputInterface $input, string $code, string $message): int
    {
        if (true === $input->getOption('json')) {
            return JsonLines::one($output, ['error' => ['code' => $code, 'message' => $message]]);
        }
        $output->writeln($message, OutputInterface::OUTPUT_RAW);

        return self::FAILURE;
    }
}
