<?php

declare(strict_types=1);

namespace Rostik\App\School;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Account\Address;
use Rostik\App\Account\Passwords;
use Rostik\App\Account\School;
use Rostik\App\Account\Teacher;
use Rostik\App\Api\CannotBeHad;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * The first school of an installation with its first account: set up once, by who has the word that its terminal showed.
 * Where somebody sits is not asked: over loopback comes all that a proxy on the same machine passes on, too.
 */
final readonly class SetUp
{
    /** @param ?string $word SHA-256 of the word in hexadecimal; null or empty for none */
    public function __construct(private EntityManagerInterface $entities, private Connection $connection, private Passwords $passwords, #[Autowire('%env(default::ROSTIK_SET_UP_WORD)%')] private ?string $word = null)
    {
    }

    /** Whether there is no school yet. */
    public function isWanted(): bool
    {
        return false === $this->connection->fetchOne('SELECT 1 FROM school LIMIT 1');
    }

    /**
     * @throws WordWanted  for who does not have the word
     * @throws CannotBeHad
     */
    public function begin(SetUpRequest $wanted): Teacher
    {
        if (!$this->isTheWord($wanted->word)) {
            throw new WordWanted();
        }
        $address = Address::typed($wanted->email);
        if (!$address->isPlausible()) {
            throw new CannotBeHad('An e-mail address has a sign @ and a place behind it: corin@ombrel.example');
        }

        return $this->entities->wrapInTransaction(function () use ($wanted, $address): Teacher {
            // two at a time make one school; the name of the lock is the table's own
            $this->connection->fetchOne('SELECT GET_LOCK(CONCAT(DATABASE(), ".set-up"), 10)');
            try {
                if (!$this->isWanted()) {
                    throw new CannotBeHad('There is a school here already. Ask its administrator for an invitation.');
                }
                $school = new School(trim($wanted->school));
                $teacher = new Teacher($address, trim($wanted->name), $school);
                $teacher->administers(true);
                $this->passwords->set($teacher, $wanted->password);
                $this->entities->persist($school);
                $this->entities->persist($teacher);
                $this->entities->flush();

                return $teacher;
            } finally {
                $this->connection->fetchOne('SELECT RELEASE_LOCK(CONCAT(DATABASE(), ".set-up"))');
            }
        });
    }

    private function isTheWord(#[\SensitiveParameter] string $typed): bool
    {
        $word = preg_replace('/[^a-z0-9]/', '', strtolower($typed)) ?? '';

        return '' !== (string) $this->word && hash_equals((string) $this->word, hash('sha256', $word));
    }
}
