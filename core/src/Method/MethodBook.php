<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\WithGap;

/** All methods: whatever class stands in this folder. */
final readonly class MethodBook
{
    /** @var list<Method> */
    private array $methods;

    public function __construct(Method ...$methods)
    {
        $this->methods = array_values($methods);
    }

    public static function standard(): self
    {
        $methods = [];
        foreach (glob(__DIR__.'/*Method.php') ?: [] as $file) {
            $class = __NAMESPACE__.'\\'.basename($file, '.php');
            $method = class_exists($class) ? new $class() : null;
            if ($method instanceof Method) {
                $methods[] = $method;
            }
        }

        return new self(...$methods);
    }

    /** @return list<string> the id of every method there is */
    public static function ids(): array
    {
        return array_map(static fn (Method $m): string => $m->id(), self::standard()->methods);
    }

    /** @return list<Chosen> the methods that apply, the one that suits these numbers best first */
    public function choose(Sum $sum): array
    {
        $plain = $sum instanceof WithGap ? $sum->turnedRound() : $sum;
        $chosen = [];
        foreach ($this->methods as $method) {
            $suit = $method->suits($plain);
            if (null !== $suit) {
                $chosen[] = new Chosen($method, $suit, $plain, $sum instanceof WithGap);
            }
        }
        usort($chosen, static fn (Chosen $a, Chosen $b): int => $b->suit->score <=> $a->suit->score);

        return $chosen;
    }

    /** @return list<Working> in the same order */
    public function work(Sum $sum, Writer $writer): array
    {
        return array_map(static fn (Chosen $c): Working => $c->work($writer), $this->choose($sum));
    }
}
