<?php

declare(strict_types=1);

namespace Rostik\App\Storage;

/** Files in a zip, by way of one on the disk that is gone afterwards. */
final class ZipFile
{
    /**
     * @param array<string, string> $files contents by name
     *
     * @return string the bytes of the zip
     */
    public static function of(array $files): string
    {
        return self::withFile(static function (string $path) use ($files): string {
            $zip = new \ZipArchive();
            $zip->open($path, \ZipArchive::CREATE | \ZipArchive::OVERWRITE);
            foreach ($files as $name => $contents) {
                $zip->addFromString($name, $contents);
            }
            $zip->close();

            return (string) file_get_contents($path);
        });
    }

    /** One file of a zip, or null where it has none of that name, in whatever folder, or one that is larger. */
    public static function read(string $bytes, string $name, int $largest): ?string
    {
        return self::withFile(static function (string $path) use ($bytes, $name, $largest): ?string {
            file_put_contents($path, $bytes);
            $zip = new \ZipArchive();
            if (true !== $zip->open($path, \ZipArchive::RDONLY)) {
                return null;
            }
            $at = $zip->numFiles > 20_000 ? false : $zip->locateName($name, \ZipArchive::FL_NODIR | \ZipArchive::FL_NOCASE);
            $about = false === $at ? false : $zip->statIndex($at);
            // what it says of its size is not trusted: no more than that is read
            $contents = false === $about || $about['size'] > $largest ? false : $zip->getFromIndex((int) $at, $largest + 1);

            return false === $contents || \strlen($contents) > $largest ? null : $contents;
        });
    }

    /**
     * @template T
     *
     * @param \Closure(string): T $do
     *
     * @return T
     */
    private static function withFile(\Closure $do): mixed
    {
        $path = tempnam(sys_get_temp_dir(), 'zip');
        if (false === $path) {
            throw new \RuntimeException('There is no room for a file.');
        }
        try {
            return $do($path);
        } finally {
            unlink($path);
        }
    }
}
