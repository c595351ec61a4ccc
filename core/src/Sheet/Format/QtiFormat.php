<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet\Format;

use Rostik\Core\Question\Question;
use Rostik\Core\Sheet\PlainSheet;

/**
 * IMS Question and Test Interoperability 2.1 (IMS Global, 2012), a documented subset: one XML file, an `assessmentTest`
 * whose section holds each question as an `assessmentItem` with a `textEntryInteraction`, its right answer in
 * `correctResponse`. The sum itself stands in the item's `label`, so that what is written reads back the same; an item of
 * another program that has no label is read from its text. What stands apart at the end is in a section of its own whose
 * identifier begins with "challenge". Items of other kinds of interaction are refused.
 */
final readonly class QtiFormat implements Format
{
    private const NS = 'http://www.imsglobal.org/xsd/imsqti_v2p1';

    /** The largest file that is read, in bytes. */
    private const LARGEST = 1_000_000;

    public function __construct(private Intake $intake)
    {
    }

    public function id(): string
    {
        return 'qti';
    }

    public function mediaType(): string
    {
        return 'application/xml; charset=UTF-8';
    }

    public function extension(): string
    {
        return 'xml';
    }

    public static function precedence(): int
    {
        return 30;
    }

    public function begins(string $start): bool
    {
        return str_starts_with($start, '<');
    }

    public function write(PlainSheet $sheet): string
    {
        $xml = new \XMLWriter();
        $xml->openMemory();
        $xml->setIndent(true);
        $xml->setIndentString('  ');
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElement('assessmentTest');
        self::attributes($xml, ['xmlns' => self::NS, 'identifier' => 'sheet', 'title' => $sheet->title]);
        $xml->startElement('testPart');
        self::attributes($xml, ['identifier' => 'part', 'navigationMode' => 'nonlinear', 'submissionMode' => 'simultaneous']);
        self::section($xml, true === ($sheet->questions[0]->challenge ?? false) ? 'challenge' : 'section', $sheet->title);
        foreach ($sheet->questions as $i => $question) {
            if (0 !== $i && $question->challenge !== $sheet->questions[$i - 1]->challenge) {
                $xml->endElement();
                self::section($xml, ($question->challenge ? 'challenge' : 'section').($i + 1), $question->challenge ? 'Challenge' : $sheet->title);
            }
            $this->writeItem($xml, $i + 1, $question);
        }
        $xml->endDocument();

        return $xml->outputMemory();
    }

    private static function section(\XMLWriter $xml, string $identifier, string $title): void
    {
        $xml->startElement('assessmentSection');
        self::attributes($xml, ['identifier' => $identifier, 'title' => $title, 'visible' => 'true']);
    }

    private function writeItem(\XMLWriter $xml, int $number, Question $question): void
    {
        $sum = $this->intake->text($question->sum);
        $answer = $this->intake->answer($question->sum);
        $xml->startElement('assessmentItem');
        self::attributes($xml, ['identifier' => 'q'.$number, 'title' => 'Question '.$number, 'label' => $sum, 'adaptive' => 'false', 'timeDependent' => 'false']);
        $xml->startElement('responseDeclaration');
        self::attributes($xml, ['identifier' => 'RESPONSE', 'cardinality' => 'single', 'baseType' => 'string']);
        if ('' !== $answer) {
            $xml->startElement('correctResponse');
            $xml->writeElement('value', $answer);
            $xml->endElement();
        }
        $xml->endElement();
        $xml->startElement('itemBody');
        $xml->writeElement('p', '' === $question->wording ? $sum : $question->wording);
        $xml->startElement('p');
        $xml->startElement('textEntryInteraction');
        self::attributes($xml, ['responseIdentifier' => 'RESPONSE']);
        $xml->endElement();
        $xml->endElement();
        $xml->endElement();
        $xml->endElement();
    }

    /** @param array<string, string> $values by name */
    private static function attributes(\XMLWriter $xml, array $values): void
    {
        foreach ($values as $name => $value) {
            $xml->writeAttribute($name, $value);
        }
    }

    public function read(string $text): PlainSheet
    {
        if (\strlen($text) > self::LARGEST) {
            throw Refused::whole('This file is larger than a sheet can be.');
        }
        $text = self::decoded($text);
        // a document type could name things outside the file, or make much of little
        if (1 === preg_match('/<!(?:DOCTYPE|ENTITY)/i', $text)) {
            throw Refused::whole('This file has a document type, which is not read.');
        }
        $document = new \DOMDocument();
        $errors = libxml_use_internal_errors(true);
        try {
            $loaded = '' !== trim($text) && $document->loadXML($text, \LIBXML_NONET);
            $error = libxml_get_last_error();
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($errors);
        }
        if (null !== $document->doctype) {
            throw Refused::whole('This file has a document type, which is not read.');
        }
        if (!$loaded || null === $document->documentElement) {
            throw new Refused([new Fault(false === $error ? 0 : $error->line, 'This is not well-formed XML.'.(false === $error ? '' : ' '.trim($error->message)))]);
        }
        $lines = $this->intake->lines();
        foreach ($document->getElementsByTagName('assessmentItem') as $item) {
            $this->item($item, $lines);
        }

        return $lines->sheet($document->documentElement->getAttribute('title'));
    }

    /**
     * The same in UTF-8 without a declaration of its own, so that what is looked at here is what the parser sees.
     *
     * @throws Refused for what is in no encoding that XML processors must read (XML 1.0, 4.3.3: UTF-8 and UTF-16)
     */
    private static function decoded(string $text): string
    {
        $text = match (true) {
            str_starts_with($text, "\xFF\xFE") => (string) mb_convert_encoding(substr($text, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($text, "\xFE\xFF") => (string) mb_convert_encoding(substr($text, 2), 'UTF-8', 'UTF-16BE'),
            str_starts_with($text, "\xEF\xBB\xBF") => substr($text, 3),
            default => $text,
        };
        $declaration = 1 === preg_match('/^\s*<\?xml\b[^>]{0,300}?\?>/', $text, $m) ? $m[0] : '';
        $named = 1 === preg_match('/encoding\s*=\s*["\']([^"\']*)/', $declaration, $e) ? strtolower($e[1]) : 'utf-8';
        if (!mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0") || !\in_array($named, ['utf-8', 'us-ascii', 'utf-16'], true)) {
            throw Refused::whole('This file is in an encoding that is not read. Save it as UTF-8.');
        }

        return str_repeat("\n", substr_count($declaration, "\n")).substr($text, \strlen($declaration));
    }

    private function item(\DOMElement $item, QuestionsRead $lines): void
    {
        $line = $item->getLineNo();
        for ($above = $item->parentNode; null !== $above; $above = $above->parentNode) {
            if ('assessmentItem' === $above->localName) {
                $lines->refuse($line, 'A question stands inside another.');

                return;
            }
        }
        if (0 === $item->getElementsByTagName('textEntryInteraction')->length) {
            $lines->refuse($line, 'Only questions with a text to enter are read (textEntryInteraction).');

            return;
        }
        $body = $item->getElementsByTagName('itemBody')->item(0);
        $said = trim(preg_replace('/\s+/u', ' ', $body->textContent ?? '') ?? '');
        $label = trim($item->getAttribute('label'));
        $key = $item->getElementsByTagName('correctResponse')->item(0);
        $key = null === $key ? null : trim($key->textContent);
        $section = $item->parentNode;
        $challenge = $section instanceof \DOMElement && str_starts_with($section->getAttribute('identifier'), 'challenge');
        if ('' === $label) {
            $lines->add($line, $said, '', $key, $challenge);
        } else {
            $lines->add($line, $label, $said === $label ? '' : $said, $key, $challenge);
        }
    }
}
