<?php

declare(strict_types=1);

namespace Rostik\App\School;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Address;
use Rostik\App\Account\Links;
use Rostik\App\Account\School;
use Rostik\App\Account\SecondStep;
use Rostik\App\Account\SessionRows;
use Rostik\App\Account\Teacher;
use Rostik\App\Account\Teachers;
use Rostik\App\Api\CannotBeHad;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** For who looks after the machine: its teachers, also when no administrator can sign in any more. */
#[AsCommand('teacher', 'Adds a teacher, lets one choose a new password, ends an account, or lists them all')]
final class TeacherCommand extends Command
{
    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly Teachers $teachers,
        private readonly Links $links,
        private readonly SessionRows $sessions,
        private readonly ClockInterface $clock,
        #[Autowire('%env(default::ROSTIK_ADDRESS)%')]
        private readonly ?string $address = null,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('do', InputArgument::REQUIRED, 'add, reset, remove or list')
            ->addArgument('email', InputArgument::OPTIONAL)
            ->addOption('name', null, InputOption::VALUE_REQUIRED, 'of the teacher who is added')
            ->addOption('administrator', null, InputOption::VALUE_NONE, 'who looks after the accounts of the school');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $do = $input->getArgument('do');
        $email = $input->getArgument('email');
        $email = \is_string($email) ? $email : '';
        $raw = static fn (string $text) => $output->writeln($text, OutputInterface::OUTPUT_RAW);
        if ('list' === $do) {
            foreach ($this->entities->getRepository(Teacher::class)->findBy([], ['name' => 'ASC']) as $teacher) {
                $raw(\sprintf('%s  %s%s%s', $teacher->email(), $teacher->name(), $teacher->isAdministrator() ? ', administrator' : '', $teacher->isEnded() ? ', ended' : ''));
            }

            return self::SUCCESS;
        }
        if ('add' === $do) {
            $school = $this->entities->getRepository(School::class)->findOneBy([]);
            $name = $input->getOption('name');
            try {
                $link = null === $school ? null : $this->links->invite($school, \is_string($name) && '' !== trim($name) ? trim($name) : explode('@', $email)[0], $email, true === $input->getOption('administrator'));
            } catch (CannotBeHad $no) {
                $raw($no->getMessage());

                return self::FAILURE;
            }
            $raw(null === $link ? 'There is no school here yet. Start Rostik and open its address to set one up.' : 'Pass this link on; it works once, for two weeks: '.$this->address.'/join#'.$link);

            return null === $link ? self::FAILURE : self::SUCCESS;
        }
        $teacher = $this->teachers->byAddress(Address::typed($email));
        if (!\in_array($do, ['reset', 'remove'], true) || null === $teacher) {
            $raw(\in_array($do, ['reset', 'remove'], true) ? 'There is no teacher with that address. ./rostik teacher list shows all there are.' : 'What is to be done? Try: ./rostik teacher add corin@ombrel.example --name "Corin Bell"; or reset, remove, list.');

            return self::FAILURE;
        }
        if ('reset' === $do) {
            $teacher->useSecondStep(new SecondStep());
            $teacher->end(null);
            $raw('Pass this link on; it works once, until this time tomorrow. Two-step sign-in is off: '.$this->address.'/reset#'.$this->links->reset($teacher));
        } else {
            $teacher->end($this->clock->now());
            $this->sessions->endAll($teacher->id());
            $raw($teacher->name().' can no longer sign in. What is hers is kept until an administrator erases it; reset brings the account back.');
        }
        $this->entities->flush();

        return self::SUCCESS;
    }
}
