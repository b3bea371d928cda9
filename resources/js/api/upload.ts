import { DetailedError, Upload } from 'tus-js-client';
import { Failure } from './client';

/** As much as goes in one part: what a lost connection costs at most. */
const PART = 8 * 1024 * 1024;

export interface Sent {
    /** Where the upload is. */
    url: string;
    /** The number that the server gave to what came of it, where it is media. */
    media: number | null;
}

function explained(error: Error | DetailedError): Failure {
    const answer = error instanceof DetailedError ? error.originalResponse : null;
    try {
        const message = (JSON.parse(answer?.getBody() ?? '') as { message?: string }).message;
        if (message) {
            return new Failure(message, answer?.getStatus() ?? 0, null);
        }
    } catch {
        // No answer, or none of the application's.
    }
    return new Failure('The connection was lost. Bring the file in again; it goes on where it was.', 0, null);
}

/**
 * Sends a file in parts; a part that does not arrive is sent again, also after a while.
 *
 * @param more what is said of it besides its name
 * @param progress is given the part of the file that has been sent, 0 to 1
 */
export function send(
    path: string,
    file: File,
    progress: (part: number) => void,
    signal: AbortSignal,
    more: Record<string, string> = {},
): Promise<Sent> {
    return new Promise((resolve, reject) => {
        let media: number | null = null;
        const upload = new Upload(file, {
            endpoint: `/api${path}`,
            chunkSize: PART,
            retryDelays: [0, 500, 1500, 4000, 10000, 20000],
            metadata: { filename: file.name, ...more },
            headers: { Accept: 'application/json' },
            removeFingerprintOnSuccess: true,
            onProgress: (sent, total) => progress(total > 0 ? sent / total : 0),
            onShouldRetry: (error) => ![403, 404, 415, 422, 507].includes(error.originalResponse?.getStatus() ?? 0),
            onAfterResponse: (_request, response) => {
                media = Number(response.getHeader('Ricamo-Media') ?? '') || media;
            },
            onSuccess: () => resolve({ url: upload.url ?? '', media }),
            onError: (error) => reject(explained(error)),
        });
        signal.addEventListener('abort', () => {
            void upload.abort(true).catch(() => undefined);
            reject(new Failure('The upload was cancelled.', 0, null));
        });
        // The same file, begun before and broken off, goes on where it was.
        void upload.findPreviousUploads().then((before) => {
            const last = before.find((one) => one.size === file.size);
            if (last) {
                upload.resumeFromPreviousUpload(last);
            }
            if (!signal.aborted) {
                upload.start();
            }
        });
    });
}
