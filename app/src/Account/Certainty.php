<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Rostik\App\Api\Problem;
use Symfony\Component\HttpFoundation\Response;

/** Asks for the password once more before something that matters. */
final readonly class Certainty
{
    public function __construct(private Passwords $passwords, private Tries $tries, private Sealing $sealing)
    {
    }

    /** Null where it is her password; tries are counted as at signing in. */
    public function refused(Teacher $teacher, #[\SensitiveParameter] string $password): ?Response
    {
        $who = $this->sealing->mark('tries', "certain\0".$teacher->email());
        $wait = $this->tries->count($who);
        if ($wait > 0) {
            return Problem::response(429, 'too-many-tries', NotSignedIn::tooSoon($wait)->getMessage(), headers: ['Retry-After' => (string) $wait]);
        }
        if (!$this->passwords->fits($teacher, $password)) {
            return Problem::response(422, 'wrong-password', 'That is not the password you signed in with.');
        }
        $this->tries->forget($who);

        return null;
    }
}
