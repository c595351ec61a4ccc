<?php

declare(strict_types=1);

namespace Rostik\App\Api;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\KernelEvents;

/** The security headers of every reply; pages are served with what they need and nothing from elsewhere. */
#[AsEventListener(event: KernelEvents::RESPONSE)]
final class HeadersListener
{
    public function __invoke(ResponseEvent $event): void
    {
        $headers = $event->getResponse()->headers;
        if (!$headers->has('Content-Security-Policy')) {
            $nonce = $event->getRequest()->attributes->get('style_nonce');
            $style = \is_string($nonce) ? " 'nonce-".$nonce."'" : '';
            $headers->set('Content-Security-Policy', "default-src 'none'; script-src 'self'; style-src 'self'".$style
                ."; img-src 'self' data:; font-src 'self'; connect-src 'self'; frame-src 'self'; manifest-src 'self'"
                ."; frame-ancestors 'self'; base-uri 'none'; form-action 'self'");
        }
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('Referrer-Policy', 'same-origin');
        $headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        $headers->set('Cross-Origin-Resource-Policy', 'same-origin');
        $headers->set('Permissions-Policy', 'camera=(), microphone=(), geolocation=(), payment=(), usb=(), display-capture=(), browsing-topics=()');
        $request = $event->getRequest();
        if ($request->isSecure()) {
            $headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
        // what is somebody's is kept nowhere on its way
        if (1 === preg_match('~^/(api|print|calendar)/~', $request->getPathInfo()) && !$headers->hasCacheControlDirective('max-age')) {
            $headers->set('Cache-Control', 'no-store, private');
        }
    }
}
