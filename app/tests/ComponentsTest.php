<?php

declare(strict_types=1);

namespace Rostik\App\Tests;

use PHPUnit\Framework\TestCase;

/** The list of what Rostik is made of, held against what lies in the folders. */
final class ComponentsTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    public function testEveryPackageStandsInItWithItsVersionAndLicence(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'components');
        exec(\PHP_BINARY.' '.escapeshellarg(self::ROOT.'/tools/components.php').' '.escapeshellarg($file), result_code: $code);
        self::assertSame(0, $code);
        /** @var array{bomFormat: string, specVersion: string, components: list<array{type: string, name: string, group?: string, version: string, purl: string, licenses?: list<mixed>}>} $list */
        $list = json_decode((string) file_get_contents($file), true, 512, \JSON_THROW_ON_ERROR);
        unlink($file);
        self::assertSame(['CycloneDX', '1.5'], [$list['bomFormat'], $list['specVersion']]);
        $named = [];
        foreach ($list['components'] as $one) {
            $named[(isset($one['group']) ? $one['group'].'/' : '').$one['name']] = $one;
            self::assertMatchesRegularExpression('~^pkg:(?:composer|npm|deb)/[^@ ]+@\S+$~', $one['purl']);
            self::assertMatchesRegularExpression('/\d/', $one['version'], $one['purl']);
            self::assertTrue('application' === $one['type'] || [] !== ($one['licenses'] ?? []), $one['purl'].' has no licence');
        }
        foreach ([...glob(self::ROOT.'/vendor/*/*/composer.json') ?: [], ...glob(self::ROOT.'/web/node_modules/{react,react-dom,@tanstack/react-query,@fontsource/andika,recharts}/package.json', \GLOB_BRACE) ?: []] as $package) {
            /** @var array{name?: string, version?: string} $it */
            $it = json_decode((string) file_get_contents($package), true, 512, \JSON_THROW_ON_ERROR);
            self::assertArrayHasKey('name', $it, $package);
            self::assertArrayHasKey($it['name'] ?? '', $named);
            if (str_contains($package, 'node_modules')) {
                self::assertSame($it['version'] ?? '', $named[$it['name'] ?? '']['version']);
            }
        }
        foreach (['mariadb-server', 'nginx-light', 'php8.2-fpm'] as $server) {
            self::assertArrayHasKey($server, $named);
        }
    }

    public function testTheLicencesOfWhatIsBundledAreShippedWithIt(): void
    {
        $licences = (string) file_get_contents(self::ROOT.'/app/public/build/licences.md');
        foreach (['react-dom', '@tanstack/react-query', 'recharts', 'lucide-react'] as $package) {
            self::assertStringContainsString($package, $licences);
        }
        self::assertStringContainsString('SIL OPEN FONT LICENSE', strtoupper((string) file_get_contents(self::ROOT.'/app/public/build/fonts/andika-licence.txt')));
        self::assertFileExists(self::ROOT.'/LICENCE.md');
    }
}
