<?php

declare(strict_types=1);

$finder = PhpCsFixer\Finder::create()
    ->in([__DIR__.'/core', __DIR__.'/app', __DIR__.'/tools/rules'])
    ->append([__FILE__, __DIR__.'/tools/bench.php'])
    ->notName('reference.php')
    ->exclude(['var', 'public/build']);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setParallelConfig(PhpCsFixer\Runner\Parallel\ParallelConfigFactory::detect())
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        'declare_strict_types' => true,
        'phpdoc_to_comment' => false,
        'single_line_throw' => false,
        'phpdoc_align' => ['align' => 'vertical'],
        'php_unit_method_casing' => false,
        'concat_space' => ['spacing' => 'none'],
    ])
    ->setCacheFile(__DIR__.'/var/.php-cs-fixer.cache')
    ->setFinder($finder);
