<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

/**
 * The second step of signing in: setting it up, and checking what was typed. A code is good once: it is checked
 * and used up under a lock on the teacher, so that of several at the same moment one succeeds.
 */
final readonly class SecondSteps
{
    /** Letters and digits that nobody takes for one another; 10 of them are 49 bits. */
    private const ALPHABET = 'abcdefghjkmnpqrstuvwxyz23456789';
    private const CODES = 10;
    private const LENGTH = 10;

    public function __construct(private Sealing $sealing, private ClockInterface $clock, private EntityManagerInterface $entities)
    {
    }

    /** A new key for the teacher, not in use before {@see confirm}; not flushed. */
    public function begin(Teacher $teacher): OneTimePassword
    {
        $key = OneTimePassword::newKey();
        $teacher->useSecondStep(new SecondStep($this->sealing->seal($key)));

        return new OneTimePassword($key);
    }

    /**
     * Takes the key into use, where the code shows that she has it.
     *
     * @return list<string>|null recovery codes, which are shown this once; null where the code does not fit, or there is a second step already
     */
    public function confirm(Teacher $teacher, string $code): ?array
    {
        return $this->alone($teacher, fn (): ?array => $this->confirmed($teacher, $code));
    }

    /** @return list<string>|null */
    private function confirmed(Teacher $teacher, string $code): ?array
    {
        $step = $teacher->secondStep();
        $interval = $step->inUse ? null : $this->interval($step, $code);
        if (null === $interval) {
            return null;
        }
        $teacher->useSecondStep($step->usedAt($interval));

        return $this->newRecovery($teacher);
    }

    /** @return list<string> new ones; those from before are void; not flushed */
    public function newRecovery(Teacher $teacher): array
    {
        $codes = [];
        for ($i = 0; $i < self::CODES; ++$i) {
            $letters = '';
            for ($k = 0; $k < self::LENGTH; ++$k) {
                $letters .= self::ALPHABET[random_int(0, \strlen(self::ALPHABET) - 1)];
            }
            $codes[] = $letters;
        }
        $teacher->useSecondStep($teacher->secondStep()->withRecovery(array_map(fn (string $code): string => bin2hex($this->sealing->mark('recovery', $code)), $codes)));

        return array_map(static fn (string $code): string => substr($code, 0, 5).'-'.substr($code, 5), $codes);
    }

    public function isInUse(Teacher $teacher): bool
    {
        return $teacher->secondStep()->inUse;
    }

    /** Whether the code is right; it is used up with that. */
    public function check(Teacher $teacher, string $typed): bool
    {
        return $this->alone($teacher, fn (): bool => $this->fits($teacher, $typed));
    }

    /**
     * @template T
     *
     * @param \Closure(): T $check
     *
     * @return T
     */
    private function alone(Teacher $teacher, \Closure $check): mixed
    {
        return $this->entities->wrapInTransaction(function () use ($teacher, $check): mixed {
            $this->entities->refresh($teacher, LockMode::PESSIMISTIC_WRITE);

            return $check();
        });
    }

    private function fits(Teacher $teacher, string $typed): bool
    {
        $step = $teacher->secondStep();
        if (!$step->inUse) {
            return false;
        }
        $interval = $this->interval($step, $typed);
        if (null !== $interval) {
            $teacher->useSecondStep($step->usedAt($interval));

            return true;
        }
        $mark = bin2hex($this->sealing->mark('recovery', preg_replace('/[^a-z0-9]/', '', strtolower($typed)) ?? ''));
        $left = array_values(array_filter($step->recovery, static fn (string $kept): bool => !hash_equals($kept, $mark)));
        if (\count($left) === \count($step->recovery)) {
            return false;
        }
        $teacher->useSecondStep($step->withRecovery($left));

        return true;
    }

    private function interval(SecondStep $step, string $typed): ?int
    {
        $key = $this->sealing->open($step->key);

        return null === $key ? null : (new OneTimePassword($key))->interval($typed, $this->clock->now()->getTimestamp(), $step->last);
    }
}
