<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

use Rostik\App\Account\Teacher;
use Rostik\App\Api\Problem;
use Rostik\Core\Timetable\Call;
use Rostik\Core\Timetable\Gtfs\Feed;
use Rostik\Core\Timetable\NotATable;
use Rostik\Core\Timetable\ServiceTable;
use Rostik\Core\Timetable\TableFault;
use Rostik\Core\Timetable\With;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The JSON API of a teacher's timetables. */
#[Route('/api/timetables')]
final readonly class TimetableController
{
    /** Bytes of a feed that is brought in. */
    private const LARGEST_FEED = 20_000_000;

    public function __construct(private Timetables $timetables, private ShowingTables $showing)
    {
    }

    #[Route('', methods: ['GET'])]
    public function shelf(#[CurrentUser] Teacher $teacher): Response
    {
        return new JsonResponse($this->timetables->shelf($teacher));
    }

    /** Keeps a timetable; 422 with each of its faults. */
    #[Route('', methods: ['POST'])]
    public function keep(#[CurrentUser] Teacher $teacher, #[MapRequestPayload] KeepTableRequest $wanted): Response
    {
        try {
            $kept = $this->timetables->keep($teacher, trim($wanted->title), $wanted->vehicle, $wanted->csv);
        } catch (NotATable $no) {
            return $this->refused($no);
        }

        return new JsonResponse(new TableLineReply($kept->id()->toRfc4122(), $kept->title()), Response::HTTP_CREATED);
    }

    /** A timetable, and questions about it. */
    #[Route('/ask', methods: ['POST'], priority: 1)]
    public function ask(#[CurrentUser] Teacher $teacher, #[MapRequestPayload] AskTableRequest $wanted): Response
    {
        return new JsonResponse(Timetables::CAUSEWAY === $wanted->table
            ? $this->showing->causeway($wanted)
            : $this->showing->asked($this->timetables->table($teacher, $wanted->table, $wanted->level, $wanted->drawn), $wanted));
    }

    /** An activity table of a day: what is hidden in each row, with the sum that finds it. */
    #[Route('/activities', methods: ['POST'], priority: 1)]
    public function activities(#[MapRequestPayload] ActivityRequest $wanted): Response
    {
        return new JsonResponse($this->showing->activities($wanted));
    }

    /** A day told in sentences, to be put in order. */
    #[Route('/tale', methods: ['POST'], priority: 1)]
    public function tale(#[MapRequestPayload] ActivityRequest $wanted): Response
    {
        return new JsonResponse($this->showing->tale($wanted));
    }

    /** A feed in, as the zip it is: what there is to choose from out; or, with a route and a day, its table. Nothing of it is kept. */
    #[Route('/feed', methods: ['POST'], priority: 1)]
    public function feed(Request $request): Response
    {
        $path = tempnam(sys_get_temp_dir(), 'feed');
        if (false === $path) {
            throw new \RuntimeException('There is no room for a file.');
        }
        try {
            $copied = stream_copy_to_stream($request->getContent(true), $file = fopen($path, 'w') ?: throw new \RuntimeException('The file cannot be written.'), self::LARGEST_FEED + 1);
            fclose($file);
            if (false === $copied || $copied > self::LARGEST_FEED) {
                throw NotATable::one('feed', 0, \sprintf('That is more than %d MB.', self::LARGEST_FEED / 1_000_000));
            }
            $feed = Feed::read(ZipFiles::of($path, 'feed'));
            $route = $request->query->getString('route');
            $direction = $request->query->getString('direction');

            return new JsonResponse('' === $route
                ? new FeedReply($feed->choices(), null)
                : new FeedReply([], $this->showing->table($this->part($feed->table($route, '' === $direction ? null : $direction, $request->query->getString('day')), $request))));
        } catch (NotATable $no) {
            return $this->refused($no);
        } finally {
            unlink($path);
        }
    }

    /**
     * The part of a table that is wanted: some stops, by name, and what leaves within a part of the day.
     *
     * @throws NotATable when nothing is left of it
     */
    private function part(ServiceTable $table, Request $request): ServiceTable
    {
        $stops = array_filter($request->query->all('stops'), is_string(...));
        $wanted = [] === $stops ? null : array_keys(array_filter($table->stops, static fn (string $name): bool => \in_array($name, $stops, true)));
        $from = With::read(['at' => $request->query->getString('from')])->at ?? 0;
        $until = With::read(['at' => $request->query->getString('until')])->at ?? Call::LATEST;

        return $table->part($wanted, null, $from, $until) ?? throw NotATable::one('feed', 0, 'Nothing is left of the table. Take at least two stops, and a longer part of the day.');
    }

    #[Route('/{id}', methods: ['DELETE'])]
    public function remove(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        $this->timetables->remove($teacher, $id);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    private function refused(NotATable $no): Response
    {
        $faults = array_map(static fn (TableFault $fault): string => $fault->text(), $no->faults);

        return Problem::response(422, 'not-a-table', $faults[0], ['faults' => $faults]);
    }
}
