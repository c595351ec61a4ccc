<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Sealing;
use Rostik\App\Api\Afterwards;
use Rostik\App\Api\CannotBeHad;
use Rostik\App\Classroom\Child;
use Rostik\App\Timetable\ShowingTables;
use Rostik\Core\Notation\Aloud;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Practice\Reaction;
use Rostik\Core\Practice\Signal;
use Rostik\Core\Practice\Why;
use Symfony\Component\Uid\Uuid;

/** What children do in a practice: come in, answer, stop. */
final readonly class Sitting
{
    /** A class without a list has so many numbers. */
    public const NUMBERS = 40;

    /** So many more tablets than children may be in use at a time: some are taken up anew before they were given back. */
    private const SPARE = 10;

    /** So many tablets, and answers to one question, are kept. */
    private const TABLETS = 300;
    private const ANSWERS = 40;

    /** What was answered without a connection is still kept so many seconds after the practice has been closed. */
    private const LATE = 900;

    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock, private Questions $questions, private Afterwards $afterwards, private Sealing $sealing, private Guessing $guessing, private ShowingTables $tables)
    {
    }

    /** The practice that is open under a code. */
    public function byCode(string $typed): ?Practice
    {
        $code = Code::typed($typed);
        $found = '' === $code ? [] : $this->entities->getRepository(Practice::class)->findBy(['code' => $code], ['openedAt' => 'DESC'], 3);
        foreach ($found as $practice) {
            if ($practice->isOpen($this->clock->now())) {
                return $practice;
            }
        }

        return null;
    }

    public function reply(Practice $practice): ComeInReply
    {
        $children = [];
        foreach ($practice->classroom()->children() as $child) {
            $children[] = new ComeInChildReply($child->id()->toRfc4122(), $practice->isByNumbers() ? (string) ($child->position() + 1) : $child->name());
        }
        if ([] === $children) {
            $children = array_map(static fn (int $number): ComeInChildReply => new ComeInChildReply((string) $number, (string) $number), range(1, self::NUMBERS));
        }

        return new ComeInReply($practice->classroom()->name(), $children, $practice->wantsSigns() && [] !== $practice->classroom()->children(), PictureSign::PICTURES);
    }

    /**
     * A child sits down at a tablet.
     *
     * @param string $secret that the tablet will show from now on
     *
     * @throws CannotBeHad
     * @throws NotThosePictures
     */
    public function comeIn(Practice $practice, ComeInRequest $wanted, string $secret): Seat
    {
        $children = $practice->classroom()->children();
        $child = $this->child($children, $wanted->child);
        if (null === $child && ([] !== $children || 1 !== preg_match('/^\d{1,2}$/D', $wanted->child) || (int) $wanted->child < 1 || (int) $wanted->child > self::NUMBERS)) {
            throw new CannotBeHad('That name is not in this class. Tap your own name.');
        }
        $partner = null === $wanted->partner ? null : ($this->child($children, $wanted->partner) ?? throw new CannotBeHad('That name is not in this class. Tap your partner’s name.'));
        if (null !== $partner && $partner === $child) {
            throw new CannotBeHad('Two of you: tap two names.');
        }
        if ($practice->wantsSigns() && null !== $child) {
            $this->showsSign($child, $wanted->sign);
            if (null !== $partner) {
                $this->showsSign($partner, $wanted->partnerSign);
            }
        }
        $this->seatIn($practice);
        $now = $this->clock->now();
        $seat = new Seat($practice, $child, $partner, null === $child ? (int) $wanted->child : $child->position() + 1, hash('sha256', $secret), $now, crc32($practice->id()->toRfc4122().$wanted->child) & 0x7FFFFFFF);
        $this->entities->persist($seat);
        // where it sat before it goes on: what has been answered is not asked again
        $this->goOn($seat);
        $this->entities->flush();
        $puts = $this->questions->fill($seat, $this->questions->of($seat), 1);
        $this->entities->flush();
        $this->topUp($seat, $puts);

        return $seat;
    }

    /** @throws CannotBeHad where more tablets are in use than the class has children, and some */
    private function seatIn(Practice $practice): void
    {
        $seats = $this->entities->getRepository(Seat::class);
        $inUse = $seats->count(['practice' => $practice, 'leftAt' => null]);
        if ($inUse >= (\count($practice->classroom()->children()) ?: self::NUMBERS) + self::SPARE) {
            throw new CannotBeHad('All places are taken. Ask your teacher: one of them can be closed.');
        }
        $left = $seats->count(['practice' => $practice]) - $inUse;
        if ($inUse + $left >= self::TABLETS) {
            // those that have left, and at which nothing was answered, are not missed
            $gone = $this->entities->createQuery('DELETE FROM '.Seat::class.' s WHERE s.practice = :of AND s.leftAt IS NOT NULL AND NOT EXISTS (SELECT p.id FROM '.Put::class.' p WHERE p.seat = s AND p.answeredAt IS NOT NULL)')
                ->setParameter('of', $practice->id(), 'uuid')
                ->execute();
            if (0 === $gone) {
                throw new CannotBeHad('There are too many tablets. Ask your teacher.');
            }
        }
    }

    public function bySecret(string $secret): ?Seat
    {
        return $this->entities->getRepository(Seat::class)->findOneBy(['secret' => hash('sha256', $secret)]);
    }

    /** @param list<string> $have ids of questions that are at the tablet already */
    public function now(Seat $seat, array $have, ?string $on): SeatReply
    {
        $seat->isHere($this->clock->now(), null !== $on && Uuid::isValid($on) ? Uuid::fromString($on) : null);
        $puts = $this->questions->of($seat);
        if ($seat->practice()->isOpen($this->clock->now()) && !$seat->hasLeft()) {
            $puts = $this->questions->fill($seat, $puts, 1);
        }
        $this->entities->flush();
        $this->topUp($seat, $puts);

        return $this->seated($seat, $puts, $have, []);
    }

    /**
     * Answers in the order in which they were given; one that was sent before is not taken twice.
     *
     * @throws PracticeClosed
     */
    public function answer(Seat $seat, AnswersRequest $sent): SeatReply
    {
        $said = [];
        $now = $this->clock->now();
        $puts = [];
        $later = null;
        $this->entities->wrapInTransaction(function () use ($seat, $sent, $now, &$said, &$puts, &$later): void {
            $this->entities->lock($seat, LockMode::PESSIMISTIC_WRITE);
            $practice = $seat->practice();
            $open = $practice->isOpen($now) && !$seat->hasLeft();
            if (!$open && !$this->isLate($seat, $now)) {
                return;
            }
            $puts = $this->entities->getRepository(Put::class)->findBy(['seat' => $seat], ['place' => 'ASC', 'id' => 'ASC']);
            $byId = [];
            foreach ($puts as $put) {
                $byId[$put->id()->toRfc4122()] = $put;
            }
            $last = null;
            $told = false;
            foreach ($sent->answers as $answer) {
                $put = $byId[strtolower($answer->question)] ?? null;
                if (null === $put) {
                    continue;
                }
                $unjudged = null === $put->isRight();
                $said[] = $this->take($put, $answer, $now);
                $told = $told || ($unjudged && Questions::tells($put));
                $last = $put;
            }
            // while a child looks again there is time to choose what comes after that
            $later = $told && null !== $last && !$last->isAnswered() ? $last : null;
            $puts = $this->questions->reconsider($last, $puts, $told && null === $later);
            if (null !== $last) {
                $seat->isHere($now, $last->id());
            }
            if ($open) {
                $puts = $this->questions->fill($seat, $puts, 1);
            }
            if ($open && self::done($puts) === \count($puts)) {
                $seat->finish();
            }
        });
        if (!$seat->practice()->isOpen($now) || $seat->hasLeft()) {
            throw new PracticeClosed($seat->practice()->lastWord());
        }
        $this->topUp($seat, $puts, $later);

        return $this->seated($seat, $puts, $sent->have, $said, null !== $later);
    }

    public function leave(Seat $seat): void
    {
        $seat->leave($this->clock->now());
        $this->entities->flush();
    }

    private function take(Put $put, AnswerSent $answer, \DateTimeImmutable $now): SaidReply
    {
        $kept = $put->answers()[$answer->n] ?? null;
        if (null !== $kept) {
            // it was sent once more, since the reply to the first did not arrive
            $reaction = $this->questions->react($put, $kept['given']);

            return new SaidReply($answer->question, $answer->n, $reaction->signal, $reaction->say, $reaction->read, Aloud::said($reaction->say));
        }
        if ($put->isAnswered()) {
            return new SaidReply($answer->question, $answer->n, Signal::Right, '', '');
        }
        if ($answer->over) {
            $put->over($answer->help, $now);

            return new SaidReply($answer->question, $answer->n, Signal::Look, '', '');
        }
        $reaction = $this->questions->react($put, $answer->given);
        // more than any child writes is said something about, and not kept
        if (\count($put->answers()) < self::ANSWERS) {
            $put->answer(mb_substr($answer->given, 0, 200), new Reaction($reaction->signal, '', mb_substr(Marked::plain($reaction->read), 0, 200), $reaction->mistake), $answer->help, $now);
        }

        return new SaidReply($answer->question, $answer->n, $reaction->signal, $reaction->say, $reaction->read, Aloud::said($reaction->say));
    }

    private function isLate(Seat $seat, \DateTimeImmutable $now): bool
    {
        return !$seat->hasLeft() && !$seat->practice()->isAway() && $now < $seat->practice()->closedAt()->modify('+'.self::LATE.' seconds');
    }

    /** @param list<Put> $puts */
    private static function done(array $puts): int
    {
        return \count(array_filter($puts, static fn (Put $put): bool => $put->isAnswered()));
    }

    /** So many there are in any case. */
    private static function sure(Practice $practice): int
    {
        return PracticeOf::Sheet === $practice->of() ? \count($practice->sheet()) : $practice->questions();
    }

    /**
     * How many questions there are in all, as far as it can be said: of a sheet, and those that come again.
     *
     * @param list<Put>    $puts
     * @param list<string> $waiting
     */
    private static function of(Practice $practice, array $puts, array $waiting): int
    {
        $again = \count(array_filter($puts, static fn (Put $put): bool => Why::Again === $put->why()));

        return match (true) {
            // there is nothing more to ask
            [] === $waiting && [] !== $puts => self::done($puts),
            PracticeOf::Sheet === $practice->of() => \count($practice->sheet()) + $again,
            default => $practice->questions(),
        };
    }

    /**
     * @param list<Put>       $puts
     * @param list<string>    $have
     * @param list<SaidReply> $said
     * @param bool            $soon whether others are being chosen
     */
    private function seated(Seat $seat, array $puts, array $have, array $said, bool $soon = false): SeatReply
    {
        $practice = $seat->practice();
        $open = $practice->isOpen($this->clock->now()) && !$seat->hasLeft();
        $waiting = [];
        $offers = [];
        foreach ($open ? $puts : [] as $put) {
            $id = $put->id()->toRfc4122();
            if ($put->isAnswered()) {
                continue;
            }
            $waiting[] = $id;
            if (!\in_array($id, $have, true)) {
                $offer = $this->questions->offer($put);
                $table = [] === $offer->reading ? null : $this->tables->read($practice->table()?->table() ?? throw new \LogicException('It is read somewhere.'), [], $practice->classroom()->style())->table;
                $offers[] = OfferReply::of($put, $offer, $table);
            }
        }

        return new SeatReply($seat->id()->toRfc4122(), $seat->name(), null === $seat->partner() ? [] : [$seat->nameOf($seat->child()), $seat->nameOf($seat->partner())], self::done($puts), self::of($practice, $puts, $waiting), $open, $practice->lastWord(), $waiting, $offers, $said, $soon || [] !== $waiting && \count($waiting) < Questions::ENOUGH && \count($puts) < self::sure($practice), $practice->target());
    }

    /**
     * The others are chosen when the reply has gone.
     *
     * @param list<Put> $puts
     * @param ?Put      $told whose answer has told something of which the choice is to know; null for none
     */
    private function topUp(Seat $seat, array $puts, ?Put $told = null): void
    {
        $waiting = \count($puts) - self::done($puts);
        $enough = $waiting >= Questions::ENOUGH || self::done($puts) + $waiting >= $seat->practice()->questions();
        if ((null === $told && $enough) || !$seat->practice()->isOpen($this->clock->now())) {
            return;
        }
        $this->afterwards->do(function () use ($seat, $told): void {
            $this->entities->wrapInTransaction(function () use ($seat, $told): void {
                $this->entities->lock($seat, LockMode::PESSIMISTIC_WRITE);
                $this->questions->fill($seat, $this->questions->reconsider($told, $this->questions->of($seat), null !== $told), Questions::AHEAD);
            });
        });
    }

    /** What this child has answered at another tablet in the same practice counts here, too. */
    private function goOn(Seat $seat): void
    {
        if (null === $seat->child() || null !== $seat->partner()) {
            return;
        }
        $earlier = $this->entities->getRepository(Seat::class)->findBy(['practice' => $seat->practice(), 'child' => $seat->child(), 'partner' => null], ['cameAt' => 'DESC', 'id' => 'DESC'], 5);
        foreach ($earlier as $one) {
            if ($one === $seat || !$one->hasLeft()) {
                continue;
            }
            foreach ($this->questions->of($one) as $put) {
                $put->goesTo($seat);
            }

            return;
        }
    }

    /** @param list<Child> $children */
    private function child(array $children, string $id): ?Child
    {
        foreach ($children as $child) {
            if ($child->id()->toRfc4122() === strtolower($id)) {
                return $child;
            }
        }

        return null;
    }

    /**
     * @param list<int> $pictures
     *
     * @throws NotThosePictures
     */
    private function showsSign(Child $child, array $pictures): void
    {
        if (3 !== \count($pictures)) {
            throw NotThosePictures::three();
        }
        $id = $child->id()->toRfc4122();
        $mark = bin2hex($this->sealing->mark('sign', $id.' '.implode(' ', $pictures)));
        $kept = $this->entities->find(PictureSign::class, $child->id());
        if (null === $kept) {
            $this->entities->persist(new PictureSign($child, $mark));

            return;
        }
        $wait = $this->guessing->pictures($id);
        if ($wait > 0) {
            throw NotThosePictures::tooSoon($wait);
        }
        if (!$kept->is($mark)) {
            throw NotThosePictures::others();
        }
        $this->guessing->rightPictures($id);
    }
}
