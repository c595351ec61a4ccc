<?php

declare(strict_types=1);

namespace Rostik\App\Data;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Each night: what is kept no longer goes. */
#[AsCommand('data:tidy', 'Erases what is kept no longer')]
final class TidyCommand extends Command
{
    public function __construct(private readonly Tidying $tidying)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $gone = $this->tidying->tidy();
        $output->writeln(\sprintf('%d %s of papers erased, and %d of what was deleted; the children of %d %s have left.', $gone->piles, 1 === $gone->piles ? 'pile' : 'piles', $gone->deleted, \count($gone->classes), 1 === \count($gone->classes) ? 'class' : 'classes'));

        return self::SUCCESS;
    }
}
