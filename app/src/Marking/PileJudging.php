<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

use Rostik\App\Sheet\QuestionText;
use Rostik\App\Sheet\SheetSettings;
use Rostik\Core\Marking\Marked;
use Rostik\Core\Marking\Marker;
use Rostik\Core\Marking\ToMark;
use Rostik\Core\Marking\Written;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Form\Hands;
use Rostik\Core\Question\Form\OneOfFour;
use Rostik\Core\Question\Form\OnTheLine;
use Rostik\Core\Timetable\Misreading;
use Rostik\Core\Timetable\NoSuchQuestion;
use Rostik\Core\Timetable\TableAsking;
use Rostik\Core\Timetable\TableLine;

/** Judges what is marked in a pile. */
final readonly class PileJudging
{
    public function __construct(private Marker $marker, private SumReader $reader, private TableAsking $tables, private MistakeBook $book)
    {
    }

    public function reply(Pile $pile): PileReply
    {
        $style = self::style($pile);
        $parts = $pile->parts();
        $ofParts = array_map(fn (PilePart $part): array => $this->toMark($part->questions(), $part->settings(), $pile, 0), $parts);
        $cells = [];
        $papers = [];
        foreach ($pile->papers() as $paper) {
            $own = $this->ownOf($paper);
            foreach ($paper->marks() as $place => $written) {
                $cells[] = $this->cell($paper, $place, $written, $own[$place] ?? (null === $own ? $ofParts[$paper->part()][$place] ?? null : null), $style);
            }
            $papers[] = new PaperReply($paper->id()->toRfc4122(), $paper->name(), $paper->child()?->id()->toRfc4122(), $paper->code(), $paper->part(), $paper->isAbsent(), null === $own ? null : array_map(fn (ToMark $one): ToMarkReply => $this->question($one, $style), $own));
        }
        $replies = [];
        foreach ($parts as $i => $part) {
            $name = \count($parts) > 1 ? ($part->settings()->level->value ?? (string) ($i + 1)) : '';
            $replies[] = new PilePartReply($name, $part->sheet()?->toRfc4122(), array_map(fn (ToMark $one): ToMarkReply => $this->question($one, $style), $ofParts[$i] ?? []));
        }

        return new PileReply(
            $pile->id()->toRfc4122(),
            $pile->title(),
            $pile->onDay()->format('Y-m-d'),
            $pile->classroom()?->name() ?? '',
            $pile->classroom()?->id()->toRfc4122(),
            $pile->isByChildren(),
            $pile->doesNearlyCount(),
            $pile->revision(),
            $replies,
            $papers,
            $cells,
            $this->causes($replies, $papers, $style),
        );
    }

    /**
     * What was marked, or taken back, after a revision.
     *
     * @return list<CellReply>
     */
    public function cellsSince(Pile $pile, int $revision): array
    {
        $style = self::style($pile);
        $ofParts = [];
        $cells = [];
        foreach ($pile->papers() as $paper) {
            $changed = $paper->changedSince($revision);
            if ([] === $changed) {
                continue;
            }
            $part = $pile->parts()[$paper->part()] ?? null;
            $toMark = $this->ownOf($paper) ?? ($ofParts[$paper->part()] ??= null === $part ? [] : $this->toMark($part->questions(), $part->settings(), $pile, 0));
            $marks = $paper->marks();
            foreach ($changed as $place) {
                $cells[] = isset($marks[$place]) ? $this->cell($paper, $place, $marks[$place], $toMark[$place] ?? null, $style) : new CellReply($paper->id()->toRfc4122(), $place, '', null, null, null);
            }
        }

        return $cells;
    }

    /**
     * What is to be said of answers that are not kept.
     *
     * @param list<CellRequest> $cells
     *
     * @return list<CellReply>
     */
    public function said(Pile $pile, array $cells): array
    {
        $said = [];
        foreach ($pile->papers() as $paper) {
            foreach ($cells as $cell) {
                if (strtolower($cell->paper) !== $paper->id()->toRfc4122()) {
                    continue;
                }
                $part = $pile->parts()[$paper->part()] ?? null;
                $own = $paper->own();
                $text = ($own ?? $part?->questions() ?? [])[$cell->question] ?? null;
                $toMark = null === $text || null === $part ? null : $this->one($text, $part->settings(), $pile, $paper->moved(), $cell->question);
                $said[] = $this->cell($paper, $cell->question, new Written(trim($cell->given), $cell->sign, $cell->over), $toMark, self::style($pile));
            }
        }

        return $said;
    }

    /** @return ?list<ToMark> null where it has no questions of its own */
    public function ownOf(Paper $paper): ?array
    {
        $own = $paper->own();
        $part = $paper->pile()->parts()[$paper->part()] ?? null;

        return null === $own || null === $part ? null : $this->toMark($own, $part->settings(), $paper->pile(), $paper->moved());
    }

    /**
     * @param list<QuestionText> $questions
     * @param int                $moved     minutes by which the timetable is later
     *
     * @return list<ToMark>
     */
    public function toMark(array $questions, SheetSettings $settings, Pile $pile, int $moved): array
    {
        return array_map(fn (QuestionText $text, int $i): ToMark => $this->one($text, $settings, $pile, $moved, $i), $questions, array_keys($questions));
    }

    /** @param int $place of the question, from 0 */
    private function one(QuestionText $text, SheetSettings $settings, Pile $pile, int $moved, int $place): ToMark
    {
        $manner = $settings->manner($pile->classroom()?->methods() ?? [], self::style($pile));
        try {
            return TableLine::is($text->sum)
                ? $this->marker->read($this->tables->ask($text->sum, $settings->table?->table()?->later($moved), Writer::marked($manner->style)))
                : $this->marker->question($text->read($this->reader), $manner, $place + 1);
        } catch (NotUnderstood|NoSuchQuestion) {
            return new ToMark('' === $text->wording ? $text->sum : $text->wording, null, null, '', []);
        }
    }

    /** An answer of a paper, as it is marked; null where the paper has no such question. */
    public function marked(Paper $paper, int $place, Written $written): ?Marked
    {
        $part = $paper->pile()->parts()[$paper->part()] ?? null;
        $text = ($paper->own() ?? $part?->questions() ?? [])[$place] ?? null;

        return null === $text || null === $part ? null : $this->marker->mark($this->one($text, $part->settings(), $paper->pile(), $paper->moved(), $place), $written, $paper->pile()->doesNearlyCount());
    }

    private function cell(Paper $paper, int $place, Written $written, ?ToMark $question, Style $style): CellReply
    {
        $marked = $this->marker->mark($question ?? new ToMark('', null, null, '', []), $written, $paper->pile()->doesNearlyCount());

        return new CellReply(
            $paper->id()->toRfc4122(),
            $place,
            $written->given,
            $written->sign,
            $written->over,
            $marked->counts,
            $marked->judgement?->verdict,
            $marked->judgement?->given?->shown($style) ?? '',
            $marked->fits,
            $marked->judgement->slip ?? false,
            $marked->followed,
        );
    }

    private function question(ToMark $one, Style $style): ToMarkReply
    {
        $usual = [];
        foreach ($one->predicted as $id => $given) {
            $usual[$given->shown($style)][] = $id;
        }
        foreach ($one->misread as $id => $text) {
            $usual[$text][] = $id;
        }
        $replies = [];
        foreach ($usual as $text => $fits) {
            $replies[] = new UsualAnswer((string) $text, $fits);
        }

        return new ToMarkReply($one->asked, $one->answer, $replies, $one->form instanceof OneOfFour ? array_map(static fn ($choice): string => $choice->text, $one->form->choices) : [], $one->form instanceof Hands || $one->form instanceof OnTheLine);
    }

    /**
     * @param list<PilePartReply> $parts
     * @param list<PaperReply>    $papers
     *
     * @return list<CauseReply>
     */
    private function causes(array $parts, array $papers, Style $style): array
    {
        $ids = [];
        foreach ([...array_map(static fn (PilePartReply $part): array => $part->questions, $parts), ...array_map(static fn (PaperReply $paper): array => $paper->own ?? [], $papers)] as $questions) {
            foreach ($questions as $question) {
                foreach ($question->usual as $usual) {
                    $ids += array_flip($usual->fits);
                }
            }
        }

        return array_map(fn (string $id): CauseReply => $this->cause($id, $style), array_map(strval(...), array_keys($ids)));
    }

    public function cause(string $id, Style $style): CauseReply
    {
        $cause = Misreading::tryFrom($id) ?? $this->book->mistake($id);

        return new CauseReply($id, $style->signs($cause->may()), $style->signs($cause->look()));
    }

    public static function style(Pile $pile): Style
    {
        return $pile->classroom()?->style() ?? new Style();
    }
}
