<?php

declare(strict_types=1);

namespace Rostik\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Sheet\QuestionRequest;
use Rostik\App\Sheet\Sheet;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Symfony\Component\Uid\Uuid;

/** Loads the made-up classroom of Ombrel Island School, once; what is already there is left as it is. */
#[AsCommand('demo:load', 'Loads the demonstration classroom where it is missing')]
final class DemoCommand extends Command
{
    public const EMAIL = 'arden@ombrel.example';
    public const PASSWORD = 'Pintail at noon';

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly UserPasswordHasherInterface $hasher,
        private readonly ClockInterface $clock,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (null !== $this->entities->getRepository(Teacher::class)->findOneBy(['email' => self::EMAIL])) {
            return self::SUCCESS;
        }
        $teacher = new Teacher(self::EMAIL, 'Arden Vale', 'Ombrel Island School', 'Kittiwakes');
        $teacher->changePassword($this->hasher->hashPassword($teacher, self::PASSWORD));
        $this->entities->persist($teacher);
        foreach (self::sheets() as $title => $sums) {
            $sheet = new Sheet($teacher, $title, $this->clock->now());
            $sheet->rewrite($title, array_map(
                static fn (string $sum): QuestionRequest => new QuestionRequest(Uuid::v4()->toRfc4122(), $sum),
                $sums,
            ), $this->clock->now());
            $this->entities->persist($sheet);
        }
        $this->entities->flush();
        $output->writeln('The demonstration classroom is loaded.');

        return self::SUCCESS;
    }

    /** @return array<string, list<string>> invented */
    private static function sheets(): array
    {
        return [
            'Boat-shed workshop: adding lengths' => ['2 h 30 min + 4 h 55 min', '1 h 25 min + 10 min', '45 min + 50 min', '3 h 40 min + 2 h 35 min'],
            'The tide and the ferry' => ['5 h 20 min - 2 h 35 min', '3:45 p.m. + 2 h 30 min', '11:05 a.m. - 40 min', '9:20 a.m. to 1:05 p.m.', '22:50 to 06:15', '3 h 10 min - 2 h 40 min'],
        ];
    }
}
