<?php

declare(strict_types=1);

namespace Rostik\App\Account;

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
            throw new CannotBeHad('There is an account with this address already.');
        }
        foreach ($this->entities->getRepository(OneTimeLink::class)->findBy(['school' => $school, 'purpose' => LinkPurpose::Join, 'email' => (string) $address]) as $earlier) {
            $this->entities->remove($earlier);
        }

        return $this->make(LinkPurpose::Join, $school, null, trim($name), $address, $administrator);
    }

    /** A link by which the teacher gives herself a new password; one made before is void. */
    public function reset(Teacher $teacher): string
    {
        foreach ($this->entities->getRepository(OneTimeLink::class)->findBy(['teacher' => $teacher]) as $earlier) {
            $this->entities->remove($earlier);
        }

        return $this->make(LinkPurpose::Reset, $teacher->school(), $teacher, $teacher->name(), Address::typed($teacher->email()), false);
    }

    /** The link that ends with that word; null for none that can still be used. */
    public function find(#[\SensitiveParameter] string $word): ?OneTimeLink
    {
        $link = $this->entities->getRepository(OneTimeLink::class)->findOneBy(['mark' => $this->mark($word)]);

        return null !== $link && $link->until() > $this->clock->now() ? $link : null;
    }

    /**
     * Does what the link is for; it is used up with that.
     *
     * @throws CannotBeHad for a password that will not do
     */
    public function follow(OneTimeLink $link, string $name, #[\SensitiveParameter] string $password): Teacher
    {
        $teacher = $link->teacher();
        if (null === $teacher) {
            if (null !== $this->teachers->byAddress($link->email())) {
                throw new CannotBeHad('There is an account with this address already.');
            }
            $teacher = new Teacher($link->email(), '' === trim($name) ? $link->name() : trim($name), $link->school());
            $teacher->administers($link->isForAdministrator());
        }
        $this->passwords->set($teacher, $password);
        $this->entities->persist($teacher);
        $this->entities->remove($link);
        $this->entities->flush();
        $this->sessions->endAll($teacher->id());

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
            throw new CannotBeHad('There are 200 links waiting already. Take back some that are not needed.');
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
