<?php

declare(strict_types=1);

namespace Rostik\App\School;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Account\School;
use Rostik\App\Account\Teacher;
use Rostik\App\Account\Teachers;
use Rostik\App\Classroom\Classrooms;
use Rostik\App\Classroom\SchoolClassReply;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** For who looks after the machine: the school on it. */
#[AsCommand('school', 'The school of this machine, with its teachers and classes')]
final class SchoolCommand extends Command
{
    public function __construct(private readonly EntityManagerInterface $entities, private readonly Teachers $teachers, private readonly Classrooms $classrooms)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('name', null, InputOption::VALUE_REQUIRED, 'gives it this name')->addOption('json', null, InputOption::VALUE_NONE, 'as JSON');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $schools = $this->entities->getRepository(School::class)->findBy([], ['name' => 'ASC']);
        $name = $input->getOption('name');
        if (\is_string($name) && '' !== trim($name) && isset($schools[0])) {
            $schools[0]->rename(mb_substr(trim($name), 0, School::LONGEST));
            $this->entities->flush();
        }
        $all = [];
        foreach ($schools as $school) {
            $all[] = [
                'name' => $school->name(),
                'teachers' => array_map(static fn (Teacher $t): array => ['name' => $t->name(), 'email' => $t->email(), 'administrator' => $t->isAdministrator(), 'ended' => $t->isEnded()], $this->teachers->ofSchool($school)),
                'classes' => array_map(static fn (SchoolClassReply $class): array => ['name' => $class->name, 'children' => $class->children], $this->classrooms->ofSchool($school)),
            ];
        }
        if (true === $input->getOption('json')) {
            $output->writeln(json_encode($all, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR), OutputInterface::OUTPUT_RAW);

            return self::SUCCESS;
        }
        if ([] === $all) {
            $output->writeln('There is no school here yet. Start Rostik and open its address to set one up.');
        }
        foreach ($all as $school) {
            $output->writeln($school['name'], OutputInterface::OUTPUT_RAW);
            foreach ($school['teachers'] as $t) {
                $output->writeln(\sprintf('  %s, %s%s%s', $t['name'], $t['email'], $t['administrator'] ? ', administrator' : '', $t['ended'] ? ', ended' : ''), OutputInterface::OUTPUT_RAW);
            }
            foreach ($school['classes'] as $class) {
                $output->writeln(\sprintf('  class %s, %d %s', $class['name'], $class['children'], 1 === $class['children'] ? 'child' : 'children'), OutputInterface::OUTPUT_RAW);
            }
        }

        return self::SUCCESS;
    }
}
