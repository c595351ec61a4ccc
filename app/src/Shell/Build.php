<?php

declare(strict_types=1);

namespace Rostik\App\Shell;

/** The built scripts and styles of the browser application, as Vite's manifest lists them. */
final readonly class Build
{
    public function __construct(private string $manifest)
    {
    }

    /** @return list<string> the scripts to load, by address */
    public function scripts(): array
    {
        $file = $this->entry()['file'] ?? null;

        return \is_string($file) ? ['/build/'.$file] : [];
    }

    /** @return list<string> the styles to load, by address */
    public function styles(): array
    {
        $files = $this->entry()['css'] ?? [];
        $styles = [];
        foreach (\is_array($files) ? $files : [] as $file) {
            if (\is_string($file)) {
                $styles[] = '/build/'.$file;
            }
        }

        return $styles;
    }

    /** @return array<mixed> */
    private function entry(): array
    {
        $json = is_file($this->manifest) ? file_get_contents($this->manifest) : false;
        $manifest = json_decode(false === $json ? '{}' : $json, true);
        $entry = \is_array($manifest) ? ($manifest['src/main.tsx'] ?? []) : [];

        return \is_array($entry) ? $entry : [];
    }
}
