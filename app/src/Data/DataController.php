<?php

declare(strict_types=1);

namespace Rostik\App\Data;

use Rostik\App\Account\Audit;
use Rostik\App\Account\CertainRequest;
use Rostik\App\Account\Certainty;
use Rostik\App\Account\Teacher;
use Rostik\App\Account\Teachers;
use Rostik\App\Api\CannotBeHad;
use Rostik\App\Classroom\Classrooms;
use Rostik\App\Storage\ZipFile;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\String\Slugger\AsciiSlugger;

/** Everything of a teacher, a class or a child: out as files, in again, and erased. */
final readonly class DataController
{
    /** Bytes of a zip that is brought in. */
    private const LARGEST = 20_000_000;

    public function __construct(private Takeout $takeout, private BringIn $bringIn, private Erasing $erasing, private Classrooms $classrooms, private Audit $audit)
    {
    }

    #[Route('/api/account/data', methods: ['GET'])]
    public function teacher(#[CurrentUser] Teacher $teacher): Response
    {
        $this->audit->note('data taken out', $teacher);

        return self::zip($this->takeout->ofTeacher($teacher), $teacher->name());
    }

    #[Route('/api/classes/{id}/data', methods: ['GET'])]
    public function classroom(string $id, #[CurrentUser] Teacher $teacher): Response
    {
        $class = $this->classrooms->get($teacher, $id);
        $this->audit->note('data taken out', $teacher, ['class' => $id]);

        return self::zip($this->takeout->ofClass($class), $class->name());
    }

    #[Route('/api/children/{id}/data', methods: ['GET'])]
    public function child(string $id, #[CurrentUser] Teacher $teacher): Response
    {
        $child = $this->classrooms->child($teacher, $id);
        $this->audit->note('data taken out', $teacher, ['child' => $id]);

        return self::zip($this->takeout->ofChild($child), $child->name());
    }

    /** A zip that was taken out, as the bytes it is; 422 where it is none. */
    #[Route('/api/account/data', methods: ['POST'])]
    public function bring(#[CurrentUser] Teacher $teacher, Request $request): Response
    {
        $bytes = stream_get_contents($request->getContent(true), self::LARGEST + 1);
        if (false === $bytes || \strlen($bytes) > self::LARGEST) {
            throw new CannotBeHad(\sprintf('That is more than %d MB.', self::LARGEST / 1_000_000));
        }

        return new JsonResponse($this->bringIn->bring($teacher, $bytes), Response::HTTP_CREATED);
    }

    /** What would go with one's account. */
    #[Route('/api/account/erasing', methods: ['GET'])]
    public function erasing(#[CurrentUser] Teacher $teacher): Response
    {
        return new JsonResponse($this->erasing->of($teacher));
    }

    /** Erases one's account with everything in it; the password is asked for. */
    #[Route('/api/account', methods: ['DELETE'])]
    public function erase(#[CurrentUser] Teacher $teacher, #[MapRequestPayload] CertainRequest $wanted, Certainty $certainty, Security $security): Response
    {
        $refused = $certainty->refused($teacher, $wanted->password);
        if (null !== $refused) {
            return $refused;
        }
        if (!$this->erasing->of($teacher)->can) {
            throw new CannotBeHad('You are the only administrator. Make a colleague administrator first, on the page The school.');
        }
        $this->audit->note('account erased', $teacher);
        $this->erasing->erase($teacher);
        $security->logout(false);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** What would go with the account of a colleague. */
    #[Route('/api/school/colleagues/{id}/erasing', methods: ['GET'])]
    #[IsGranted('ROLE_ADMINISTRATOR', statusCode: 404)]
    public function erasingColleague(string $id, #[CurrentUser] Teacher $me, Teachers $teachers): Response
    {
        return new JsonResponse($this->erasing->of(self::ended($teachers, $me, $id)));
    }

    /** Erases the account of a colleague that has ended, with everything in it. */
    #[Route('/api/school/colleagues/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_ADMINISTRATOR', statusCode: 404)]
    public function eraseColleague(string $id, #[CurrentUser] Teacher $me, Teachers $teachers): Response
    {
        $this->erasing->erase(self::ended($teachers, $me, $id));
        $this->audit->note('account erased', $me, ['of' => $id]);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** @throws NotFoundHttpException */
    private static function ended(Teachers $teachers, Teacher $me, string $id): Teacher
    {
        $colleague = $teachers->colleague($me, $id) ?? throw new NotFoundHttpException();

        return $colleague->isEnded() && $colleague !== $me ? $colleague : throw new CannotBeHad('End the account first.');
    }

    /** @param array<string, string> $files */
    private static function zip(array $files, string $of): Response
    {
        $name = (new AsciiSlugger('en'))->slug($of)->lower()->toString();

        return new Response(ZipFile::of($files), 200, [
            'Content-Type' => 'application/zip',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, 'rostik-'.('' === $name ? 'data' : $name).'.zip'),
        ]);
    }
}
