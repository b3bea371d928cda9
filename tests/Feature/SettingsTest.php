<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Settings\Amount;
use App\Settings\Checks;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Ricamo\Raster\Tests\SmallDisk;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Every setting is read as it is meant, or refused with its name and what it may be, before anything begins. */
final class SettingsTest extends TestCase
{
    #[TestWith(['500 KB', 500_000.0, '500 kB'])]
    #[TestWith(['2GB', 2e9, '2 GB'])]
    #[TestWith(['8589934592', 8589934592.0, '8.59 GB'])]
    #[TestWith(['1.5 GiB', 1610612736.0, '1.61 GB'])]
    #[TestWith(['1', 1.0, '1 byte'])]
    #[TestWith(['999', 999.0, '999 bytes'])]
    public function test_bytes_are_written_with_units(string $text, float $bytes, string $said): void
    {
        self::assertSame([$bytes, $said], [Amount::bytes($text), Amount::saidBytes($bytes)]);
    }

    #[TestWith(['4 h', 14400.0, '4 hours'])]
    #[TestWith(['90 min', 5400.0, '1.5 hours'])]
    #[TestWith(['60', 60.0, '1 minute'])]
    #[TestWith(['500 ms', 0.5, '0.5 seconds'])]
    public function test_times_are_written_with_units(string $text, float $seconds, string $said): void
    {
        self::assertSame([$seconds, $said], [Amount::seconds($text), Amount::saidSeconds($seconds)]);
    }

    #[TestWith(['abc'])]
    #[TestWith(['-5 GB'])]
    #[TestWith(['5 parsecs'])]
    #[TestWith(['1e9'])]
    #[TestWith([''])]
    public function test_what_is_no_amount_is_none(string $text): void
    {
        self::assertSame([null, null], [Amount::bytes($text), Amount::seconds($text)]);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function wrong(): iterable
    {
        foreach (['abc', '99999', '0', '80.5'] as $port) {
            yield "port $port" => ['RICAMO_PORT', $port, "RICAMO_PORT: “{$port}” is not a whole number from 1 to 65535."];
        }
        yield 'host' => [
            'RICAMO_HOST', 'my machine',
            'RICAMO_HOST: “my machine” is not an address of this machine, such as 127.0.0.1, 0.0.0.0 or ::1.',
        ];
        yield 'bytes' => ['RICAMO_UPLOAD_BYTES', 'abc', 'RICAMO_UPLOAD_BYTES: “abc” is not an amount of bytes'];
        yield 'seconds' => ['RICAMO_CLIP_SECONDS', '4 moons', 'RICAMO_CLIP_SECONDS: “4 moons” is not a length of time'];
        yield 'frames' => ['RICAMO_PIECE_FRAMES', '0', 'RICAMO_PIECE_FRAMES: “0” is not a whole number from 1 to 100000.'];
        yield 'a folder that nobody can make' => [
            'RICAMO_RENDERS', '/proc/renders', 'RICAMO_RENDERS: the folder /proc/renders cannot be made.',
        ];
        yield 'a folder that would break a configuration' => ['RICAMO_RENDERS', '/tmp/a"b', 'RICAMO_RENDERS: “/tmp/a"b” is not a folder'];
        yield 'a database in no folder' => ['DB_DATABASE', '/nowhere/ricamo.sqlite', 'DB_DATABASE: the folder /nowhere is not there.'];
        yield 'a database that is a folder' => ['DB_DATABASE', '/tmp', 'DB_DATABASE: /tmp is a folder.'];
        yield 'proxies' => ['RICAMO_PROXIES', 'everybody', 'RICAMO_PROXIES: “everybody” is not a list of addresses or networks'];
        yield 'the address of the application' => [
            'APP_URL', 'ricamo.example', 'APP_URL: “ricamo.example” is not an address such as https://ricamo.example.',
        ];
    }

    #[DataProvider('wrong')]
    public function test_a_wrong_one_is_refused_with_its_name_before_anything_begins(string $name, string $value, string $says): void
    {
        $environment = [
            'DB_DATABASE' => "$this->folder/ricamo.sqlite", 'RICAMO_UPLOADS' => "$this->folder/uploads",
            'RICAMO_RENDERS' => "$this->folder/renders", $name => $value,
        ];
        foreach ([['ricamo:prepare', 2, 'getErrorOutput'], ['ricamo:serve', 1, 'getOutput']] as [$command, $status, $said]) {
            $process = new Process([PHP_BINARY, base_path('artisan'), $command], base_path(), $environment, timeout: null);
            $process->run();
            self::assertSame($status, $process->getExitCode(), $command);
            self::assertStringStartsWith($says, $process->$said(), $command);
            self::assertSame(1, substr_count(trim($process->getOutput().$process->getErrorOutput()), "\n") + 1, $command);
        }
    }

    public function test_a_full_disk_is_said_in_a_sentence(): void
    {
        $disk = new SmallDisk(900);
        config(['database.connections.sqlite.database' => "$disk->folder/ricamo.sqlite"]);
        self::assertSame(['The disk that '."$disk->folder/ricamo.sqlite".' is on is full. Make room and start again.'], Checks::problems());
    }

    public function test_where_nothing_can_listen_is_said(): void
    {
        self::assertSame('192.0.2.1 is no address of this machine; choose one with RICAMO_HOST.', Checks::listening('192.0.2.1', 8909));
        $taken = stream_socket_server('tcp://127.0.0.1:8909');
        self::assertSame(
            'Port 8909 is in use, perhaps by another Ricamo; choose one with RICAMO_PORT.',
            Checks::listening('127.0.0.1', 8909),
        );
        self::assertIsResource($taken);
        fclose($taken);
        self::assertNull(Checks::listening('127.0.0.1', 8909));
    }

    #[TestWith(['127.0.0.1', '127.0.0.1', 200])]
    #[TestWith(['127.0.0.1', 'localhost', 200])]
    #[TestWith(['127.0.0.1', '127.0.0.5:8900', 200])]
    #[TestWith(['127.0.0.1', '192.168.1.9', 403])]
    #[TestWith(['127.0.0.1', 'evil.example', 403])]
    #[TestWith(['127.0.0.2', '127.0.0.2:8900', 200])]
    #[TestWith(['0.0.0.0', '192.168.1.9:8900', 200])]
    #[TestWith(['0.0.0.0', 'evil.example', 403])]
    public function test_it_is_reached_by_its_own_names_and_addresses(string $listens, string $host, int $status): void
    {
        config(['ricamo.host' => $listens]);
        $this->composition();
        self::assertSame($status, $this->getJson("http://$host/api/projects")->status());
        self::assertSame(
            $status === 200 ? 201 : 403,
            $this->withHeaders(['Origin' => "http://$host"])->postJson("http://$host/api/projects", ['name' => 'Depot'])->status(),
        );
        self::assertSame(
            403,
            $this->withHeaders(['Origin' => 'http://elsewhere.example'])->postJson(
                "http://$host/api/projects", ['name' => 'Depot'],
            )->status(),
        );
        self::assertSame(
            403,
            $this->withHeaders(['Origin' => "http://$host", 'Sec-Fetch-Site' => 'cross-site'])->postJson(
                "http://$host/api/projects", ['name' => 'Depot'],
            )->status(),
        );
    }

    public function test_a_protocol_is_believed_from_proxies_that_are_named(): void
    {
        config(['app.url' => 'https://ricamo.example']);
        $ask = function (array $server): int {
            $request = Request::create(
                'http://localhost/api/projects', 'POST', [], [], [],
                ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], '{"name":"Depot"}',
            );
            $server += ['HTTP_HOST' => 'ricamo.example'];
            $request->server->add($server);
            $request->headers->add(array_combine(
                array_map(fn (string $name): string => str_replace('_', '-', substr($name, 5)), array_keys($server)),
                $server,
            ));

            return app(Kernel::class)->handle($request)->getStatusCode();
        };
        self::assertSame(201, $ask(['HTTP_ORIGIN' => 'https://ricamo.example']), 'APP_URL says what its pages are');
        // As Debian's nginx hands a request on: with a host without its port, which stands beside it.
        config(['app.url' => 'http://127.0.0.1:8900']);
        self::assertSame(201, $ask(['HTTP_HOST' => '127.0.0.1', 'SERVER_PORT' => '8080', 'HTTP_ORIGIN' => 'http://127.0.0.1:8080']));
        self::assertSame(403, $ask(['HTTP_HOST' => '127.0.0.1', 'SERVER_PORT' => '8080', 'HTTP_ORIGIN' => 'http://127.0.0.1:9090']));
        TrustProxies::at(['10.1.0.0/16']);
        $secure = ['HTTP_HOST' => '127.0.0.1', 'HTTP_ORIGIN' => 'https://127.0.0.1', 'HTTP_X_FORWARDED_PROTO' => 'https'];
        self::assertSame(201, $ask([...$secure, 'REMOTE_ADDR' => '10.1.2.3']));
        self::assertSame(403, $ask([...$secure, 'REMOTE_ADDR' => '10.2.2.3']));
    }

    public function test_the_settings_that_are_listed_are_those_that_are_read(): void
    {
        $docs = (string) file_get_contents(base_path('docs/running.md'));
        preg_match_all('/^\|((?: `[A-Z_]+`,?)+) \|/m', $docs, $rows);
        preg_match_all('/`([A-Z_]+)`/', implode(' ', $rows[1]), $listed);
        $files = array_map(file_get_contents(...), File::glob(config_path('*.php')));
        preg_match_all("/(?:\benv|Settings::\w+)\(\s*'([A-Z_]+)'/", implode("\n", $files), $read);
        // What Laravel and the tests need, and nobody else sets.
        $inner = ['APP_DEBUG', 'APP_ENV', 'APP_KEY', 'CACHE_STORE'];
        self::assertEqualsCanonicalizing(array_unique([...$listed[1], ...$inner]), array_unique($read[1]));
        // No setting names another queue or database, of which nothing is promised.
        self::assertSame(['database', 'sqlite'], [Queue::connection()->getConnectionName(), DB::connection()->getDriverName()]);
    }
}
