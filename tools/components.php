<?php

declare(strict_types=1);

/*
 * What Rostik is made of: every package from elsewhere with its version and licence, as CycloneDX 1.5 in JSON
 * (ECMA-424; https://cyclonedx.org/docs/1.5/json/). Read from what Composer and npm have installed and, for the servers, from
 * dpkg, whose licences stand in /usr/share/doc/PACKAGE/copyright. Written by ./rostik setup to vendor/components.cdx.json.
 *
 * php tools/components.php [FILE]
 */

$root = dirname(__DIR__);

/** @return array<mixed> */
function readJson(string $file): array
{
    $found = json_decode((string) file_get_contents($file), true, 512, \JSON_THROW_ON_ERROR);

    return is_array($found) ? $found : throw new RuntimeException($file.' is no list.');
}

/**
 * @param list<string> $licences SPDX names or expressions; none where the package says nothing
 *
 * @return array<string, mixed>
 */
function component(string $purl, string $group, string $name, string $version, array $licences, bool $shipped): array
{
    $isOne = static fn (string $licence): bool => 1 !== preg_match('/ (?:AND|OR|WITH) |[() ]/', $licence);
    $said = match (true) {
        [] === $licences => [],
        1 === count($licences) && !$isOne($licences[0]) => [['expression' => trim($licences[0], '()')]],
        default => array_map(static fn (string $one): array => ['license' => 'proprietary' === $one ? ['name' => $one] : ['id' => $one]], $licences),
    };

    return array_filter([
        'type' => 'library', 'bom-ref' => $purl, 'group' => $group, 'name' => $name, 'version' => $version,
        'scope' => $shipped ? 'required' : 'excluded', 'licenses' => $said, 'purl' => $purl,
    ], static fn (mixed $value): bool => '' !== $value && [] !== $value);
}

$components = [];
$installed = readJson($root.'/vendor/composer/installed.json');
foreach ($installed['packages'] as $package) {
    [$group, $name] = explode('/', $package['name']);
    $version = ltrim($package['version'], 'v');
    $components[] = component("pkg:composer/$group/$name@$version", $group, $name, $version, $package['license'] ?? [], !in_array($package['name'], $installed['dev-package-names'] ?? [], true));
}
foreach (['web', 'e2e'] as $folder) {
    foreach (readJson("$root/$folder/package-lock.json")['packages'] as $path => $package) {
        $full = preg_replace('~^.*node_modules/~', '', $path) ?? '';
        if ('' === $full || isset($package['link'])) {
            continue;
        }
        [$group, $name] = str_starts_with($full, '@') ? explode('/', $full) : ['', $full];
        $version = $package['version'];
        $purl = 'pkg:npm/'.('' === $group ? '' : rawurlencode($group).'/')."$name@$version";
        $licence = $package['license'] ?? null;
        $components[] = component($purl, $group, $name, $version, is_string($licence) ? [$licence] : [], 'web' === $folder && !($package['dev'] ?? false));
    }
}
// the servers that ./rostik installs by name
preg_match_all('/"[^":]+:([a-z0-9.+-]+)"/', (string) preg_replace('/^.*?\nneeds=\((.*?)\n\).*$/s', '$1', (string) file_get_contents($root.'/rostik')), $needs);
foreach (array_unique($needs[1]) as $name) {
    $version = trim((string) shell_exec('dpkg-query -W -f \'${Version}\' '.escapeshellarg($name).' 2>/dev/null'));
    if ('' !== $version) {
        $components[] = ['type' => 'application', 'bom-ref' => "pkg:deb/debian/$name@".rawurlencode($version), 'name' => $name, 'version' => $version, 'scope' => 'required', 'purl' => "pkg:deb/debian/$name@".rawurlencode($version)];
    }
}
$components = array_values(array_column($components, null, 'bom-ref'));
usort($components, static fn (array $a, array $b): int => $a['bom-ref'] <=> $b['bom-ref']);
$bom = [
    '$schema' => 'http://cyclonedx.org/schema/bom-1.5.schema.json', 'bomFormat' => 'CycloneDX', 'specVersion' => '1.5', 'version' => 1,
    'metadata' => ['component' => ['type' => 'application', 'bom-ref' => 'rostik', 'name' => 'rostik', 'licenses' => [['license' => ['name' => 'proprietary', 'url' => 'LICENCE.md']]]]],
    'components' => $components,
];
$file = $argv[1] ?? $root.'/vendor/components.cdx.json';
file_put_contents($file.'.new', json_encode($bom, \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE)."\n");
rename($file.'.new', $file);
