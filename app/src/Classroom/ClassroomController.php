<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Api\Problem;
use Rostik\Core\Method\MethodBook;
use Symfony\Component\HttpFoundation\JsonResponse;
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
        $inHand = Classrooms::lastTakenUp($teacher, $classes);

        return new JsonResponse(array_map(static fn (Classroom $class): ClassReply => ClassReply::of($class, $class === $inHand), $classes));
    }

    /** The id is given by whoever begins the class, so that a change sent twice, or an undo, makes no second one. */
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

    #[Route('/{id}', methods: ['DELETE'])]
    public function erase(string $id, #[CurrentUser] Teacher $teacher): Response
    {
        $this->classrooms->erase($this->classrooms->get($teacher, $id));

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    private function reply(Teacher $teacher, Classroom $class): Response
    {
        return new JsonResponse(ClassReply::of($class, $class === $this->classrooms->inHand($teacher)));
    }
}
