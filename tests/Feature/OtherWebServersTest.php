<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Middleware\SecurityHeaders;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Debian's nginx and Apache in the place of the server that comes along, with the blocks that `docs/running.md` gives for them. */
final class OtherWebServersTest extends TestCase
{
    private const PORT = 8907;

    private const MODULES = ['mpm_event', 'authz_core', 'alias', 'dir', 'headers', 'mime', 'proxy', 'proxy_fcgi'];

    /** @var list<Process> */
    private array $running = [];

    protected function tearDown(): void
    {
        foreach ($this->running as $process) {
            $process->stop(10, SIGTERM);
        }
        parent::tearDown();
    }

    /** @param  list<string>  $command */
    private function start(array $command): void
    {
        $process = new Process($command, $this->folder, [
            'DB_DATABASE' => "$this->folder/ricamo.sqlite", 'RICAMO_RENDERS' => "$this->folder/renders",
            'RICAMO_ORIGINALS' => "$this->folder/media",
            'RICAMO_PREVIEWS' => "$this->folder/previews", 'RICAMO_UPLOADS' => "$this->folder/uploads", 'APP_ENV' => 'production',
            'APP_URL' => 'http://127.0.0.1:'.self::PORT,
        ], timeout: null);
        $process->start();
        $this->running[] = $process;
    }

    private function startPhp(): string
    {
        $socket = "$this->folder/fpm.sock";
        $user = posix_getpwuid(posix_geteuid())['name'] ?? 'root';
        file_put_contents("$this->folder/fpm.conf", <<<CONF
            [global]
            error_log = /proc/self/fd/2
            [www]
            user = $user
            group = $user
            listen = $socket
            listen.owner = $user
            pm = static
            pm.max_children = 2
            clear_env = no
            CONF);
        $this->start([
            '/usr/sbin/php-fpm8.2', '--nodaemonize', '--fpm-config', "$this->folder/fpm.conf",
            ...(posix_geteuid() === 0 ? ['--allow-to-run-as-root'] : []), '-d', 'ffi.enable=1', '-d', 'memory_limit=512M',
        ]);

        return $socket;
    }

    /** The block of the page in this language, for this folder and this port. */
    private function block(string $language, string $socket): string
    {
        preg_match("/```$language\n(.*?)```/s", (string) file_get_contents(base_path('docs/running.md')), $found);
        self::assertArrayHasKey(1, $found, 'the page gives such a block');

        return strtr($found[1], [
            '/srv/ricamo/storage/app/public/media' => "$this->folder/previews", '/srv/ricamo' => base_path(),
            '/run/php/php8.2-fpm.sock' => $socket,
            'listen 80;' => 'listen 127.0.0.1:'.self::PORT.';', '*:80' => '127.0.0.1:'.self::PORT, 'titles.example' => '127.0.0.1',
            'include fastcgi_params' => 'include /etc/nginx/fastcgi_params',
        ]);
    }

    private function startNginx(string $socket): void
    {
        $user = posix_geteuid() === 0 ? 'user root;' : '';
        $folders = implode(
            ' ',
            array_map(
                fn (string $what): string => "{$what}_temp_path \"$this->folder/$what\";",
                ['client_body', 'fastcgi', 'proxy', 'uwsgi', 'scgi'],
            ),
        );
        file_put_contents(
            "$this->folder/nginx.conf",
            "$user daemon off; pid \"$this->folder/nginx.pid\"; events {} http { access_log off; include /etc/nginx/mime.types; $folders\n{$this->block('nginx', $socket)}}\n",
        );
        $this->start(['/usr/sbin/nginx', '-p', $this->folder, '-c', "$this->folder/nginx.conf", '-e', 'stderr']);
    }

    private function startApache(string $socket): void
    {
        $modules = implode(
            "\n",
            array_map(fn (string $name): string => "LoadModule {$name}_module /usr/lib/apache2/modules/mod_$name.so", self::MODULES),
        );
        file_put_contents("$this->folder/apache.conf", <<<CONF
            $modules
            ServerRoot $this->folder
            PidFile $this->folder/apache.pid
            ErrorLog /proc/self/fd/2
            DefaultRuntimeDir $this->folder
            TypesConfig /dev/null
            Listen 127.0.0.1:{$this->port()}
            {$this->block('apache', $socket)}
            CONF);
        $this->start(['/usr/sbin/apache2', '-D', 'FOREGROUND', '-f', "$this->folder/apache.conf"]);
    }

    private function port(): int
    {
        return self::PORT;
    }

    /** @return array<string, array{string}> */
    public static function servers(): array
    {
        return ['nginx' => ['startNginx'], 'Apache' => ['startApache']];
    }

    #[DataProvider('servers')]
    public function test_it_works_behind_it_as_the_page_says(string $start): void
    {
        mkdir("$this->folder/previews");
        file_put_contents("$this->folder/previews/poster.jpg", 'picture');
        $this->$start($this->startPhp());
        $url = 'http://127.0.0.1:'.self::PORT;
        for ($tries = 0; $tries < 4000 && ! rescue(fn () => Http::get("$url/api/projects")->ok(), report: false); $tries++) {
            usleep(50_000);
        }

        $page = Http::get("$url/")->throw();
        self::assertSame(
            SecurityHeaders::ALL,
            array_map(
                fn (string $name): string => $page->header($name),
                array_combine(array_keys(SecurityHeaders::ALL), array_keys(SecurityHeaders::ALL)),
            ),
        );
        preg_match('~/build/[^"]+\.js~', $page->body(), $script);
        foreach ([$script[0], '/storage/media/poster.jpg', '/api/vocabulary'] as $path) {
            $file = Http::get("$url$path");
            self::assertSame([200, 'nosniff'], [$file->status(), $file->header('X-Content-Type-Options')], $path);
        }
        self::assertSame(404, Http::get("$url/storage/media/none.jpg")->status());

        // Changes, as a browser makes them: with an origin, port and all.
        $own = Http::withHeaders(['Origin' => $url]);
        $composition = $this->composition();
        $edits = "$url/api/compositions/{$composition->id}/edits";
        $words = [
            'edit' => 'add-layer', 'args' => ['layer' => ['kind' => 'text', 'text' => 'Depôt 9', 'position' => [100, 500]]],
            'revision' => 0,
        ];
        self::assertSame(403, Http::withHeaders(['Origin' => 'http://elsewhere.example'])->post($edits, $words)->status());
        self::assertSame(403, $own->withHeaders(['Host' => 'elsewhere.example'])->post($edits, $words)->status());
        Http::withHeaders(['Origin' => $url])->post($edits, $words)->throw();
        // New words are shaped, and a stretch of frames comes through.
        self::assertStringContainsString(
            '"paths"',
            Http::get("$url/api/compositions/{$composition->id}/frames?from=0&to=20&revision=1")->throw()->body(),
        );

        $tus = ['Origin' => $url, 'Tus-Resumable' => '1.0.0'];
        $upload = Http::withHeaders([
            ...$tus, 'Upload-Length' => (string) (9 << 20), 'Upload-Metadata' => 'filename '.base64_encode('clip.mp4'),
        ])
            ->post("$url/api/projects/{$composition->project_id}/uploads");
        self::assertSame(201, $upload->status(), $upload->body());
        $sent = Http::withHeaders([...$tus, 'Upload-Offset' => '0'])->withBody(
            str_repeat('x', 8 << 20), 'application/offset+octet-stream',
        )->patch($url.$upload->header('Location'));
        self::assertSame([204, (string) (8 << 20)], [$sent->status(), $sent->header('Upload-Offset')], $sent->body());
    }
}
