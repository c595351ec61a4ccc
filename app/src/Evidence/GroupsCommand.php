<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Rostik\App\Api\JsonLines;
use Rostik\Core\Evidence\Answered;
use Rostik\Core\Evidence\Group;
use Rostik\Core\Evidence\Grouping;
use Rostik\Core\Evidence\Pictures;
use Rostik\Core\Evidence\Pupil;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** `rostik groups --json -`: a class with its answers in, groups for tomorrow out. */
#[AsCommand('groups', 'Groups for tomorrow from the answers of a class, as JSON')]
final class GroupsCommand extends Command
{
    private const EXAMPLE = '{"children":[{"name":"p1","answers":[{"sum":"3 h 40 min + 2 h 45 min","given":"5 h 85 min","on":"2027-03-11"}]}],"size":[3,6]}';

    public function __construct(private readonly Pictures $pictures, private readonly Grouping $grouping)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('class', InputArgument::REQUIRED, 'a class as JSON, or "-" to read one a line')
            ->addOption('json', null, InputOption::VALUE_NONE, 'the only form there is; for other programs');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $class = $input->getArgument('class');

        return '-' === $class ? JsonLines::each($output, $this->line(...)) : JsonLines::one($output, $this->line(\is_string($class) ? $class : ''));
    }

    /** @return array<string, mixed> */
    private function line(string $json): array
    {
        $class = json_decode($json, true);
        if (!\is_array($class) || !\is_array($class['children'] ?? null)) {
            return self::refused('not-a-class', 'This line is not a class with its children.');
        }
        [$least, $most] = \is_array($class['size'] ?? null) ? [$class['size'][0] ?? 3, $class['size'][1] ?? 6] : [3, 6];
        if (!\is_int($least) || !\is_int($most) || $least < 1 || $most < $least) {
            return self::refused('not-a-size', 'The size of groups is two whole numbers, the smaller first: [3,6].');
        }
        $pictures = [];
        foreach ($class['children'] as $i => $child) {
            $pupil = $this->pupil($child);
            if (null === $pupil || isset($pictures[$pupil->id])) {
                return self::refused('not-a-child', \sprintf('Child %d needs a name of their own and their answers, each with a sum, what was given, and the day.', (int) $i + 1));
            }
            $pictures[$pupil->id] = $this->pictures->of($pupil);
        }

        return ['groups' => array_map(static fn (Group $group): array => [
            'kind' => $group->kind->value,
            'cause' => $group->cause,
            'rung' => $group->rung,
            'reason' => $group->reason,
            'look' => $group->look,
            'children' => $group->children,
        ], $this->grouping->of(array_values($pictures), $least, $most))];
    }

    private function pupil(mixed $child): ?Pupil
    {
        if (!\is_array($child) || !\is_string($child['name'] ?? null) || !\is_array($child['answers'] ?? null)) {
            return null;
        }
        $answers = [];
        foreach ($child['answers'] as $answer) {
            if (!\is_array($answer) || !\is_string($answer['sum'] ?? null) || !\is_string($answer['given'] ?? null) || !\is_string($answer['on'] ?? '')) {
                return null;
            }
            $answers[] = new Answered($answer['sum'], $answer['given'], $answer['on'] ?? '');
        }
        usort($answers, static fn (Answered $a, Answered $b): int => $a->day <=> $b->day);

        return new Pupil($child['name'], $answers);
    }

    /** @return array<string, mixed> */
    private static function refused(string $code, string $message): array
    {
        return ['error' => ['code' => $code, 'message' => $message, 'example' => self::EXAMPLE]];
    }
}
