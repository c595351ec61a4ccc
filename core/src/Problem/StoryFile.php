<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Total;

/**
 * Reads a file of stories, written by hand. A story begins with "story" and its name; "about" and "shape" follow, a line for
 * each range ("start 6:00 a.m. to 8:30 p.m."), and any number of wordings: "-" what is known, "?" what is asked, "=" the
 * sentence that answers. "+" is a sentence that is not needed, with {count} between the numbers of "count 12 to 96"; "#" a remark. What is wrong is said with its line.
 */
final readonly class StoryFile
{
    public function __construct(private SumReader $reader)
    {
    }

    /**
     * @return list<Frame>
     *
     * @throws \DomainException with the line, when something in it is not understood
     */
    public function read(string $text, string $file = 'stories'): array
    {
        $frames = [];
        $story = null;
        foreach (explode("\n", str_replace("\r", '', $text)) as $n => $line) {
            $line = trim($line);
            if ('' === $line || '#' === $line[0]) {
                continue;
            }
            $where = \sprintf('%s, line %d', $file, $n + 1);
            [$word, $rest] = [strtok($line, ' ') ?: '', trim(substr($line, \strlen(strtok($line, ' ') ?: '')))];
            if ('story' === $word) {
                if (null !== $story) {
                    $frames[] = $this->frame($story);
                }
                if (1 !== preg_match('/^[a-z][a-z0-9-]*$/', $rest)) {
                    throw new \DomainException($where.': a story has a name in small letters, such as “story ferry-crosses”.');
                }
                $story = ['id' => $rest, 'where' => $where, 'about' => '', 'shape' => null, 'ranges' => [], 'wordings' => [], 'extras' => []];
                continue;
            }
            if (null === $story) {
                throw new \DomainException($where.': a story begins with “story” and its name.');
            }
            switch ($word) {
                case 'about': $story['about'] = $rest;
                    break;
                case 'shape':
                    $story['shape'] = Shape::tryFrom($rest) ?? throw new \DomainException(\sprintf('%s: there is no shape “%s”. There are: %s.', $where, $rest, implode(', ', array_column(Shape::cases(), 'value'))));
                    break;
                case '-': $story['wordings'][] = ['text' => $rest, 'ask' => '', 'sentence' => ''];
                    break;
                case '?':
                case '=':
                    $last = array_pop($story['wordings']) ?? throw new \DomainException($where.': what is known comes first, behind “-”.');
                    $story['wordings'][] = ['text' => $last['text'], 'ask' => '?' === $word ? $rest : $last['ask'], 'sentence' => '=' === $word ? $rest : $last['sentence']];
                    break;
                case '+': $story['extras'][] = $rest;
                    break;
                default: $story['ranges'][$word] = $this->range($word, $rest, $where);
            }
        }
        if (null !== $story) {
            $frames[] = $this->frame($story);
        }

        return $frames;
    }

    private function range(string $name, string $written, string $where): Range
    {
        if (Shape::isNumber($name)) {
            if (1 === preg_match('/^(\d+) to (\d+)$/', $written, $m) && (int) $m[1] <= (int) $m[2]) {
                return new Range((int) $m[1], (int) $m[2], false);
            }
            throw new \DomainException($where.': numbers are written like “number 3 to 8”.');
        }
        try {
            if (Shape::isTime($name)) {
                $sum = $this->reader->read($written)->sum;
                if ($sum instanceof Elapsed && $sum->start->halfSaid && $sum->end->halfSaid) {
                    return new Range($sum->start->minutes, $sum->end->minutes, true);
                }
            } else {
                $sum = $this->reader->read(str_replace(' to ', ' + ', $written))->sum;
                if ($sum instanceof Total && 2 === \count($sum->addends)) {
                    [$from, $to] = [$sum->addends[0]->duration->minutes(), $sum->addends[1]->duration->minutes()];
                    if ($from <= $to) {
                        return new Range($from, $to, false);
                    }
                }
            }
        } catch (NotUnderstood) {
            // said below, with one that works
        }
        throw new \DomainException(\sprintf('%s: “%s %s” was not understood. This works: %s.', $where, $name, $written, Shape::isTime($name) ? 'start 6:00 a.m. to 8:30 p.m.' : 'length 25 min to 1 h 50 min'));
    }

    /** @param array{id: string, where: string, about: string, shape: ?Shape, ranges: array<string, Range>, wordings: list<array{text: string, ask: string, sentence: string}>, extras: list<string>} $story */
    private function frame(array $story): Frame
    {
        $wrong = static fn (string $what): \DomainException => new \DomainException($story['where'].', story '.$story['id'].': '.$what);
        $shape = $story['shape'] ?? throw $wrong('it has no shape.');
        if ('' === $story['about']) {
            throw $wrong('“about” says what it is about.');
        }
        foreach ($shape->drawn() as $name) {
            if (!isset($story['ranges'][$name])) {
                throw $wrong(\sprintf('a line “%s …” says what is plausible.', $name));
            }
        }
        foreach (array_keys($story['ranges']) as $name) {
            if ('count' !== $name && $name !== $shape->found() && !\in_array($name, [...$shape->drawn(), ...$shape->spans()], true)) {
                throw $wrong(\sprintf('a story of the shape “%s” has no “%s”.', $shape->value, $name));
            }
        }
        $wordings = [];
        foreach ($story['wordings'] as $wording) {
            if (!str_ends_with($wording['ask'], '?') || !str_ends_with($wording['sentence'], '.') || !str_ends_with($wording['text'], '.')) {
                throw $wrong('every “-” ends with a full stop and is followed by “?” with a question and “=” with a sentence.');
            }
            $wordings[] = new Wording($wording['text'], $wording['ask'], $wording['sentence']);
        }

        return new Frame($story['id'], $story['about'], $shape, $story['ranges'], [] === $wordings ? throw $wrong('it is told in no words.') : $wordings, $story['extras']);
    }
}
