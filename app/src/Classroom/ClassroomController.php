<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Account\Audit;
use Rostik\App\Account\Teacher;
use Rostik\App\Account\Teachers;
use Rostik\App\Api\CannotBeHad;
use Rostik\App\Api\Problem;
use Rostik\Core\Board\OwnTimes;
use Rostik\Core\Method\MethodBook;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The JSON API of a teacher's classes. */
#[Route('/api/classes')]
final readonly class ClassroomController
{
    public function __construct(private Classrooms $classrooms)
    {
    }

    #[Route('', methods: ['GET'])]
    public function all(#[CurrentUser] Teacher $teacher): Response
    {
        $classes = $this->classrooms->of($teacher);
        $inHand = $this->classrooms->inHandOf($teacher, $classes);
        $this->classrooms->stillInHand($teacher, $inHand);

        return new JsonResponse(array_map(static fn (Classroom $class): ClassReply => ClassReply::of($class, $class === $inHand), $classes));
    }

    /** Reads a class list, as the bytes of its file: names out of it, to be looked at. Nothing is kept. */
    #[Route('/lists', methods: ['POST'], priority: 1)]
    public function lists(Request $request): Response
    {
        return new JsonResponse(ClassLists::read($request->getContent()));
    }

    /** The id is given by whoever begins the class, so that a change sent twice makes no second one. */
    #[Route('/{id}', methods: ['PUT'])]
    public function put(string $id, #[CurrentUser] Teacher $teacher, #[MapRequestPayload] ClassRequest $wanted): Response
    {
        return $this->reply($teacher, $this->classrooms->put($teacher, $id, $wanted));
    }

    /** From now on it is the class in hand: for the board, for new sheets, for all that is done. */
    #[Route('/{id}/in-hand', methods: ['PUT'])]
    public function takeUp(string $id, #[CurrentUser] Teacher $teacher): Response
    {
        return $this->reply($teacher, $this->classrooms->takeUp($teacher, $id));
    }

    /** The class works one kind of sum in this method from now on; 422 for a method that there is not. */
    #[Route('/{id}/method', methods: ['PUT'])]
    public function method(string $id, #[CurrentUser] Teacher $teacher, #[MapRequestPayload] ClassMethodRequest $wanted, EntityManagerInterface $entities, MethodBook $methods): Response
    {
        if (null !== $wanted->method && !\in_array($wanted->method, $methods->ids(), true)) {
            return Problem::response(422, 'no-such-method', \sprintf('There is no method “%s”. One that there is: number-line', $wanted->method));
        }
        $class = $this->classrooms->get($teacher, $id);
        $class->useMethod($wanted->kind, $wanted->method);
        $entities->flush();

        return $this->reply($teacher, $class);
    }

    /** The times that the class reads and sets on clocks; 422 where one of them is no time. */
    #[Route('/{id}/clock-times', methods: ['PUT'])]
    public function clockTimes(string $id, #[CurrentUser] Teacher $teacher, #[MapRequestPayload] ClockTimesRequest $wanted, EntityManagerInterface $entities): Response
    {
        OwnTimes::read($wanted->times);
        $class = $this->classrooms->get($teacher, $id);
        $class->useClockTimes(trim($wanted->times));
        $entities->flush();

        return $this->reply($teacher, $class);
    }

    /** Who teaches it, herself among them. */
    #[Route('/{id}/teachers', methods: ['GET'])]
    public function teachers(string $id, #[CurrentUser] Teacher $teacher): Response
    {
        return new JsonResponse(self::together($this->classrooms->get($teacher, $id)));
    }

    /**
     * Others teach it from now on, beside her or in her place: with it they see its children and all that is known of them.
     * 204 where she no longer does.
     */
    #[Route('/{id}/teachers', methods: ['PUT'])]
    public function share(string $id, #[CurrentUser] Teacher $teacher, #[MapRequestPayload] TogetherRequest $wanted, Teachers $teachers, EntityManagerInterface $entities, Audit $audit): Response
    {
        $class = $this->classrooms->get($teacher, $id);
        $others = array_values(array_filter(array_map(static fn (string $one): ?Teacher => $teachers->colleague($teacher, $one), $wanted->teachers), static fn (?Teacher $one): bool => null !== $one && !$one->isEnded()));
        if ([] === $others) {
            throw new CannotBeHad('Somebody has to teach the class. Choose a colleague, or delete the class.');
        }
        $class->isTaughtByThese($others);
        $audit->note('class handed over', $teacher, ['class' => $id]);
        $entities->flush();

        return $class->isTaughtBy($teacher) ? new JsonResponse(self::together($class)) : new Response(null, Response::HTTP_NO_CONTENT);
    }

    private static function together(Classroom $class): TogetherReply
    {
        return new TogetherReply(array_map(static fn (Teacher $one): string => $one->id()->toRfc4122(), $class->teachers()));
    }

    #[Route('/{id}', methods: ['DELETE'])]
    public function delete(string $id, #[CurrentUser] Teacher $teacher, Audit $audit): Response
    {
        $this->classrooms->delete($this->classrooms->get($teacher, $id));
        $audit->note('class deleted', $teacher, ['class' => $id]);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    private function reply(Teacher $teacher, Classroom $class): Response
    {
        return new JsonResponse(ClassReply::of($class, $class === $this->classrooms->inHand($teacher)));
    }
}
