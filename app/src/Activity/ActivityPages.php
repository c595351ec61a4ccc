<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Rostik\App\Printing\Paper;
use Rostik\Core\Activity\Planned;
use Twig\Environment;

/** The paper of an activity: a page for the teacher, and all that is cut, for every group. One template in print/activity for each sort of numbers. */
final readonly class ActivityPages
{
    public function __construct(private Environment $twig)
    {
    }

    /** @param string $root where stylesheets are found from: "/" for the browser, "" for the PDF */
    public function html(Planned $planned, Paper $paper, string $root): string
    {
        return $this->twig->render('print/activity.html.twig', ['planned' => $planned, 'numbers' => $planned->made->numbers, 'paper' => $paper, 'root' => $root]);
    }
}
