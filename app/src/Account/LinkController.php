<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Rostik\App\Api\Afterwards;
use Rostik\App\Api\Problem;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** One-time links, for who is not signed in. The word stands in the part of the address that browsers send to nobody. */
#[Route('/api/links')]
final readonly class LinkController
{
    public function __construct(private Links $links, private Teachers $teachers, private Letters $letters, private Tries $tries, private Sealing $sealing, private Afterwards $after, private Audit $audit)
    {
    }

    /** What a link is for; 410 where it has been used or is too old. */
    #[Route('/read', methods: ['POST'])]
    public function read(#[MapRequestPayload] LinkRequest $wanted): Response
    {
        $link = $this->links->find($wanted->word);

        return null === $link ? self::gone() : new JsonResponse(new LinkReply($link->purpose(), $link->school()->name(), $link->name(), (string) $link->email()));
    }

    /** Joins the school, or sets the new password; 410 as above, 422 for a password that will not do. */
    #[Route('/follow', methods: ['POST'])]
    public function follow(#[MapRequestPayload] FollowLinkRequest $wanted): Response
    {
        $link = $this->links->find($wanted->word);
        if (null === $link) {
            return self::gone();
        }
        $teacher = $this->links->follow($link, $wanted->name, $wanted->password);
        if (null === $teacher) {
            return self::gone();
        }
        $this->audit->note('link followed', $teacher, ['purpose' => $link->purpose()->value]);
        $this->letters->forget($teacher->email());
        $this->tries->forget($this->sealing->mark('tries', "\0".$teacher->email()));

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** Writes to the teacher, or to the outbox, whether or not there is such an account; the reply and its time are the same. */
    #[Route('/forgotten', methods: ['POST'])]
    public function forgotten(#[MapRequestPayload] ForgottenRequest $wanted, Request $request): Response
    {
        $address = Address::typed($wanted->email);
        $base = $request->getSchemeAndHttpHost();
        $this->after->do(function () use ($address, $base): void {
            $teacher = $this->teachers->byAddress($address);
            if (null === $teacher || $teacher->isEnded() || $this->tries->count($this->sealing->mark('forgotten', (string) $address)) > 0) {
                return;
            }
            $this->letters->send($teacher->school(), $teacher->email(), 'A new password for Rostik', \sprintf("Dear %s,\n\nwith this link you can give yourself a new password, once, until this time tomorrow:\n\n%s/reset#%s\n\nIf you did not ask for it, do nothing: your password stays as it is.\n", $teacher->name(), $base, $this->links->reset($teacher, true)));
        });

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    private static function gone(): Response
    {
        return Problem::response(410, 'link-gone', 'This link has been used, or is too old. Ask for a new one.');
    }
}
