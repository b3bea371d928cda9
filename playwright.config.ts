import { defineConfig } from '@playwright/test';

/** Jobs and all else run side by side, all else in two halves, each with a server, a database and a folder of its own. */
const SHARE = process.env.RICAMO_SHARE ?? 'all';
const PORT = { all: 8901, parts: 8901, parts1: 8901, jobs: 8902, parts2: 8904 }[SHARE];
const FILES = { all: '**/', jobs: 'jobs/', parts: 'browser/', parts1: 'browser/[a-k]', parts2: 'browser/[l-z]' }[SHARE];
const FOLDER = `storage/test${SHARE === 'all' ? '' : `-${SHARE}`}`;

export default defineConfig({
    testDir: 'tests/browser',
    testMatch: `**/${FILES}*.spec.ts`,
    outputDir: `test-results/${SHARE}`,
    globalSetup: './tests/browser/clips.ts',
    // Limits for what never comes, which no machine reaches, however slow or busy it is.
    timeout: 3_600_000,
    expect: { timeout: 300_000 },
    workers: 1,
    // On a busy machine a single one may come too late. What fails twice is broken; what failed once is listed as flaky.
    retries: 1,
    reporter: [['list']],
    use: {
        // What there is nothing to click on or to type into is said long before the test as a whole is over.
        actionTimeout: 600_000,
        baseURL: `http://127.0.0.1:${PORT}`,
        viewport: { width: 1280, height: 800 },
        // Nothing fades or slides while tests wait for it to stand still.
        contextOptions: { reducedMotion: 'reduce' },
        launchOptions: {
            // Debian's Chromium without its own windows, tabs and menus, which take as long as the page.
            executablePath: '/usr/bin/chromium-headless-shell',
            args: [
                '--no-sandbox',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
                // There is no graphics card where tests run: what stands in for one takes half as long again.
                '--disable-gpu-rasterization',
                '--disable-accelerated-2d-canvas',
            ],
        },
    },
    webServer: {
        command: `rm -rf ${FOLDER} && mkdir -p ${FOLDER} && touch ${FOLDER}/ricamo.sqlite && php artisan migrate --force && exec php artisan ricamo:serve --port=${PORT}`,
        url: `http://127.0.0.1:${PORT}/api/vocabulary`,
        env: {
            DB_DATABASE: `${process.cwd()}/${FOLDER}/ricamo.sqlite`,
            RICAMO_ORIGINALS: `${process.cwd()}/${FOLDER}/media`,
            RICAMO_RENDERS: `${process.cwd()}/${FOLDER}/renders`,
            RICAMO_UPLOADS: `${process.cwd()}/${FOLDER}/uploads`,
            // Jobs are short; that they are put together of pieces is tried by other tests.
            RICAMO_PIECE_FRAMES: SHARE === 'jobs' ? '150' : '40',
            RICAMO_SILENT_SECONDS: '4',
        },
        timeout: 1_200_000,
        gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
        stdout: 'ignore',
        reuseExistingServer: false,
    },
});
