<?php

declare(strict_types=1);

namespace App\Serving;

use App\Http\Middleware\SecurityHeaders;
use App\Http\OwnNames;
use Illuminate\Support\Facades\File;

/**
 * nginx in front of PHP-FPM, both configured here and run as whoever started Ricamo. nginx takes requests in whole and
 * sends files, so that neither a slow nor a lying client occupies a PHP process; FPM replaces processes that die.
 */
final readonly class WebServer
{
    /** Of PHP's processes that answer, at least. */
    private const LEAST = 4;

    /** The largest body of a request: a part of an upload, or an edit. */
    private const BODY = '17m';

    public string $folder;

    private string $socket;

    /** Of the processes that work out frames ahead. */
    private string $aheadSocket;

    /** @param  int  $cores  how many processes can work at once */
    public function __construct(private string $host, private int $port, private int $cores)
    {
        $this->folder = storage_path("framework/server-$port");
        // The path of a socket is at most 107 bytes long.
        $socket = function (string $name): string {
            $inside = "$this->folder/$name.sock";

            return strlen($inside) <= 100 ? $inside : sys_get_temp_dir().'/ricamo-'.hash('crc32', $inside).'.sock';
        };
        [$this->socket, $this->aheadSocket] = [$socket('php'), $socket('ahead')];
    }

    public function configure(): void
    {
        File::ensureDirectoryExists("$this->folder/body");
        @unlink($this->socket);
        @unlink($this->aheadSocket);
        File::put("$this->folder/php-fpm.conf", $this->fpm());
        File::put("$this->folder/nginx.conf", $this->nginx());
    }

    /** @return list<string> */
    public function fpmCommand(): array
    {
        $settings = [
            'ffi.enable' => '1', 'memory_limit' => '1G', 'display_errors' => '0', 'log_errors' => '1',
            'post_max_size' => '32M', 'expose_php' => '0',
            // A request makes tens of thousands of values and no cycles of them, and ends soon: looking for cycles costs a tenth.
            'zend.enable_gc' => '0',
            // What layers came to on the frames that were looked at: about a kilobyte each.
            'apc.enabled' => '1', 'apc.shm_size' => '96M',
            // Compiled to machine code, evaluation is half as fast again.
            'opcache.jit' => 'tracing', 'opcache.jit_buffer_size' => '64M',
            'opcache.enable' => '1', 'opcache.validate_timestamps' => '1', 'opcache.revalidate_freq' => '2',
            'realpath_cache_ttl' => '600', 'max_execution_time' => '0',
        ];

        return [
            '/usr/sbin/php-fpm8.2', '--nodaemonize', '--fpm-config', "$this->folder/php-fpm.conf",
            ...($this->isRoot() ? ['--allow-to-run-as-root'] : []),
            ...array_merge(...array_map(
                fn (string $name, string $value): array => ['-d', "$name=$value"], array_keys($settings), $settings,
            )),
        ];
    }

    /** @return list<string> */
    public function nginxCommand(): array
    {
        return ['/usr/sbin/nginx', '-p', $this->folder, '-c', "$this->folder/nginx.conf", '-e', 'stderr'];
    }

    /** Whether PHP takes requests. */
    public function isReady(): bool
    {
        $connection = @stream_socket_client("unix://$this->socket", timeout: 1);

        return $connection !== false && fclose($connection);
    }

    private function isRoot(): bool
    {
        return posix_geteuid() === 0;
    }

    private function fpm(): string
    {
        $processes = max(self::LEAST, 2 * $this->cores);
        $common = <<<'CONF'
            listen.mode = 0600
            pm = static
            pm.max_requests = 5000
            request_terminate_timeout = 600s
            clear_env = no
            catch_workers_output = yes
            decorate_workers_output = no
            CONF;
        $owner = $this->isRoot() ? "user = root\ngroup = root\n" : '';

        return <<<CONF
            [global]
            error_log = /proc/self/fd/2
            log_level = warning
            process_control_timeout = 5s
            [ricamo-$this->port]
            {$owner}listen = "$this->socket"
            pm.max_children = $processes
            $common
            ; Frames ahead are worked out on all cores, by processes of their own that step back behind the others.
            [ricamo-$this->port-ahead]
            {$owner}listen = "$this->aheadSocket"
            pm.max_children = $this->cores
            process.priority = 5
            $common

            CONF;
    }

    private function nginx(): string
    {
        $user = $this->isRoot() ? 'user root;' : '';
        $host = str_contains($this->host, ':') ? "[$this->host]" : $this->host;
        $body = self::BODY;
        [$root, $previews, $renders] = [public_path(), config('ricamo.previews'), config('ricamo.renders')];
        $names = implode(
            ' ',
            array_map(fn (string $name): string => '"'.(str_contains($name, ':') ? "[$name]" : $name).'" 1;', OwnNames::all()),
        );
        $addresses = OwnNames::takesAnyAddress() ? '"~^[0-9.]+$" 1; "~^\[.*\]$" 1;' : '"~^127\.[0-9.]+$" 1; "[::1]" 1;';
        $headers = implode("\n", array_map(
            fn (string $name, string $value): string => "        add_header $name \"$value\" always;",
            array_keys(SecurityHeaders::ALL), SecurityHeaders::ALL,
        ));

        $reads = __DIR__.'/body.lua';
        $patience = (int) config('ricamo.patience');

        // The application sends the same, for the sake of other web servers.
        $once = implode(
            "\n",
            array_map(fn (string $name): string => "            fastcgi_hide_header $name;", array_keys(SecurityHeaders::ALL)),
        );

        return <<<CONF
            $user
            load_module /usr/lib/nginx/modules/ndk_http_module.so;
            load_module /usr/lib/nginx/modules/ngx_http_lua_module.so;
            daemon off;
            worker_processes $this->cores;
            pid "$this->folder/nginx.pid";
            error_log stderr error;
            events { worker_connections 1024; }
            http {
                access_log off;
                server_tokens off;
                sendfile on;
                keepalive_timeout 65;
                client_body_temp_path "$this->folder/body";
                fastcgi_temp_path "$this->folder/fastcgi";
                proxy_temp_path "$this->folder/proxy";
                uwsgi_temp_path "$this->folder/uwsgi";
                scgi_temp_path "$this->folder/scgi";
                client_max_body_size $body;
                client_body_timeout {$patience}s;
                lua_socket_log_errors off;
                client_header_timeout {$patience}s;
                send_timeout 60s;
                gzip on;
                gzip_min_length 1000;
                gzip_comp_level 2;
                gzip_types text/css application/javascript application/json image/svg+xml;
                default_type application/octet-stream;
                types {
                    text/html html; text/css css; application/javascript js mjs; application/json json map;
                    image/svg+xml svg; image/png png; image/jpeg jpg jpeg; image/webp webp; image/x-icon ico;
                    font/woff2 woff2; font/woff woff; font/ttf ttf; font/otf otf; audio/ogg ogg; video/mp4 mp4; text/plain txt;
                }
                map \$host \$is_own { default 0; $names $addresses }
                # Frames ahead go to processes of their own, so that edits never wait behind them.
                map \$uri \$php { default "unix:$this->socket"; "~^/api/compositions/[0-9]+/frames$" "unix:$this->aheadSocket"; }
                server {
                    listen $host:$this->port;
                    if (\$is_own = 0) { return 403 '{"message":"This server is not reached by that name."}'; }
                    root "$root";
            $headers
                    location /storage/media/ { alias "$previews/"; }
                    location /build/ { expires max; try_files \$uri =404;
            $headers }
                    location / { try_files \$uri @app; }
                    location @app {
                        set \$patience $patience;
                        access_by_lua_file "$reads";
                        fastcgi_pass \$php;
                        fastcgi_param SCRIPT_FILENAME "$root/index.php";
                        fastcgi_param SCRIPT_NAME /index.php;
                        fastcgi_param DOCUMENT_ROOT "$root";
                        fastcgi_param REQUEST_URI \$request_uri;
                        fastcgi_param QUERY_STRING \$query_string;
                        fastcgi_param REQUEST_METHOD \$request_method;
                        fastcgi_param CONTENT_TYPE \$content_type;
                        fastcgi_param CONTENT_LENGTH \$content_length;
                        fastcgi_param SERVER_PROTOCOL \$server_protocol;
                        fastcgi_param REMOTE_ADDR \$remote_addr;
                        fastcgi_param SERVER_NAME \$host;
                        fastcgi_param SERVER_PORT \$server_port;
                        fastcgi_param HTTP_X_SENDFILE_TYPE X-Accel-Redirect;
                        fastcgi_param HTTP_X_ACCEL_MAPPING '"$renders/"=/rendered/';
            $once
                        fastcgi_buffers 16 32k;
                        fastcgi_read_timeout 600s;
                    }
                    error_page 502 503 504 @away;
                    location @away { default_type application/json; return 503 '{"message":"The server is just starting again. Nothing is lost; try again in a moment."}'; }
                    location /rendered/ { internal; alias "$renders/"; }
                }
            }

            CONF;
    }
}
