<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Rostik\App\Account\Teacher;
use Rostik\App\Activity\ActivityPages;
use Rostik\App\Printing\Paper;
use Rostik\App\Printing\Printing;
use Rostik\App\Printing\PrintPart;
use Rostik\App\Printing\PrintRequest;
use Rostik\App\Sheet\Sheets;
use Rostik\Core\Activity\Material;
use Rostik\Core\Activity\NoSuchActivity;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Plan\Facts;
use Rostik\Core\Plan\Part;
use Rostik\Core\Plan\PartKind;
use Rostik\Core\Plan\Playing;
use Rostik\Core\Sheet\Layout;
use Rostik\Core\Skill\Level;
use Rostik\Core\Work\Workbench;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Twig\Environment;

/** The paper of a lesson: all that must be ready, in one go; and a page from which somebody else can teach it. */
final readonly class LessonPages
{
    public function __construct(
        private Lessons $lessons,
        private Sheets $sheets,
        private Printing $printing,
        private ActivityPages $activities,
        private Playing $playing,
        private Workbench $bench,
        private Environment $twig,
    ) {
    }

    /**
     * Everything that is not ready yet, as often as the class needs it: sheets by level, their key, tickets, the paper of activities.
     *
     * @return list<string> whole pages of HTML; none where nothing is missing
     */
    public function missing(PlannedLesson $lesson, Paper $paper, bool $all = false): array
    {
        $facts = $this->lessons->pace($lesson->classroom());
        $ready = $all ? [] : $lesson->ready();
        // a lesson has its sheets and its ticket once, however many parts use them
        $sheets = [];
        $pages = [];
        foreach ($this->lessons->parts($lesson) as $part) {
            if (null !== $part->activity) {
                array_push($pages, ...$this->ofActivity($part, $facts, $ready, $paper));
            } elseif (PartKind::Ticket === $part->kind && !\in_array($part->id.':tickets', $ready, true)) {
                $sheets['ticket'] ??= $this->sheet($lesson->sheets()[LessonSheets::TICKET] ?? '', (int) ceil($facts->children / Layout::Tickets->perPage()), $paper);
            } elseif (PartKind::OnYourOwn === $part->kind && !\in_array($part->id.':sheets', $ready, true)) {
                $sheets['levels'] ??= $this->levels($lesson, $paper);
            }
        }

        return [...$sheets['levels'] ?? [], ...$sheets['ticket'] ?? [], ...$pages];
    }

    /** For whoever teaches it instead: everything that is needed, and nothing about children. */
    public function substitute(PlannedLesson $lesson, Paper $paper, string $root): string
    {
        $class = $lesson->classroom();
        $facts = $this->lessons->pace($class);
        $style = $class->style();
        $played = [];
        $worked = [];
        foreach ($this->lessons->parts($lesson) as $part) {
            if (null !== $part->activity) {
                try {
                    $played[$part->id] = $this->playing->planned($part->activity, $part->group, $part->options, $part->level, $part->seed, $facts);
                } catch (NoSuchActivity) {
                    continue;
                }
            }
            $worked[$part->id] = array_map(fn (string $sum): array => [$this->lessons->shown($sum, $style), $this->answer($part, $sum, $lesson)], $part->sums);
        }

        return $this->twig->render('print/lesson.html.twig', [
            'lesson' => $this->lessons->reply($lesson),
            'day' => new \DateTimeImmutable($lesson->on()),
            'played' => $played,
            'worked' => $worked,
            'notes' => array_map(fn (PartReply $part): string => $this->withoutChildren($part->text->note, $lesson), $this->lessons->reply($lesson)->parts),
            'paper' => $paper,
            'root' => $root,
        ]);
    }

    /**
     * @param list<string> $ready
     *
     * @return list<string> its paper; nothing where all of it is ready, or it has none
     */
    private function ofActivity(Part $part, Facts $facts, array $ready, Paper $paper): array
    {
        try {
            $planned = $this->playing->planned((string) $part->activity, $part->group, $part->options, $part->level, $part->seed, $facts);
        } catch (NoSuchActivity) {
            return [];
        }
        $materials = array_map(static fn (Material $one): string => mb_substr($part->id.':'.$one->what, 0, 80), $planned->made->materials);

        return [] === array_diff($materials, $ready) ? [] : [$this->activities->html($planned, $paper, '')];
    }

    /** A note that names a child stays with the teacher. */
    private function withoutChildren(string $note, PlannedLesson $lesson): string
    {
        foreach ($lesson->classroom()->children() as $child) {
            if (1 === preg_match('/(?<![\p{L}\p{N}])'.preg_quote($child->name(), '/').'(?![\p{L}\p{N}])/iu', $note)) {
                return '';
            }
        }

        return $note;
    }

    private function answer(Part $part, string $sum, PlannedLesson $lesson): string
    {
        $bare = 1 === preg_match('/\[([^\]]+)\]$/', $sum, $in) ? $in[1] : $sum;
        try {
            return $this->bench->answer($bare, $lesson->classroom()->style())->answer->shown ?? '';
        } catch (NotUnderstood) {
            return '';
        }
    }

    /** @return list<string> the sheets of each level, and the key of all */
    private function levels(PlannedLesson $lesson, Paper $paper): array
    {
        $pages = [];
        foreach (Level::cases() as $level) {
            $id = $lesson->sheets()[$level->value] ?? null;
            $count = $lesson->levels()[$level->value] ?? 0;
            if (null !== $id && $count > 0) {
                array_push($pages, ...$this->sheet($id, $count, $paper));
            }
        }

        return $pages;
    }

    /** @return list<string> the sheet as many times as it is needed, and its key once; nothing for one that was deleted */
    private function sheet(string $id, int $times, Paper $paper): array
    {
        try {
            $sheet = $this->sheets->get($id);
        } catch (NotFoundHttpException) {
            return [];
        }
        $how = new PrintRequest($paper, PrintPart::Sheet);
        $one = $this->printing->sheets($sheet, $how);
        $key = new PrintRequest($paper, PrintPart::Key);

        return [$this->printing->html(array_merge(...array_fill(0, max(1, $times), $one)), $how, ''), $this->printing->html($this->printing->sheets($sheet, $key), $key, '')];
    }
}
