<?php

return [
    /** Where uploaded originals are kept, under their content's hash. */
    'originals' => env('RICAMO_ORIGINALS', storage_path('media')),

    /** Where what the browser may fetch is kept: posters, preview frames, sound. Reached as /storage/media. */
    'previews' => env('RICAMO_PREVIEWS', storage_path('app/public/media')),

    /** Where files on their way in are kept until they are whole; best on the same disk as the originals. */
    'uploads' => env('RICAMO_UPLOADS', storage_path('uploads')),

    /** Where renders are written. */
    'renders' => env('RICAMO_RENDERS', storage_path('renders')),

    /** The largest upload, in bytes, and the longest clip, in seconds. */
    'upload_bytes' => (int) env('RICAMO_UPLOAD_BYTES', 8 * 1024 ** 3),
    'clip_seconds' => (int) env('RICAMO_CLIP_SECONDS', 4 * 3600),

    /** How much the preview of one clip may take: frames, bytes, and the seconds of its longest step. */
    'preview_frames' => (int) env('RICAMO_PREVIEW_FRAMES', 20_000),
    'preview_bytes' => (int) env('RICAMO_PREVIEW_BYTES', 2_000_000_000),
    'preview_seconds' => (float) env('RICAMO_PREVIEW_SECONDS', 3600),

    /** How many seconds a request may take over its next bytes. */
    'patience' => (int) env('RICAMO_PATIENCE', 20),

    /** How many frames a worker draws before what it did is kept. */
    'piece_frames' => (int) env('RICAMO_PIECE_FRAMES', 250),

    /** A render whose worker has not been heard of for this many seconds counts as stopped. */
    'silent_seconds' => (int) env('RICAMO_SILENT_SECONDS', 15),
];
