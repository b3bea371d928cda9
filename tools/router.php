<?php

/** For PHP's own server: what lies in public/ is sent as it is, everything else goes to the application. */
$path = rawurldecode((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH));
if ($path !== '/' && ! str_contains($path, '..') && is_file(__DIR__.'/../public'.$path)) {
    return false;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';

require __DIR__.'/../public/index.php';
