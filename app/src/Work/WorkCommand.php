<?php

declare(strict_types=1);

namespace Rostik\App\Work;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Work\Workbench;
use Rostik\Core\Work\WorkedSum;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** `rostik work "1:50 pm + 3 h 30 min"`: the answer and its working in the terminal. */
#[AsCommand('work', 'Works a sum: the answer and how to find it')]
final class WorkCommand extends Command
{
    public function __construct(private readonly Workbench $bench)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('sum', InputArgument::REQUIRED, 'one sum, such as "1:50 pm + 3 h 30 min"; with --json, "-" reads one sum a line')
            ->addOption('json', null, InputOption::VALUE_NONE, 'one JSON object a sum, for other programs')
            ->addOption('all', null, InputOption::VALUE_NONE, 'every method that applies, not only the recommended one');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $typed = $input->getArgument('sum');
        if (true === $input->getOption('json')) {
            return '-' === $typed ? $this->batch($output) : $this->one(\is_string($typed) ? $typed : '', $output);
        }
        try {
            $worked = $this->bench->work(\is_string($typed) ? $typed : '');
        } catch (NotUnderstood $no) {
            $output->writeln($no->getMessage());
            $output->writeln(\sprintf('(at character %d) For example: %s', $no->at + 1, $no->example));

            return self::FAILURE;
        }
        foreach ($this->lines($worked, true === $input->getOption('all')) as $line) {
            $output->writeln($line, OutputInterface::OUTPUT_RAW);
        }

        return self::SUCCESS;
    }

    private function one(string $typed, OutputInterface $output): int
    {
        try {
            $output->writeln(JsonLine::worked($this->bench->work($typed)), OutputInterface::OUTPUT_RAW);
        } catch (NotUnderstood $no) {
            $output->writeln(JsonLine::refused($typed, $no), OutputInterface::OUTPUT_RAW);

            return self::FAILURE;
        }

        return self::SUCCESS;
    }

    /** One line out for each line in, in order, whatever it is. */
    private function batch(OutputInterface $output): int
    {
        while (false !== $line = fgets(\STDIN)) {
            $typed = rtrim($line, "\r\n");
            try {
                $this->one($typed, $output);
            } catch (\Throwable $fault) {
                // a fault of ours in one line is no reason to leave out the others
                fwrite(\STDERR, $typed.': '.$fault->getMessage().\PHP_EOL);
                $output->writeln(JsonLine::failed($typed), OutputInterface::OUTPUT_RAW);
            }
        }

        return self::SUCCESS;
    }

    /** @return iterable<string> */
    private function lines(WorkedSum $worked, bool $all): iterable
    {
        yield $worked->sum.(null === $worked->answer ? '' : ' = '.$worked->answer->text);
        if (null !== $worked->claim) {
            yield \sprintf('%s: %s', $worked->claim->text, $worked->claim->say);
            foreach ($worked->claim->may as $may) {
                yield '  Whoever wrote it '.$may.(str_ends_with($may, '.') ? '' : '.');
            }
        }
        foreach ($worked->notes as $note) {
            yield $note->text;
        }
        foreach ($worked->readings as $reading) {
            yield \sprintf('  %s: %s = %s', $reading->assumes, $reading->sum, $reading->answer->text);
        }
        foreach ($all ? $worked->methods : \array_slice($worked->methods, 0, 1) as $i => $method) {
            yield '';
            yield 0 === $i && null !== $worked->recommended ? $method->title.': '.$worked->recommended->because : $method->title;
            foreach ($method->steps as $n => $step) {
                yield \sprintf('  %d  %s', $n + 1, Marked::plain($step->say));
            }
        }
    }
}
