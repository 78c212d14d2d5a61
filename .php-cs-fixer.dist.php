<?php

declare(strict_types=1);

$finder = PhpCsFixer\Finder::create()
    ->in([__DIR__ . '/core/src', __DIR__ . '/core/tests', __DIR__ . '/app', __DIR__ . '/database', __DIR__ . '/routes', __DIR__ . '/config', __DIR__ . '/tests/Feature'])
    ->append([__DIR__ . '/bootstrap/app.php', __DIR__ . '/bootstrap/providers.php', __DIR__ . '/public/index.php', __FILE__]);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__ . '/var/php-cs-fixer.cache')
    ->setRules([
        '@PER-CS' => true,
        'declare_strict_types' => true,
        'strict_comparison' => true,
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'single_quote' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arrays', 'arguments', 'parameters', 'match']],
        'no_superfluous_phpdoc_tags' => ['remove_inheritdoc' => true, 'allow_mixed' => true],
        'phpdoc_trim' => true,
        'function_declaration' => ['closure_fn_spacing' => 'none'],
    ])
    ->setFinder($finder);
