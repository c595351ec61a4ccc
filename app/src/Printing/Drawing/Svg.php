<?php

declare(strict_types=1);

namespace Rostik\App\Printing\Drawing;

/** A drawing for paper, in millimetres, black on white. */
final class Svg
{
    private string $marks = '';

    /**
     * @param float  $width  in mm
     * @param float  $height in mm
     * @param string $label  what it is, for whoever cannot see it
     * @param float  $scale  of the whole, when it is placed on the page
     */
    public function __construct(private readonly float $width, private readonly float $height, private readonly string $label, private readonly float $scale = 1.0)
    {
    }

    public function path(string $d, float $stroke = 0.3, string $fill = 'none', string $more = ''): self
    {
        $this->marks .= \sprintf('<path d="%s" stroke="#000" stroke-width="%s" fill="%s"%s/>', $d, self::n($stroke), $fill, $more);

        return $this;
    }

    /** @param float $size height of the letters in mm */
    public function text(float $x, float $y, string $text, float $size = 4.2, string $anchor = 'middle', bool $bold = false): self
    {
        $this->marks .= \sprintf(
            '<text x="%s" y="%s" font-size="%s" text-anchor="%s"%s font-family="Andika">%s</text>',
            self::n($x),
            self::n($y),
            self::n($size),
            $anchor,
            $bold ? ' font-weight="700"' : '',
            htmlspecialchars($text, \ENT_QUOTES | \ENT_XML1, 'UTF-8'),
        );

        return $this;
    }

    /** A piece of paper without anything on it. */
    public function blank(float $x, float $y, float $width, float $height): self
    {
        $this->marks .= \sprintf('<rect x="%s" y="%s" width="%s" height="%s" fill="#fff"/>', self::n($x), self::n($y), self::n($width), self::n($height));

        return $this;
    }

    public function box(float $x, float $y, float $width, float $height): self
    {
        return $this->path(\sprintf('M%s %sh%sv%sh-%sz', self::n($x), self::n($y), self::n($width), self::n($height), self::n($width)), 0.3, '#fff');
    }

    public function __toString(): string
    {
        return \sprintf(
            '<svg class="figure" width="%smm" height="%smm" viewBox="-0.3 -0.3 %s %s" role="img" aria-label="%s">%s</svg>',
            self::n($this->width * $this->scale),
            self::n($this->height * $this->scale),
            self::n($this->width + 0.6),
            self::n($this->height + 0.6),
            htmlspecialchars($this->label, \ENT_QUOTES, 'UTF-8'),
            $this->marks,
        );
    }

    public static function n(float $number): string
    {
        return rtrim(rtrim(number_format($number, 3, '.', ''), '0'), '.');
    }
}
