<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

use Rostik\App\Account\Teacher;
use Rostik\App\Classroom\Classrooms;
use Rostik\App\Printing\Drawing\DayLineDrawing;
use Rostik\Core\Notation\Style;
use Rostik\Core\Time\HalfOfDay;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Twig\Environment;

/** The line of the day for the wall, along or upright. */
final readonly class DayLineController
{
    public function __construct(private Environment $twig, private PdfReplies $pdf, private Classrooms $classrooms)
    {
    }

    #[Route('/print/day-line.pdf', methods: ['GET'])]
    public function pdf(#[CurrentUser] Teacher $teacher, #[MapQueryString(validationFailedStatusCode: 422)] DayLineRequest $wanted = new DayLineRequest()): Response
    {
        $style = $this->classrooms->find($teacher, $wanted->class)?->style() ?? new Style();
        $page = $this->twig->render('print/day-line.html.twig', [
            'wanted' => $wanted,
            'halves' => array_map(static fn (HalfOfDay $half): string => DayLineDrawing::of($half, $wanted->upright, $style), [HalfOfDay::Am, HalfOfDay::Pm]),
        ]);

        return $this->pdf->whole([$page], $teacher, $wanted->upright ? 'day-upright.pdf' : 'day.pdf');
    }
}
