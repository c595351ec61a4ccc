<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Rostik\App\Api\CannotBeHad;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Symfony\Component\Validator\Constraints\PasswordStrength;
use Symfony\Component\Validator\Constraints\PasswordStrengthValidator;

/**
 * What a new password has to be: long, and not what somebody would try first. No rule says which letters it must have, and
 * none makes people change it (NIST SP 800-63B, 3.1.1; OWASP ASVS 5.0, 6.2).
 */
final readonly class Passwords
{
    /** In letters. */
    public const SHORTEST = 10;

    /** In bytes. */
    public const LONGEST = 1000;

    /** What has nothing else in it is tried first, however often it is said; small letters without digits or signs. Common practice, no source. */
    private const TRIED_FIRST = ['password', 'passwort', 'passw', 'qwerty', 'qwertz', 'azerty', 'letmein', 'welcome', 'iloveyou', 'admin', 'administrator', 'teacher', 'school', 'changeme', 'secret', 'asdfghjkl', 'zxcvbnm', 'sunshine', 'football', 'princess', 'dragon', 'monkey', 'superman', 'batman', 'rostik'];

    public function __construct(private UserPasswordHasherInterface $hasher, private MostUsedPasswords $mostUsed)
    {
    }

    /** @throws CannotBeHad with what is wrong with it */
    public function set(Teacher $teacher, #[\SensitiveParameter] string $password): void
    {
        $why = $this->whyNot($password, $teacher->name(), $teacher->email(), $teacher->school()->name());
        if (null !== $why) {
            throw new CannotBeHad($why);
        }
        $teacher->changePassword($this->hasher->hashPassword($teacher, $password));
    }

    public function fits(Teacher $teacher, #[\SensitiveParameter] string $password): bool
    {
        return \strlen($password) <= self::LONGEST && $this->hasher->isPasswordValid($teacher, $password);
    }

    /** What is wrong with a new password, in a sentence; null for nothing. */
    public function whyNot(#[\SensitiveParameter] string $password, string ...$own): ?string
    {
        if (\strlen($password) > self::LONGEST) {
            return \sprintf('A password has no more than %d letters.', self::LONGEST);
        }
        if (mb_strlen($password) < self::SHORTEST) {
            return \sprintf('A password needs %d letters or more. A few words that do not belong together are good and easy to keep: kettle lichen eleven', self::SHORTEST);
        }
        $letters = preg_replace('/[^\p{L}]+/u', '', mb_strtolower($password)) ?? '';
        $left = $letters;
        foreach ([...self::TRIED_FIRST, ...self::words(...$own)] as $word) {
            $left = str_replace($word, '', $left);
        }
        $plain = mb_strlen($left) < 4 && $left !== $letters;
        // numbers alone are dates and telephone numbers
        $plain = $plain || 1 === preg_match('/^[\d\s.\/-]{1,15}$/', $password);
        if ($plain || $this->mostUsed->has($password) || PasswordStrengthValidator::estimateStrength($password) < PasswordStrength::STRENGTH_WEAK && \count(array_unique(mb_str_split($password))) < 7) {
            return 'That password would be tried early on. A few words that do not belong together are good: kettle lichen eleven';
        }

        return null;
    }

    /** @return list<string> of names and addresses, in small letters */
    private static function words(string ...$own): array
    {
        $words = preg_split('/[^\p{L}]+/u', mb_strtolower(implode(' ', $own)), -1, \PREG_SPLIT_NO_EMPTY);

        return array_values(array_filter(false === $words ? [] : $words, static fn (string $word): bool => mb_strlen($word) >= 3));
    }
}
