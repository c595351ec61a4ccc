<?php

declare(strict_types=1);

namespace Rostik\App\Mistake;

use Rostik\App\Api\JsonLines;
use Rostik\App\Skill\RungOptions;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Weighing\Choosing;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** `rostik choose --skill subtract-regroup`: sums whose answers tell the usual mistakes apart. */
#[AsCommand('choose', 'Sums of a rung of the ladder that tell mistakes apart')]
final class ChooseCommand extends Command
{
    public function __construct(private readonly Choosing $choosing, private readonly Ladder $ladder)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        RungOptions::add($this, 'sums');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $asked = RungOptions::read($input, $output, $this->ladder);
        if (null === $asked) {
            return self::FAILURE;
        }
        $chosen = $this->choosing->choose($asked->rung, $asked->level, $asked->count, $asked->seed);
        if (true === $input->getOption('json')) {
            return JsonLines::one($output, [
                'skill' => $asked->rung->id,
                'level' => $asked->level->value,
                'sums' => $chosen->sums,
                'separates' => $chosen->separates,
                'separable' => $chosen->separable,
                'mistakes' => $chosen->mistakes,
            ]);
        }
        $output->writeln([...$chosen->sums, '', \sprintf('Tells %d of %d pairs of mistakes apart.', $chosen->separates, $chosen->separable)], OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
