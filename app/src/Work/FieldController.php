<?php

declare(strict_types=1);

namespace Rostik\App\Work;

use Psr\Clock\ClockInterface;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\TypedField;
use Rostik\Core\Time\CalendarDate;
use Rostik\Core\Time\NoSuchDate;
use Rostik\Core\Time\TimeOfDay;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Reads days and times that are typed into forms, in the class's way of writing. */
final readonly class FieldController
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /** A {@see FieldReply}; 422 with what was not understood, and with what would fit. */
    #[Route('/api/field', name: 'api_field', methods: ['POST'])]
    public function read(#[MapRequestPayload] FieldRequest $asked, Request $request): Response
    {
        $field = new TypedField(WantedStyle::of($request->toArray()['style'] ?? null));
        if ('time' === $asked->kind) {
            $minutes = ($field->time($asked->text) + $asked->by + TimeOfDay::DAY) % TimeOfDay::DAY;

            return new JsonResponse(new FieldReply(\sprintf('%02d:%02d', intdiv($minutes, 60), $minutes % 60), $field->writtenTime($minutes)));
        }
        $today = self::iso($this->clock->now()->format('Y-m-d'));
        $day = $field->day($asked->text, $today);
        if (0 !== $asked->by) {
            try {
                $day = CalendarDate::ofNumber($day->number() + $asked->by);
            } catch (NoSuchDate $none) {
                throw new NotUnderstood('no-day', $none->getMessage(), 0, $field->writtenDay($today));
            }
        }
        $value = \sprintf('%04d-%02d-%02d', $day->year, $day->month, $day->day);
        if (null !== $asked->least && $value < $asked->least) {
            throw new NotUnderstood('too-early', \sprintf('%s is too early. The first day that fits is %s.', $field->writtenDay($day), $field->writtenDay(self::iso($asked->least))), 0, $field->writtenDay(self::iso($asked->least)));
        }
        if (null !== $asked->most && $value > $asked->most) {
            throw new NotUnderstood('too-late', \sprintf('%s is too late. The last day that fits is %s.', $field->writtenDay($day), $field->writtenDay(self::iso($asked->most))), 0, $field->writtenDay(self::iso($asked->most)));
        }

        return new JsonResponse(new FieldReply($value, $field->writtenDay($day)));
    }

    /** @param string $iso checked before: 2026-11-26 */
    private static function iso(string $iso): CalendarDate
    {
        [$year, $month, $day] = array_map(intval(...), explode('-', $iso));

        return CalendarDate::of($year, $month, $day);
    }
}
