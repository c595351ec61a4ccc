<?php

declare(strict_types=1);

namespace Rostik\App\Problem;

use Rostik\App\Api\JsonLines;
use Rostik\App\Skill\RungOptions;
use Rostik\App\Work\JsonLine;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Problem\StoryMaker;
use Rostik\Core\Problem\StoryWishes;
use Rostik\Core\Problem\Told;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Work\Answering;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** `rostik tell --skill two-step-problem --level core --count 12 --seed 1`: problems in words, made. */
#[AsCommand('tell', 'Problems in words, with their sums and answers')]
final class TellCommand extends Command
{
    public function __construct(private readonly StoryMaker $stories, private readonly Ladder $ladder, private readonly Forms $forms, private readonly Answering $answering)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        RungOptions::add($this, 'problems');
        $this->addOption('pairs', null, InputOption::VALUE_NONE, 'in pairs with the same word, one to add and one to take away');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $asked = RungOptions::read($input, $output, $this->ladder);
        if (null === $asked) {
            return self::FAILURE;
        }
        if (!$this->stories->tells($asked->rung)) {
            RungOptions::refuse($output, $input, 'not-told', 'That rung has no stories. One that has: --skill one-step-problem');

            return self::FAILURE;
        }
        $json = true === $input->getOption('json');
        foreach ($this->stories->make($asked->rung, $asked->level, $asked->count, $asked->seed, wishes: new StoryWishes(true === $input->getOption('pairs'))) as $n => $told) {
            if ($json) {
                JsonLines::one($output, $this->line($told));
            } else {
                $output->writeln([($n + 1).'. '.$told->text.' '.$told->ask, '   '.implode('; ', $this->sums($told)), '   '.$told->sentence, ''], OutputInterface::OUTPUT_RAW);
            }
        }

        return self::SUCCESS;
    }

    /** @return array<string, mixed> */
    private function line(Told $told): array
    {
        return [
            'text' => $told->text.' '.$told->ask,
            'questions' => [[
                'ask' => $told->ask,
                'sums' => $this->sums($told),
                'answer' => JsonLine::answer($this->answering->to($told->sum())),
                'sentence' => $told->sentence,
            ]],
            'shape' => $told->frame->shape->value,
            'level' => $told->level->value,
        ];
    }

    /** @return list<string> */
    private function sums(Told $told): array
    {
        return array_map(fn (Sum $sum): string => $this->forms->write($sum, Writer::plain()), $told->sums);
    }
}
