<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

use Rostik\App\Api\JsonLines;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Timetable\AnyTable;
use Rostik\Core\Timetable\CausewayMaker;
use Rostik\Core\Timetable\CsvTable;
use Rostik\Core\Timetable\Gtfs\Feed;
use Rostik\Core\Timetable\Kinds;
use Rostik\Core\Timetable\NotATable;
use Rostik\Core\Timetable\QuestionMaker;
use Rostik\Core\Timetable\ServiceTable;
use Rostik\Core\Timetable\TableAnswer;
use Rostik\Core\Timetable\TableDrawer;
use Rostik\Core\Timetable\TableFault;
use Rostik\Core\Timetable\TableQuestion;
use Rostik\Core\Timetable\TideTable;
use Rostik\Core\Timetable\Vehicle;
use Rostik\Core\Timetable\With;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** `rostik timetable --csv FILE --count 20 --level stretch --seed 5`: questions about a timetable. */
#[AsCommand('timetable', 'Questions about a timetable, made or brought in')]
final class TimetableCommand extends Command
{
    private const MOST = 20_000;

    public function __construct(private readonly QuestionMaker $maker, private readonly Kinds $kinds, private readonly TableDrawer $drawer, private readonly CausewayMaker $causeways, private readonly Forms $forms)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('json', null, InputOption::VALUE_NONE, 'one JSON object for each question, for other programs')
            ->addOption('csv', null, InputOption::VALUE_REQUIRED, 'a timetable as CSV: first row services, first column stops')
            ->addOption('tides', null, InputOption::VALUE_NONE, 'made-up tides and the causeway, in place of a timetable; taken out with --table, they come in again with --csv')
            ->addOption('gtfs', null, InputOption::VALUE_REQUIRED, 'a GTFS feed, a zip or a folder')
            ->addOption('route', null, InputOption::VALUE_REQUIRED, 'route_id in the feed; without it, the routes are listed')
            ->addOption('direction', null, InputOption::VALUE_REQUIRED, '0 or 1, as in the feed')
            ->addOption('day', null, InputOption::VALUE_REQUIRED, 'date for which the table of the feed holds: 2027-03-12')
            ->addOption('vehicle', null, InputOption::VALUE_REQUIRED, 'boat, bus, train, tram or service, for the words', 'service')
            ->addOption('kind', null, InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY, 'only of that kind: '.implode(', ', $this->kindIds()))
            ->addOption('level', null, InputOption::VALUE_REQUIRED, 'support, core or stretch', 'core')
            ->addOption('count', null, InputOption::VALUE_REQUIRED, 'how many questions', '8')
            ->addOption('seed', null, InputOption::VALUE_REQUIRED, 'the same seed gives the same questions', '1')
            ->addOption('table', null, InputOption::VALUE_NONE, 'the table itself as CSV, and no questions');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $level = Level::tryFrom($this->option($input, 'level'));
        $count = filter_var($this->option($input, 'count'), \FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => self::MOST]]);
        $seed = filter_var($this->option($input, 'seed'), \FILTER_VALIDATE_INT);
        $vehicle = Vehicle::tryFrom($this->option($input, 'vehicle'));
        $kinds = array_values(array_filter((array) $input->getOption('kind'), is_string(...)));
        $unknown = array_values(array_filter($kinds, fn (string $kind): bool => !\in_array($kind, $this->kindIds(), true)));
        $wrong = match (true) {
            null === $level => 'A level is support, core or stretch.',
            false === $count || false === $seed => \sprintf('--count takes a number from 1 to %d, --seed a whole number: --count 8 --seed 1', self::MOST),
            null === $vehicle => '--vehicle is boat, bus, train, tram or service.',
            [] !== $unknown => \sprintf('There is no kind "%s". There are: %s', $unknown[0], implode(', ', $this->kindIds())),
            default => null,
        };
        if (null !== $wrong || null === $level || null === $vehicle || false === $count || false === $seed) {
            return $this->refuse($input, $output, 'not-understood', [(string) $wrong]);
        }
        try {
            $table = $this->table($input, $output, $level, $seed, $vehicle);
        } catch (NotATable $no) {
            return $this->refuse($input, $output, 'not-a-table', array_map(static fn (TableFault $fault): string => $fault->text(), $no->faults));
        }
        if (null === $table) {
            return self::SUCCESS;
        }
        if (true === $input->getOption('table')) {
            $output->write($table->csv(), false, OutputInterface::OUTPUT_RAW);

            return self::SUCCESS;
        }
        $wanted = [] === $kinds ? null : $kinds;
        $questions = match (true) {
            $table instanceof ServiceTable => $this->maker->make($table, $level, $count, $seed, $wanted),
            $table instanceof TideTable => $this->causeways->make($table, $level, $count, $seed, null, $wanted),
            default => [],
        };
        foreach ($questions as $n => $question) {
            if (true === $input->getOption('json')) {
                JsonLines::one($output, $this->line($question));
            } else {
                $output->writeln([\sprintf('%d. %s', $n + 1, $question->text), '   '.implode('; ', $this->sums($question)), '   '.$question->answer->text, ''], OutputInterface::OUTPUT_RAW);
            }
        }

        return self::SUCCESS;
    }

    /**
     * Null where the routes of a feed were listed instead.
     *
     * @throws NotATable
     */
    private function table(InputInterface $input, OutputInterface $output, Level $level, int $seed, Vehicle $vehicle): ?AnyTable
    {
        $csv = $this->option($input, 'csv');
        $gtfs = $this->option($input, 'gtfs');
        if ('' !== $csv) {
            $text = is_file($csv) ? file_get_contents($csv, false, null, 0, CsvTable::LARGEST + 1) : false;

            $text = false === $text ? throw NotATable::one(basename($csv), 0, 'There is no such file.') : $text;

            return TideTable::read($text) ?? CsvTable::read($text, '', $vehicle, basename($csv));
        }
        if (true === $input->getOption('tides')) {
            return $this->causeways->table($level, $seed);
        }
        if ('' === $gtfs) {
            return $this->drawer->draw($level, $seed);
        }
        $feed = Feed::read(match (true) {
            is_dir($gtfs) => new FolderFiles($gtfs),
            is_file($gtfs) => ZipFiles::of($gtfs, basename($gtfs)),
            default => throw NotATable::one(basename($gtfs), 0, 'There is no such file.'),
        });
        $route = $this->option($input, 'route');
        $day = $this->option($input, 'day');
        if ('' === $route || '' === $day) {
            foreach ($feed->choices() as $choice) {
                if (true === $input->getOption('json')) {
                    JsonLines::one($output, ['route' => $choice->id, 'name' => $choice->name, 'vehicle' => $choice->vehicle, 'directions' => $choice->directions, 'first' => $choice->first, 'last' => $choice->last]);
                } else {
                    $output->writeln(\sprintf('--route %s --day %s   %s (%s)', $choice->id, $choice->first, $choice->name, $choice->vehicle), OutputInterface::OUTPUT_RAW);
                }
            }

            return null;
        }
        $direction = $this->option($input, 'direction');

        return $feed->table($route, '' === $direction ? null : $direction, $day);
    }

    /** @return array<string, mixed> */
    private function line(TableQuestion $question): array
    {
        return [
            'kind' => $question->kind,
            'text' => $question->text,
            'with' => $question->with->members(),
            'answer' => self::answer($question->answer),
            'sums' => $this->sums($question),
            'wrong' => array_map(static fn (TableAnswer $wrong): string|int => $wrong->value, $question->wrong),
        ];
    }

    /** @return array<string, string|int> */
    private static function answer(TableAnswer $answer): array
    {
        return ['text' => $answer->text, 'value' => $answer->value]
            + (null === $answer->service ? [] : ['service' => $answer->service])
            + (null === $answer->time ? [] : ['time' => With::clock($answer->time)]);
    }

    /** @return list<string> */
    private function sums(TableQuestion $question): array
    {
        return array_map(fn (Sum $sum): string => $this->forms->write($sum, Writer::plain()), $question->sums);
    }

    /** @return list<string> */
    private function kindIds(): array
    {
        return [...array_keys($this->kinds->all), ...CausewayMaker::KINDS];
    }

    private function option(InputInterface $input, string $name): string
    {
        $value = $input->getOption($name);

        return \is_string($value) ? $value : '';
    }

    /** @param list<string> $messages */
    private function refuse(InputInterface $input, OutputInterface $output, string $code, array $messages): int
    {
        if (true === $input->getOption('json')) {
            return JsonLines::one($output, ['error' => ['code' => $code, 'message' => implode("\n", $messages)]]);
        }
        $output->writeln($messages, OutputInterface::OUTPUT_RAW);

        return self::FAILURE;
    }
}
