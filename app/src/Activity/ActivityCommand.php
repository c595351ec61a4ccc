<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Rostik\App\Api\JsonLines;
use Rostik\Core\Activity\Activities;
use Rostik\Core\Activity\Material;
use Rostik\Core\Activity\NoSuchActivity;
use Rostik\Core\Activity\Planned;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Skill\Level;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** `rostik activity --json last-ferry --class 24 --group 4 --level core --seed 1`: an activity with its numbers, and how long it takes. */
#[AsCommand('activity', 'An activity with its numbers, its materials, and how long it takes')]
final class ActivityCommand extends Command
{
    public function __construct(private readonly Activities $activities)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('id', InputArgument::OPTIONAL, 'which: '.implode(', ', $this->activities->ids()))
            ->addOption('json', null, InputOption::VALUE_NONE, 'one JSON object, for other programs')
            ->addOption('class', null, InputOption::VALUE_REQUIRED, 'children in the class', '24')
            ->addOption('group', null, InputOption::VALUE_REQUIRED, 'children in a group; brought to the nearest that can be')
            ->addOption('level', null, InputOption::VALUE_REQUIRED, 'support, core or stretch', 'core')
            ->addOption('seed', null, InputOption::VALUE_REQUIRED, 'the same seed gives the same numbers', '1')
            ->addOption('with', null, InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY, 'what is chosen about it: --with rule=exactly');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $json = true === $input->getOption('json');
        $id = $input->getArgument('id');
        if (!\is_string($id)) {
            $output->writeln($this->activities->ids());

            return self::SUCCESS;
        }
        try {
            $level = Level::tryFrom(self::text($input, 'level'));
            if (null === $level) {
                throw new \DomainException('A level is support, core or stretch.');
            }
            $planned = $this->activities->plan($id, self::number($input, 'class') ?? 24, self::number($input, 'group'), $level, self::number($input, 'seed') ?? 1, self::chosen($input), shorter: !$json);
        } catch (\DomainException $no) {
            return $json
                ? JsonLines::one($output, ['id' => $id, 'error' => ['code' => $no instanceof NoSuchActivity ? 'no-such-activity' : 'not-a-number', 'message' => $no->getMessage(), 'example' => 'last-ferry --class 24 --group 4 --level core --seed 1']])
                : self::refused($output, $no->getMessage());
        }
        if ($json) {
            return JsonLines::one($output, self::object($planned));
        }
        $output->writeln(self::told($planned));

        return self::SUCCESS;
    }

    private static function refused(OutputInterface $output, string $why): int
    {
        $output->writeln([$why, 'Try: ./rostik activity last-ferry --class 24 --group 4 --level core --seed 1']);

        return self::FAILURE;
    }

    /** @return array<string, mixed> */
    private static function object(Planned $planned): array
    {
        return [
            'id' => $planned->intro->id,
            'rungs' => $planned->intro->rungs,
            'turns' => ['expected' => round($planned->turns->expected(), 4), 'sd' => round($planned->turns->spread(), 4), 'p90' => $planned->turns->within(0.9)],
            'minutes' => ['expected' => round($planned->minutes->expected, 2), 'p90' => round($planned->minutes->p90, 2)],
            'materials' => array_map(static fn (Material $one): array => ['what' => $one->what, 'count' => $one->count], $planned->made->materials),
            'numbers' => $planned->made->numbers->plain(),
        ];
    }

    /** @return list<string> */
    private static function told(Planned $planned): array
    {
        $plain = Marked::plain(...);
        $lines = [$planned->intro->title, $planned->intro->aim, '', ucfirst($planned->minutes->said()).'.'];
        foreach ($planned->shorter as $change) {
            $lines[] = \sprintf('  %s: about %d', $change->change, max(1, (int) round($change->minutes)));
        }
        $lines[] = '';
        foreach ($planned->made->materials as $material) {
            $lines[] = \sprintf('%4d %s', $material->count, $material->what);
        }
        $lines[] = '';
        foreach ($planned->made->steps as $i => $step) {
            $lines[] = \sprintf('%d. %s', $i + 1, $plain($step));
        }

        return [...$lines, '', ...$planned->intro->cautions];
    }

    private static function text(InputInterface $input, string $option): string
    {
        $value = $input->getOption($option);

        return \is_string($value) ? $value : '';
    }

    private static function number(InputInterface $input, string $option): ?int
    {
        $text = self::text($input, $option);
        if ('' === $text) {
            return null;
        }

        return 1 === preg_match('/^-?\d{1,18}$/D', $text) ? (int) $text : throw new \DomainException(\sprintf('--%s is a whole number, like 24.', $option));
    }

    /** @return array<string, string> */
    private static function chosen(InputInterface $input): array
    {
        $chosen = [];
        $with = $input->getOption('with');
        foreach (\is_array($with) ? $with : [] as $one) {
            [$option, $choice] = explode('=', \is_string($one) ? $one : '', 2) + [1 => ''];
            $chosen[$option] = $choice;
        }

        return $chosen;
    }
}
