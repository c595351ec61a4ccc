<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Classroom\Classroom;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** After an upgrade: what the answers of each class show is worked out before anybody asks for it. */
#[AsCommand('seen:ahead', 'Works out what the answers of each class show, where the rules for it have changed')]
final class AheadCommand extends Command
{
    public function __construct(private readonly EntityManagerInterface $entities, private readonly ClassAnswers $answers)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $classes = $this->entities->createQueryBuilder()->select('c.id')->from(Classroom::class, 'c')->where('c.deletedAt IS NULL')->getQuery()->getSingleColumnResult();
        foreach ($classes as $id) {
            $class = $this->entities->find(Classroom::class, $id);
            if (null !== $class) {
                $this->answers->briefs($class);
            }
            // one class after the other: none is held for longer than it takes
            $this->entities->clear();
        }
        $output->writeln(\sprintf('%d %s.', \count($classes), 1 === \count($classes) ? 'class' : 'classes'));

        return self::SUCCESS;
    }
}
