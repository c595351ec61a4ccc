<?php

declare(strict_types=1);

namespace Rostik\App\Api;

use Rostik\Core\Question\AnswerForm;
use Rostik\Core\Question\AnswerForms;
use Rostik\Core\Sum\Kind;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\PropertyInfo\PropertyInfoExtractorInterface;

/** Writes the TypeScript types of the API from its PHP request and reply classes. */
#[AsCommand('api:types', 'Writes web/src/api/types.ts from the request and reply classes')]
final class TypesCommand extends Command
{
    public function __construct(private readonly PropertyInfoExtractorInterface $extractor, private readonly string $root, private readonly AnswerForms $forms)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('check', null, InputOption::VALUE_NONE, 'fail when the file is not what would be written');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $this->root.'/web/src/api/types.ts';
        $written = (new TypeScript($this->extractor, $this->root))->write([
            'kinds' => array_combine(array_column(Kind::cases(), 'value'), array_map(static fn (Kind $kind): string => $kind->said(), Kind::cases())),
            'answerForms' => array_map(static fn (AnswerForm $form): string => $form->said(), $this->forms->all()),
        ]);
        if (true === $input->getOption('check')) {
            if (is_file($file) && file_get_contents($file) === $written) {
                return self::SUCCESS;
            }
            $output->writeln('web/src/api/types.ts is out of date: run ./rostik types');

            return self::FAILURE;
        }
        file_put_contents($file, $written);

        return self::SUCCESS;
    }
}
