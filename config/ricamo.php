<?php

declare(strict_types=1);

use App\Settings\Settings;

return [
    /** Where the server listens. */
    'host' => Settings::address('RICAMO_HOST', '127.0.0.1'),
    'port' => Settings::port('RICAMO_PORT', 8900),

    /** Web servers in front of this one whose word on the address and the protocol is taken. */
    'proxies' => Settings::proxies('RICAMO_PROXIES'),

    /** Where uploaded originals are kept, under their content's hash. */
    'originals' => Settings::folder('RICAMO_ORIGINALS', storage_path('media')),

    /** Where what the browser may fetch is kept: posters, preview frames, sound. Reached as /storage/media. */
    'previews' => Settings::folder('RICAMO_PREVIEWS', storage_path('app/public/media')),

    /** Where files on their way in are kept until they are whole; best on the same disk as the originals. */
    'uploads' => Settings::folder('RICAMO_UPLOADS', storage_path('uploads')),

    /** Where renders are written. */
    'renders' => Settings::folder('RICAMO_RENDERS', storage_path('renders')),

    /** The largest upload, in bytes, and the longest clip, in seconds. */
    'upload_bytes' => Settings::bytes('RICAMO_UPLOAD_BYTES', '8 GB'),
    'clip_seconds' => Settings::seconds('RICAMO_CLIP_SECONDS', '4 h'),

    /** How much the preview of one clip may take: frames, bytes, and the seconds of its longest step. */
    'preview_frames' => Settings::count('RICAMO_PREVIEW_FRAMES', 20_000, 1, 1_000_000),
    'preview_bytes' => Settings::bytes('RICAMO_PREVIEW_BYTES', '2 GB'),
    'preview_seconds' => Settings::seconds('RICAMO_PREVIEW_SECONDS', '1 h'),

    /** How many seconds a request may take over its next bytes. */
    'patience' => (int) ceil(Settings::seconds('RICAMO_PATIENCE', '20 s', 3600)),

    /** How many frames a worker draws before what it did is kept. */
    'piece_frames' => Settings::count('RICAMO_PIECE_FRAMES', 250, 1, 100_000),

    /** A render whose worker has not been heard of for this many seconds counts as stopped. */
    'silent_seconds' => Settings::seconds('RICAMO_SILENT_SECONDS', '15 s', 3600),
];
