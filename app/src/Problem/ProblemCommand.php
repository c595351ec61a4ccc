<?php

declare(strict_types=1);

namespace Rostik\App\Problem;

use Rostik\App\Api\JsonLines;
use Rostik\App\Work\JsonLine;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Problem\AnswerSentence;
use Rostik\Core\Problem\Mention;
use Rostik\Core\Problem\ProblemReader;
use Rostik\Core\Problem\ReadProblem;
use Rostik\Core\Problem\ReadQuestion;
use Rostik\Core\Problem\Remark;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Work\Answering;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** `rostik problem "The ferry leaves at … When does it arrive?"`: what is understood of a problem in words. */
#[AsCommand('problem', 'What is understood of a problem in words')]
final class ProblemCommand extends Command
{
    public function __construct(private readonly ProblemReader $reader, private readonly Forms $forms, private readonly AnswerSentence $sentences, private readonly Answering $answering)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('text', InputArgument::REQUIRED, 'the problem, or - for one on every line')
            ->addOption('json', null, InputOption::VALUE_NONE, 'one JSON object for each problem, for other programs');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $text = $input->getArgument('text');
        $text = \is_string($text) ? $text : '';
        if (true === $input->getOption('json')) {
            return '-' === $text ? JsonLines::each($output, $this->line(...)) : JsonLines::one($output, $this->line($text));
        }
        $read = $this->reader->read($text);
        foreach ($read->questions as $question) {
            $output->writeln($question->ask, OutputInterface::OUTPUT_RAW);
            foreach ($question->sums as $sum) {
                $output->writeln('  '.$this->forms->write($sum, Writer::plain()).' = '.$this->answering->to($sum)->text, OutputInterface::OUTPUT_RAW);
            }
        }
        foreach ($read->remarks as $remark) {
            $output->writeln($remark->text, OutputInterface::OUTPUT_RAW);
        }
        if (!$read->sure && [] === $read->remarks) {
            $output->writeln('That may not be all that is meant: please look at it.', OutputInterface::OUTPUT_RAW);
        }

        return $read->sure ? self::SUCCESS : self::FAILURE;
    }

    /** @return array<string, mixed> */
    private function line(string $text): array
    {
        $read = $this->reader->read($text);

        return [
            'text' => $text,
            'sure' => $read->sure,
            'questions' => array_map(fn (ReadQuestion $one): array => $this->question($read, $one), $read->questions),
            'facts' => self::facts($read),
            'remarks' => array_map(static fn (Remark $one): array => ['code' => $one->code, 'text' => $one->text, 'at' => $one->at], $read->remarks),
        ];
    }

    /** @return array<string, mixed> */
    private function question(ReadProblem $read, ReadQuestion $question): array
    {
        $last = [] === $question->sums ? null : $question->sums[\count($question->sums) - 1];
        $said = null === $last ? null : AnswerSentence::withoutItsDay($last->answer());

        return [
            'ask' => $question->ask,
            'sums' => array_map(fn (Sum $sum): string => $this->forms->write($sum, Writer::plain()), $question->sums),
            'answer' => null === $last ? null : JsonLine::answer($this->answering->to($last)),
            'sentence' => null === $said ? null : $this->sentences->of($read->text, $question->ask, $said, Writer::plain()->answer($said)),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function facts(ReadProblem $read): array
    {
        return array_map(static function (array $fact): array {
            /** @var array{Mention, string} $fact */
            [$mention, $role] = $fact;

            return ['text' => $mention->text, 'at' => $mention->at, 'is' => 'lasts' === $role ? 'length' : ('' === $role ? 'unclear' : $role)];
        }, $read->facts);
    }
}
