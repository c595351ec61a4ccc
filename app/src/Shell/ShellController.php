<?php

declare(strict_types=1);

namespace Rostik\App\Shell;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Twig\Environment;

/** The one page in which the browser application runs, whatever the address. */
final readonly class ShellController
{
    public function __construct(private Environment $twig, private Build $build)
    {
    }

    #[Route('/{path}', name: 'shell', requirements: ['path' => '(?!api/|print/|build/).*'], methods: ['GET'], priority: -10)]
    public function shell(Request $request): Response
    {
        $nonce = base64_encode(random_bytes(16));
        $request->attributes->set('style_nonce', $nonce);

        return new Response($this->twig->render('shell.html.twig', [
            'nonce' => $nonce,
            'scripts' => $this->build->scripts(),
            'styles' => $this->build->styles(),
        ]), 200, ['Cache-Control' => 'no-cache']);
    }
}
