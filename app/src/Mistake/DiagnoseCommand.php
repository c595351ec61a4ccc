<?php

declare(strict_types=1);

namespace Rostik\App\Mistake;

use Rostik\App\Api\JsonLines;
use Rostik\Core\Judging\Judgement;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Weighing\Diagnosis;
use Rostik\Core\Weighing\Diagnostician;
use Rostik\Core\Weighing\Finding;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** `rostik diagnose --json -`: one child a line in, what its answers may come from out. */
#[AsCommand('diagnose', 'What the answers of children may come from; one child a line, as JSON')]
final class DiagnoseCommand extends Command
{
    private const EXAMPLE = '{"pupil":"p1","answers":[{"sum":"3 h 40 min + 2 h 45 min","given":"5 h 85 min"}]}';

    public function __construct(private readonly Diagnostician $diagnostician)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('child', InputArgument::REQUIRED, 'one child as JSON, or "-" to read one a line')
            ->addOption('json', null, InputOption::VALUE_NONE, 'the only form there is; for other programs');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $child = $input->getArgument('child');

        return '-' === $child ? JsonLines::each($output, $this->line(...)) : JsonLines::one($output, $this->line(\is_string($child) ? $child : ''));
    }

    /** @return array<string, mixed> */
    private function line(string $json): array
    {
        $child = json_decode($json, true);
        $pupil = \is_array($child) ? ($child['pupil'] ?? null) : null;
        if (!\is_array($child) || !\is_array($child['answers'] ?? null)) {
            return ['pupil' => $pupil, 'error' => ['code' => 'not-a-child', 'message' => 'This line is not a child with their answers.', 'example' => self::EXAMPLE]];
        }
        $answers = [];
        foreach ($child['answers'] as $i => $answer) {
            if (!\is_array($answer) || !\is_string($answer['sum'] ?? null) || !\is_string($answer['given'] ?? null)) {
                return ['pupil' => $pupil, 'error' => ['code' => 'not-an-answer', 'message' => \sprintf('Answer %d needs a sum and what was given.', (int) $i + 1), 'example' => self::EXAMPLE]];
            }
            $answers[] = [$answer['sum'], $answer['given']];
        }
        try {
            $diagnosis = $this->diagnostician->diagnose($answers);
        } catch (NotUnderstood) {
            return ['pupil' => $pupil] + $this->refused($answers);
        }

        return ['pupil' => $pupil] + $this->told($diagnosis);
    }

    /**
     * The first sum that cannot be read, and which answer it belongs to.
     *
     * @param list<array{string, string}> $answers
     *
     * @return array<string, mixed>
     */
    private function refused(array $answers): array
    {
        foreach ($answers as $i => [$sum, $given]) {
            try {
                $this->diagnostician->judge($sum, $given);
            } catch (NotUnderstood $no) {
                return ['answer' => $i] + JsonLines::refused($sum, $no);
            }
        }

        return [];
    }

    /** @return array<string, mixed> */
    private function told(Diagnosis $diagnosis): array
    {
        return [
            'answers' => array_map(static fn (Judgement $j): array => [
                'verdict' => $j->verdict->value,
                'expected' => $j->expected?->text(),
                'fits' => $j->fits,
            ] + ($j->slip ? ['slip' => true] : []), $diagnosis->judgements),
            'secure' => null === $diagnosis->secure ? null : round($diagnosis->secure, 4),
            'somethingElse' => round($diagnosis->somethingElse, 4),
            'answered' => $diagnosis->answered,
            'unexplained' => $diagnosis->unexplained,
            'findings' => array_map(static fn (Finding $f): array => [
                'mistake' => $f->mistake,
                'probability' => round($f->probability, 4),
                'evidence' => $f->evidence,
                'against' => $f->against,
                'perhaps' => $f->perhaps,
                'lately' => $f->lately,
            ], $diagnosis->findings),
            'undecided' => $diagnosis->undecided,
        ];
    }
}
