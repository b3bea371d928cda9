<?php

declare(strict_types=1);

namespace Ricamo\Raster\Native;

use FFI;

/** The part of libwebp that decodes animated pictures, each frame put together with those before it. */
final class WebPDemux
{
    /** WEBP_DEMUX_ABI_VERSION of the library that is named below. */
    public const ABI = 0x0107;

    /** MODE_RGBA: straight alpha. */
    public const RGBA = 1;

    private const DECLARATIONS = <<<'C'
        typedef struct { const char *bytes; size_t size; } WebPData;
        typedef struct { int color_mode; int use_threads; uint32_t padding[7]; } WebPAnimDecoderOptions;
        typedef struct { uint32_t canvas_width, canvas_height, loop_count, bgcolor, frame_count, pad[4]; } WebPAnimInfo;
        typedef struct WebPAnimDecoder WebPAnimDecoder;
        int WebPAnimDecoderOptionsInitInternal(WebPAnimDecoderOptions *options, int abi);
        WebPAnimDecoder *WebPAnimDecoderNewInternal(const WebPData *data, const WebPAnimDecoderOptions *options, int abi);
        int WebPAnimDecoderGetInfo(const WebPAnimDecoder *decoder, WebPAnimInfo *info);
        int WebPAnimDecoderGetNext(WebPAnimDecoder *decoder, uint8_t **picture, int *ends);
        int WebPAnimDecoderHasMoreFrames(const WebPAnimDecoder *decoder);
        void WebPAnimDecoderReset(WebPAnimDecoder *decoder);
        void WebPAnimDecoderDelete(WebPAnimDecoder *decoder);
        C;

    private static ?FFI $library = null;

    public static function library(): FFI
    {
        return self::$library ??= FFI::cdef(self::DECLARATIONS, 'libwebpdemux.so.2');
    }
}
