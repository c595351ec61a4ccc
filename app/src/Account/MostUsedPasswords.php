<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * The passwords that are used most, some 49 000, from the lists of @zxcvbn-ts/language-common (MIT). OWASP ASVS 5.0, 6.2.4
 * asks for the first 3000 of the length that is allowed; here whatever is one of them with numbers, signs or a change of
 * letters that everybody knows counts as one, too.
 */
final readonly class MostUsedPasswords
{
    /** A word shorter than this stands in too many others. */
    private const SHORTEST = 4;

    /** Letters as they are written otherwise. */
    private const OTHERWISE = ['@' => 'a', '4' => 'a', '8' => 'b', '3' => 'e', '6' => 'g', '1' => 'i', '!' => 'i', '0' => 'o', '5' => 's', '$' => 's', '7' => 't', '2' => 'z'];

    public function __construct(#[Autowire('%kernel.project_dir%/../vendor/most-used-passwords.txt')] private string $file)
    {
    }

    /** @throws \RuntimeException where the list is not there: ./rostik setup writes it */
    public function has(#[\SensitiveParameter] string $password): bool
    {
        $list = "\n".(is_readable($this->file) ? file_get_contents($this->file) : throw new \RuntimeException('The list of the most used passwords is missing: ./rostik setup writes it.'));
        foreach ($this->plain($password) as $one) {
            if (str_contains($list, "\n".$one."\n")) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> the password, and what is left without what is often put around or into it */
    private function plain(#[\SensitiveParameter] string $password): array
    {
        $small = mb_strtolower(str_replace(["\r", "\n"], '', $password));
        $bare = preg_replace('/^[\d\W_]+|[\d\W_]+$/u', '', $small) ?? '';
        $read = strtr($small, self::OTHERWISE);
        $all = [$small, $bare, $read, strtr($bare, self::OTHERWISE), preg_replace('/^[\d\W_]+|[\d\W_]+$/u', '', $read) ?? ''];
        foreach ($all as $one) {
            // said twice, or backwards
            $half = intdiv(mb_strlen($one), 2);
            if ($half >= self::SHORTEST && mb_substr($one, 0, $half) === mb_substr($one, -$half) && 0 === mb_strlen($one) % 2) {
                $all[] = mb_substr($one, 0, $half);
            }
            $all[] = implode('', array_reverse(mb_str_split($one)));
        }

        return array_values(array_unique(array_filter($all, static fn (string $one): bool => mb_strlen($one) >= self::SHORTEST)));
    }
}
