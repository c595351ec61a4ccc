<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/**
 * A typed line with the many shapes of one sign evened out, in lower case: dashes, spaces, quotes, digits of any script,
 * full-width signs (Unicode NFKC, by the intl extension); bullets and the number of a question blanked out. It remembers
 * where in the typed text each byte came from.
 */
final readonly class Evened
{
    /** One sign each for those that people use alike; a fraction stays one character, which NFKC would take apart. */
    private const SAME = [
        '’' => '\'', '‘' => '\'', 'ʼ' => '\'', '`' => '\'', '´' => '\'', '“' => ' ', '”' => ' ', '„' => ' ', '«' => ' ', '»' => ' ', '"' => ' ',
        '−' => '-', '×' => '*', '✕' => '*', '✖' => '*', '⨯' => '*', '⋅' => '*', '·' => '.', '∶' => ':', '÷' => '/', '∕' => '/', '⁄' => '/', '➗' => '/', '➕' => '+', '➖' => '-',
        '…' => '_', '□' => '_', '○' => '_', '◯' => '_', '⬜' => '_', '☐' => '_', '▢' => '_', '◻' => '_', '⃝' => '_',
        '→' => '>', '➔' => '>', '➜' => '>', '⟶' => '>', '⇒' => '>', '≤' => '<', '≥' => '>',
    ];

    /** What may stand before a question: a bullet; 3. 3) (3) a) (iv) Q3. No. 3: Question 3 */
    private const LABEL = '~^\s*(?:(?:[-•‣◦▪●◆■➢*>]|\[\s?\](?!\s*[-+x*/=]))\s+)?(?:(?:q(?:uestion|n)?|no|ex)\.?\s*\d{1,3}\s*[.):]?\s+(?=\S)|\(\s?(?:\d{1,3}|[a-z]|[ivx]{1,4})\s?\)|(?:\d{1,3}|[a-z]|[ivx]{1,4})\)|(?:\d{1,2}|[a-z]|[ivx]{1,4})\.\s+(?![ap]?m\b)(?=\S)|\#\d{1,3}\s+)?~u';

    /** @param ?list<int> $from for each byte of the text the character, from 0, of the typed text; null where they are the same */
    private function __construct(public string $text, private ?array $from, private int $length)
    {
    }

    public static function of(string $typed): self
    {
        if (1 !== preg_match('/[^\x20-\x7e]/', $typed)) {
            $text = strtolower(strtr($typed, ['"' => ' ', '`' => '\'']));

            return new self(self::unlabelled($text), null, \strlen($typed));
        }
        $text = '';
        $from = [];
        $characters = mb_str_split(mb_check_encoding($typed, 'UTF-8') ? $typed : mb_scrub($typed, 'UTF-8'), 1, 'UTF-8');
        foreach ($characters as $i => $character) {
            $evened = \strlen($character) < 2 ? strtr($character, ['"' => ' ', '`' => '\'']) : self::character($character);
            $text .= $evened;
            for ($n = \strlen($evened); $n > 0; --$n) {
                $from[] = $i;
            }
        }
        $lower = mb_strtolower($text, 'UTF-8');

        // a capital whose small letter is longer or shorter is no word of ours
        return new self(self::unlabelled(\strlen($lower) === \strlen($text) ? $lower : strtolower($text)), $from, \count($characters));
    }

    /** An answer that was written down, evened out in the same way; what is a label before a question may be an answer. */
    public static function answer(string $written): string
    {
        return implode('', array_map(static fn (string $c): string => \strlen($c) < 2 ? $c : self::character($c), mb_str_split(mb_check_encoding($written, 'UTF-8') ? $written : mb_scrub($written, 'UTF-8'), 1, 'UTF-8')));
    }

    /** The character of the typed text, from 0, from which this byte of the evened text came; its length beyond the end. */
    public function place(int $byte): int
    {
        return null === $this->from ? min($byte, $this->length) : ($this->from[$byte] ?? $this->length);
    }

    private static function character(string $character): string
    {
        if (isset(self::SAME[$character])) {
            return self::SAME[$character];
        }
        if (1 === preg_match('/^\p{Nd}$/u', $character)) {
            return (string) \IntlChar::charDigitValue($character);
        }
        if (1 === preg_match('/^\p{Pd}$/u', $character)) {
            return '-';
        }
        if (1 === preg_match('/^[\p{Z}\p{Cc}]$/u', $character)) {
            return ' ';
        }
        if (1 === preg_match('/^\p{Cf}$/u', $character)) {
            return '';
        }
        if (1 === preg_match('/^\p{No}$/u', $character)) {
            // a number in a circle is that of a question; a raised one is not to be guessed at
            return 1 === preg_match('/^[\x{2460}-\x{24ff}\x{2776}-\x{2793}]$/u', $character) ? ' ' : $character;
        }
        $normal = \Normalizer::normalize($character, \Normalizer::FORM_KC);

        return \is_string($normal) ? strtr($normal, self::SAME) : $character;
    }

    /** The number of the question and brackets are no part of the sum; blanks in their place keep every other place. */
    private static function unlabelled(string $text): string
    {
        $plain = preg_replace_callback(self::LABEL, static fn (array $m): string => str_repeat(' ', \strlen($m[0])), $text, 1) ?? $text;

        // brackets with nothing in them are a blank to be filled in; others say nothing
        $plain = preg_replace_callback('~\(\s*\)|\[\s*\]|\{\s*\}~', static fn (array $m): string => str_pad('_', \strlen($m[0]), ' '), $plain) ?? $plain;

        return strtr($plain, '()[]{}', '      ');
    }
}
