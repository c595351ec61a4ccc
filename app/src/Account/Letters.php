<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Symfony\Component\Mailer\MailerInterface;
use Symfony\Component\Mime\Email;

/** Letters to teachers: by mail where a mail server is set (MAILER_DSN), or else into the outbox. */
final readonly class Letters
{
    /** The outbox keeps a letter for so long: the links in it are void by then. */
    private const KEPT = '-14 days';
    private const MOST = 100;

    public function __construct(
        private EntityManagerInterface $entities,
        private MailerInterface $mailer,
        private ClockInterface $clock,
        private LoggerInterface $logger,
        #[Autowire('%env(default::MAILER_DSN)%')]
        #[\SensitiveParameter]
        private ?string $server = null,
        #[Autowire('%env(default::MAILER_FROM)%')]
        private ?string $from = null,
    ) {
    }

    /** Whether letters go out by themselves. */
    public function areSent(): bool
    {
        return '' !== (string) $this->server;
    }

    /** @return bool whether it has gone out; false where it lies in the outbox */
    public function send(School $school, string $recipient, string $subject, string $text): bool
    {
        if ($this->areSent()) {
            try {
                $this->mailer->send((new Email())->from($this->from ?? 'rostik@localhost')->to($recipient)->subject($subject)->text($text));

                return true;
            } catch (TransportExceptionInterface $failed) {
                // what the server says may hold the address: only its kind goes into the log
                $this->logger->error('A letter could not be sent: {kind}', ['kind' => $failed::class]);
            }
        }
        $this->tidy();
        if ($this->entities->getRepository(Letter::class)->count(['school' => $school]) < self::MOST) {
            $this->entities->persist(new Letter($school, $recipient, $subject, $text, $this->clock->now()));
            $this->entities->flush();
        }

        return false;
    }

    /** @return list<Letter> that lie in the outbox of a school, the last first */
    public function outbox(School $school): array
    {
        $this->tidy();

        return $this->entities->getRepository(Letter::class)->findBy(['school' => $school], ['id' => 'DESC']);
    }

    /** Takes away what waits for somebody: it is of no use any more. */
    public function forget(string $recipient): void
    {
        $this->entities->createQuery('DELETE FROM '.Letter::class.' l WHERE l.recipient = :to')->setParameter('to', $recipient)->execute();
    }

    public function tidy(): void
    {
        $this->entities->createQuery('DELETE FROM '.Letter::class.' l WHERE l.writtenAt < :before')->setParameter('before', $this->clock->now()->modify(self::KEPT))->execute();
    }
}
