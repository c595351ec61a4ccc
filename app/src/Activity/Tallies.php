<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Api\CannotBeHad;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Practice\Seat;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Uuid;

/** Tries to feel a length of time, kept for the next time. */
final readonly class Tallies
{
    /** So many are kept of a class; the oldest gives way. */
    private const KEPT = 200;

    /** Tries of one tally. */
    private const TRIES = 400;

    /** What a try counts at the least, in tenths of a second: to press twice and look takes a second. */
    private const SHORTEST = 10;

    /** Counts as exactly where nothing else was said, in tenths of a second. */
    private const EXACTLY = 10;

    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock)
    {
    }

    /** @return list<TallyReply> the last first */
    public function of(Classroom $class): array
    {
        $all = $this->all($class);
        $tries = $this->tries($all);
        $replies = [];
        foreach ($all as $i => $tally) {
            $replies[] = self::reply($tally, $tries, \array_slice($all, $i + 1));
        }

        return $replies;
    }

    /** Keeps all tries of one; what there was before goes. */
    public function put(Classroom $class, string $id, TallyRequest $wanted): TallyReply
    {
        if (!Uuid::isValid($id)) {
            throw new NotFoundHttpException();
        }
        $tally = $this->entities->find(Tally::class, Uuid::fromString($id));
        if (null !== $tally && ($tally->isDeleted() || $tally->classroom() !== $class)) {
            throw new NotFoundHttpException();
        }
        $children = [];
        foreach ($class->children() as $child) {
            $children[$child->id()->toRfc4122()] = $child;
        }
        if (null === $tally) {
            $tally = new Tally(Uuid::fromString($id), $class, $wanted->target, $wanted->exactly, $this->clock->now(), $wanted->doing);
            $this->entities->persist($tally);
            foreach (\array_slice($this->all($class), self::KEPT - 1) as $old) {
                $this->entities->remove($old);
            }
        } else {
            $tally->become($wanted->target, $wanted->exactly, $wanted->doing);
        }
        foreach ($this->entities->getRepository(TallyTry::class)->findBy(['tally' => $tally]) as $old) {
            $this->entities->remove($old);
        }
        foreach ($wanted->tries as $i => $one) {
            $this->entities->persist(new TallyTry($tally, $i, $one->tenths, null === $one->child ? null : $children[strtolower($one->child)] ?? throw new CannotBeHad('One of these children is not in the class.')));
        }
        $this->entities->flush();
        $all = $this->all($class);

        return self::reply($tally, $this->tries($all), array_values(array_filter($all, static fn (Tally $one): bool => $one !== $tally && $one->takenAt() <= $tally->takenAt())));
    }

    /**
     * A try at a tablet; the same one sent again is not taken twice.
     *
     * @param int $n of the tries at that tablet, from 0
     *
     * @throws CannotBeHad for more than a class comes to, and for more than can have lasted since the tablet came in
     */
    public function fromTablet(Seat $seat, int $n, int $tenths): TryReply
    {
        return $this->entities->wrapInTransaction(function () use ($seat, $n, $tenths): TryReply {
            $practice = $seat->practice();
            // several tablets stop at the same time
            $this->entities->lock($practice, LockMode::PESSIMISTIC_WRITE);
            $tally = $this->entities->find(Tally::class, $practice->id());
            if (null === $tally) {
                $tally = new Tally($practice->id(), $practice->classroom(), $practice->target() ?? 0, self::EXACTLY, $this->clock->now());
                $this->entities->persist($tally);
            } elseif ($tally->isDeleted()) {
                throw new CannotBeHad('That is over. Ask your teacher.');
            }
            $id = Uuid::v5($seat->id(), 'try '.$n);
            $try = $this->entities->find(TallyTry::class, $id);
            if (null === $try) {
                $place = $this->entities->getRepository(TallyTry::class)->count(['tally' => $tally]);
                if ($place >= self::TRIES) {
                    throw new CannotBeHad('That is enough for today.');
                }
                if (!$this->canHaveLasted($seat, $n, $tenths)) {
                    throw new CannotBeHad('That is faster than time goes. Wait a moment, and try again.');
                }
                $try = new TallyTry($tally, $place, $tenths, null, $id);
                $this->entities->persist($try);
            }

            return new TryReply($try->tenths(), null, self::is($tally, $try));
        });
    }

    /** Whether all tries of a tablet, this one with them, go into the time since it came in: nobody measures two things at once. */
    private function canHaveLasted(Seat $seat, int $n, int $tenths): bool
    {
        $earlier = 0 === $n ? [] : $this->entities->getRepository(TallyTry::class)->findBy(['id' => array_map(static fn (int $k): Uuid => Uuid::v5($seat->id(), 'try '.$k), range(0, min($n, self::TRIES) - 1))]);
        $sum = max($tenths, self::SHORTEST) + array_sum(array_map(static fn (TallyTry $one): int => max($one->tenths(), self::SHORTEST), $earlier));
        $now = $this->clock->now();
        $since = 10 * ($now->getTimestamp() - $seat->cameAt()->getTimestamp()) + 10;

        return $sum <= $since;
    }

    public function remove(Classroom $class, string $id): void
    {
        $tally = Uuid::isValid($id) ? $this->entities->find(Tally::class, Uuid::fromString($id)) : null;
        if (null === $tally || $tally->isDeleted() || $tally->classroom() !== $class) {
            throw new NotFoundHttpException();
        }
        $tally->delete($this->clock->now());
        $this->entities->flush();
    }

    /** @return \Generator<int, list<string>> every try of a class in a row, under their heads */
    public function rows(Classroom $class): \Generator
    {
        $all = array_reverse($this->all($class));
        $tries = $this->tries($all);
        yield ['day', 'target in seconds', 'meanwhile', 'try', 'seconds', 'child', 'counts as'];
        foreach ($all as $tally) {
            foreach ($tries[$tally->id()->toRfc4122()] ?? [] as $one) {
                yield [$tally->takenAt()->format('Y-m-d'), (string) $tally->target(), $tally->doing(), (string) ($one->place() + 1), number_format($one->tenths() / 10, 1, '.', ''), $one->child()?->name() ?? '', self::is($tally, $one)];
            }
        }
    }

    /** @return list<Tally> the last first */
    private function all(Classroom $class): array
    {
        return $this->entities->getRepository(Tally::class)->findBy(['classroom' => $class, 'deletedAt' => null], ['takenAt' => 'DESC', 'id' => 'DESC']);
    }

    /**
     * @param list<Tally> $tallies
     *
     * @return array<string, list<TallyTry>> by tally, in order
     */
    private function tries(array $tallies): array
    {
        $by = [];
        foreach ([] === $tallies ? [] : $this->entities->getRepository(TallyTry::class)->findBy(['tally' => $tallies], ['place' => 'ASC']) as $one) {
            $by[$one->tally()->id()->toRfc4122()][] = $one;
        }

        return $by;
    }

    private static function is(Tally $tally, TallyTry $one): string
    {
        $alone = $tally->estimates([$one]);

        return 1 === $alone->under() ? 'under' : (1 === $alone->over() ? 'over' : 'exactly');
    }

    /**
     * @param array<string, list<TallyTry>> $tries
     * @param list<Tally>                   $earlier the last first
     */
    private static function reply(Tally $tally, array $tries, array $earlier): TallyReply
    {
        $own = $tries[$tally->id()->toRfc4122()] ?? [];
        $estimates = $tally->estimates($own);
        $since = null;
        foreach ($earlier as $one) {
            if ($one->target() === $tally->target()) {
                $since = $estimates->since($one->estimates($tries[$one->id()->toRfc4122()] ?? []), $one->takenAt()->format('l j F'));
                break;
            }
        }

        return new TallyReply(
            $tally->id()->toRfc4122(),
            $tally->takenAt()->format('Y-m-d'),
            $tally->target(),
            $tally->exactly(),
            $tally->doing(),
            array_map(static fn (TallyTry $one): TryReply => new TryReply($one->tenths(), $one->child()?->id()->toRfc4122(), self::is($tally, $one)), $own),
            $estimates->under(),
            $estimates->exactly(),
            $estimates->over(),
            $estimates->bars(),
            $estimates->said(),
            $since,
        );
    }
}
