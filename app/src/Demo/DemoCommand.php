<?php

declare(strict_types=1);

namespace Rostik\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Account\School;
use Rostik\App\Account\Teacher;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Sheet\QuestionRequest;
use Rostik\App\Sheet\QuestionText;
use Rostik\App\Sheet\Sheets;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Symfony\Component\Uid\Uuid;

/**
 * Loads the made-up classroom of Ombrel Island School, once; what is already there is left as it is. For another address it
 * is another school with the same in it, so that each test in a browser has a teacher and a class of its own.
 */
#[AsCommand('demo:load', 'Loads the demonstration classroom where it is missing')]
final class DemoCommand extends Command
{
    public const EMAIL = 'arden@ombrel.example';
    public const PASSWORD = 'Pintail at noon';

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly UserPasswordHasherInterface $hasher,
        private readonly Sheets $sheets,
        private readonly DemoPapers $papers,
        private readonly DemoPlan $plan,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('email', InputArgument::OPTIONAL, 'of the teacher', self::EMAIL);
        $this->addOption('marked', null, InputOption::VALUE_NONE, 'with papers that are marked, and lessons that are planned');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $email = $input->getArgument('email');
        \assert(\is_string($email));
        if (null !== $this->entities->getRepository(Teacher::class)->findOneBy(['email' => $email])) {
            return self::SUCCESS;
        }
        $school = new School('Ombrel Island School');
        $this->entities->persist($school);
        $teacher = new Teacher($email, 'Arden Vale', $school);
        $teacher->administers(true);
        $teacher->changePassword($this->hasher->hashPassword($teacher, self::PASSWORD));
        $this->entities->persist($teacher);
        $class = new Classroom(Uuid::v7(), $teacher, 'Kittiwakes');
        $class->rewrite('Kittiwakes', self::TAUGHT);
        $class->register(array_combine(array_map(static fn (): string => Uuid::v7()->toRfc4122(), self::CHILDREN), self::CHILDREN), new \DateTimeImmutable());
        $this->entities->persist($class);
        // the ids of questions are given by whoever adds them
        $question = static fn (string $sum): QuestionRequest => new QuestionRequest(Uuid::v4()->toRfc4122(), new QuestionText($sum));
        $sheet = null;
        foreach (self::sheets() as $title => $sums) {
            $sheet = $this->sheets->new($teacher, $title, array_map($question, $sums), $class);
        }
        foreach (true === $input->getOption('marked') && null !== $sheet ? $this->papers->of($teacher, $sheet) : [] as $pile) {
            $this->entities->persist($pile);
        }
        $this->entities->flush();
        if (true === $input->getOption('marked')) {
            $this->plan->make($class, self::TAUGHT);
        }
        $output->writeln('The demonstration classroom is loaded.');

        return self::SUCCESS;
    }

    /** Invented, as all of it is. */
    private const CHILDREN = [
        'Anouk', 'Bram', 'Cleo', 'Dovid', 'Esme', 'Farid', 'Greta', 'Hamza', 'Ines', 'Jory', 'Keziah', 'Lorcan',
        'Mirela', 'Noor', 'Otis', 'Priya', 'Quill', 'Rufus', 'Saoirse', 'Tobias', 'Uma', 'Viggo', 'Wren', 'Yusuf',
    ];

    private const TAUGHT = [
        'read-clock-five', 'read-clock-minute', 'set-clock', 'past-and-to', 'am-pm', 'twenty-four-hour', 'order-times',
        'unit-facts', 'convert-whole', 'convert-mixed', 'compare-lengths', 'add-plain', 'add-regroup', 'subtract-plain', 'subtract-regroup',
        'later-within-hour', 'later-across-hour', 'earlier-within-hour', 'earlier-across-hour', 'how-long-within-hour', 'how-long-across-hours', 'across-noon', 'across-midnight',
    ];

    /** @return array<string, list<string>> invented */
    private static function sheets(): array
    {
        return [
            'Boat-shed workshop: adding lengths' => ['3 h 40 min + 2 h 45 min', '1 h 25 min + 10 min', '45 min + 50 min', '3 h 40 min + 2 h 35 min'],
            'The tide and the ferry' => ['6 h 10 min - 3 h 45 min', '1:50 p.m. + 3 h 30 min', '10:15 a.m. - 35 min', '9:20 a.m. to 1:05 p.m.', '22:50 to 06:15', '4 h 5 min - 3 h 25 min'],
        ];
    }
}
