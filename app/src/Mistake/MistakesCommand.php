<?php

declare(strict_types=1);

namespace Rostik\App\Mistake;

use Rostik\App\Api\JsonLines;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** `rostik mistakes "6 h 10 min - 3 h 45 min"`: what might go wrong with a sum. */
#[AsCommand('mistakes', 'The likely wrong answers to a sum, each with what may have led to it')]
final class MistakesCommand extends Command
{
    private bool $faceSeen = false;

    public function __construct(
        private readonly SumReader $reader,
        private readonly Forms $forms,
        private readonly MistakeBook $book,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('sum', InputArgument::REQUIRED, 'one sum; with --json, "-" reads one sum a line')
            ->addOption('json', null, InputOption::VALUE_NONE, 'one JSON object a sum, for other programs')
            ->addOption('clock', null, InputOption::VALUE_NONE, 'times to be written in digits are shown on a clock, not told in words');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $typed = $input->getArgument('sum');
        $typed = \is_string($typed) ? $typed : '';
        $this->faceSeen = true === $input->getOption('clock');
        if (true === $input->getOption('json')) {
            return '-' === $typed ? JsonLines::each($output, $this->line(...)) : JsonLines::one($output, $this->line($typed));
        }
        try {
            $sum = $this->reader->read($typed)->sum;
        } catch (NotUnderstood $no) {
            $output->writeln([$no->getMessage(), 'For example: '.$no->example]);

            return self::FAILURE;
        }
        $predicted = $this->book->predict($sum, $this->faceSeen);
        foreach ($predicted as $id => $given) {
            $output->writeln(\sprintf('%-16s %s', $given->text(), $this->book->mistake($id)->may()), OutputInterface::OUTPUT_RAW);
        }
        if ([] === $predicted) {
            $output->writeln('No usual mistake shows in this sum.');
        }

        return self::SUCCESS;
    }

    /** @return array<string, mixed> */
    private function line(string $typed): array
    {
        try {
            $sum = $this->reader->read($typed)->sum;
        } catch (NotUnderstood $no) {
            return JsonLines::refused($typed, $no);
        }
        $predictions = [];
        foreach ($this->book->predict($sum, $this->faceSeen) as $id => $given) {
            $predictions[] = ['mistake' => $id, 'answer' => $given->text()];
        }

        return ['sum' => $this->forms->write($sum, Writer::plain()), 'predictions' => $predictions];
    }
}
