<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Api\CannotBeHad;

/** One-time links: making them, and what they do. */
final readonly class Links
{
    /** So many may wait in one school. */
    private const MOST = 200;

    public function __construct(private EntityManagerInterface $entities, private Teachers $teachers, private Passwords $passwords, private SessionRows $sessions, private Sealing $sealing, private ClockInterface $clock)
    {
    }

    /**
     * An invitation to the school.
     *
     * @return string the word at the end of the link, which is not kept
     *
     * @throws CannotBeHad
     */
    public function invite(School $school, string $name, string $email, bool $administrator): string
    {
        $address = Address::typed($email);
        if (!$address->isPlausible()) {
            throw new CannotBeHad('An e-mail address has a sign @ and a place behind it: corin@ombrel.example');
        }
        if (null !== $this->teachers->byAddress($address)) {
            throw self::isThereAlready();
        }
        foreach ($this->entities->getRepository(OneTimeLink::class)->findBy(['school' => $school, 'purpose' => LinkPurpose::Join, 'email' => (string) $address]) as $earlier) {
            $this->entities->remove($earlier);
        }

        return $this->make(LinkPurpose::Join, $school, null, trim($name), $address, $administrator);
    }

    /**
     * A link by which the teacher gives herself a new password; one made in the same way before is void. One that was handed
     * over is not made void by a stranger who asks for another: all of hers go when one of them is followed.
     *
     * @param bool $asked whether somebody has asked for it who is not signed in
     */
    public function reset(Teacher $teacher, bool $asked = false): string
    {
        $purpose = $asked ? LinkPurpose::Asked : LinkPurpose::Reset;
        foreach ($this->entities->getRepository(OneTimeLink::class)->findBy(['teacher' => $teacher, 'purpose' => $purpose]) as $earlier) {
            $this->entities->remove($earlier);
        }

        return $this->make($purpose, $teacher->school(), $teacher, $teacher->name(), Address::typed($teacher->email()), false);
    }

    /** The link that ends with that word; null for none that can still be used. */
    public function find(#[\SensitiveParameter] string $word): ?OneTimeLink
    {
        $link = $this->entities->getRepository(OneTimeLink::class)->findOneBy(['mark' => $this->mark($word)]);

        return null !== $link && $link->until() > $this->clock->now() ? $link : null;
    }

    /**
     * Does what the link is for; it is used up with that, for one of those who follow it at the same moment.
     *
     * @return ?Teacher null where somebody else has just followed it
     *
     * @throws CannotBeHad for a password that will not do, and where there is such an account already
     */
    public function follow(OneTimeLink $link, string $name, #[\SensitiveParameter] string $password): ?Teacher
    {
        try {
            $teacher = $this->entities->wrapInTransaction(fn (): ?Teacher => $this->isTaken($link) ? $this->followed($link, $name, $password) : null);
        } catch (UniqueConstraintViolationException) {
            throw self::isThereAlready();
        }
        if (null !== $teacher) {
            $this->sessions->endAll($teacher->id());
        }

        return $teacher;
    }

    /** Takes it in one statement, for which others wait, and then find it gone. */
    private function isTaken(OneTimeLink $link): bool
    {
        $this->entities->detach($link);

        return 1 === $this->entities->createQuery('DELETE FROM '.OneTimeLink::class.' l WHERE l.id = :id')->setParameter('id', $link->id(), 'uuid')->execute();
    }

    private static function isThereAlready(): CannotBeHad
    {
        return new CannotBeHad('There is an account with this address already.');
    }

    /** @throws CannotBeHad */
    private function followed(OneTimeLink $link, string $name, #[\SensitiveParameter] string $password): Teacher
    {
        $teacher = $link->teacher();
        if (null === $teacher) {
            if (null !== $this->teachers->byAddress($link->email())) {
                throw self::isThereAlready();
            }
            $teacher = new Teacher($link->email(), '' === trim($name) ? $link->name() : trim($name), $link->school());
            $teacher->administers($link->isForAdministrator());
        }
        $this->passwords->set($teacher, $password);
        $this->entities->persist($teacher);
        if (null !== $link->teacher()) {
            $this->entities->createQuery('DELETE FROM '.OneTimeLink::class.' l WHERE l.teacher = :teacher')->setParameter('teacher', $teacher->id(), 'uuid')->execute();
        }
        $this->entities->flush();

        return $teacher;
    }

    /** @return list<OneTimeLink> the invitations of a school that can still be used, the last first */
    public function invitations(School $school): array
    {
        return array_values(array_filter(
            $this->entities->getRepository(OneTimeLink::class)->findBy(['school' => $school, 'purpose' => LinkPurpose::Join], ['id' => 'DESC']),
            fn (OneTimeLink $link): bool => $link->until() > $this->clock->now(),
        ));
    }

    /** Takes away those that can no longer be used. */
    public function tidy(): void
    {
        $this->entities->createQuery('DELETE FROM '.OneTimeLink::class.' l WHERE l.until < :now')->setParameter('now', $this->clock->now())->execute();
    }

    private function make(LinkPurpose $purpose, School $school, ?Teacher $teacher, string $name, Address $email, bool $administrator): string
    {
        if ($this->entities->getRepository(OneTimeLink::class)->count(['school' => $school]) >= self::MOST) {
            throw new CannotBeHad('There are 200 links waiting already. Withdraw some that are not needed.');
        }
        // 144 bits, in the 64 letters that an address may have: nobody guesses one
        $word = rtrim(strtr(base64_encode(random_bytes(18)), '+/', '-_'), '=');
        $this->entities->persist(new OneTimeLink($this->mark($word), $purpose, $school, $teacher, $name, $email, $administrator, $this->clock->now()->modify($purpose->lasts())));
        $this->entities->flush();

        return $word;
    }

    private function mark(#[\SensitiveParameter] string $word): string
    {
        return bin2hex($this->sealing->mark('link', $word));
    }
}
