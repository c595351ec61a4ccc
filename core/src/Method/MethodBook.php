<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Sum;

/** All methods: every class in this folder. */
final readonly class MethodBook
{
    /** @var list<Method> by id */
    private array $methods;

    /** @param iterable<Method> $methods in any order */
    public function __construct(private Forms $forms, iterable $methods)
    {
        $byId = [];
        foreach ($methods as $method) {
            $byId[$method->id()] = $method;
        }
        ksort($byId);
        $this->methods = array_values($byId);
    }

    /** @return list<string> the id of every method there is */
    public function ids(): array
    {
        return array_map(static fn (Method $m): string => $m->id(), $this->methods);
    }

    /** @return list<Chosen> the methods that apply, the one that suits these numbers best first */
    public function choose(Sum $sum, Writer $writer): array
    {
        $plain = $sum->plain();
        $turned = $plain === $sum ? '' : $this->forms->of($plain)->turnedRound($plain, $writer);
        $chosen = [];
        foreach ($this->methods as $method) {
            $suit = $method->suits($plain, $writer);
            if (null !== $suit) {
                $chosen[] = new Chosen($method, $suit, $plain, $turned);
            }
        }
        usort($chosen, static fn (Chosen $a, Chosen $b): int => $b->suit->score <=> $a->suit->score);

        return $chosen;
    }

    /** @return list<Working> in the same order */
    public function work(Sum $sum, Writer $writer): array
    {
        return array_map(static fn (Chosen $c): Working => $c->work($writer), $this->choose($sum, $writer));
    }
}
