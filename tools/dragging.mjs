// Prints, as JSON, how long it takes from a move of the pointer until the picture that shows it is painted, while a layer is dragged
// in the picture: median and 95 % of the milliseconds from the move until something is sent, answered, drawn and painted. Each move
// waits for the picture before it, as the hand of somebody does who looks at what they drag.
import { chromium } from '@playwright/test';

const [url, layer] = process.argv.slice(2);
const MOVES = 120;

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', args: ['--no-sandbox'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce' });

/** Notes, in the page, when a move came, when what it asks for was sent and answered, drawn, and painted. */
function noting() {
    window.step = null;
    window.measured = [];
    const note = (what) => window.step && (window.step[what] ??= performance.now());
    const moved = () => window.step === null && window.ready && ((window.step = {}), note('moved'));
    addEventListener('pointerrawupdate', moved, true);
    addEventListener('pointermove', moved, true);
    const fetched = window.fetch;
    window.fetch = async (request, options) => {
        const isTry = String(request.url ?? request).endsWith('/edits/try');
        if (isTry) {
            note('sent');
        }
        const answer = await fetched(request, options);
        if (isTry) {
            note('answered');
        }
        return answer;
    };
    const { open, send } = XMLHttpRequest.prototype;
    XMLHttpRequest.prototype.open = function (method, address, ...rest) {
        this.isTry = String(address).endsWith('/edits/try');
        return open.call(this, method, address, ...rest);
    };
    XMLHttpRequest.prototype.send = function (body) {
        if (this.isTry) {
            note('sent');
            this.addEventListener('readystatechange', () => this.readyState === 4 && note('answered'), true);
        }
        return send.call(this, body);
    };
    let inFrame = false;
    const asked = window.requestAnimationFrame;
    window.requestAnimationFrame = (act) =>
        asked((now) => {
            inFrame = true;
            act(now);
            inFrame = false;
        });
    const painted = () => {
        const channel = new MessageChannel();
        channel.port1.onmessage = () => {
            const step = window.step;
            if (step?.answered) {
                note('painted');
                window.measured.push(['sent', 'answered', 'drawn', 'painted'].map((what) => step[what] - step.moved));
                window.step = null;
            }
        };
        channel.port2.postMessage(null);
    };
    const { clearRect } = CanvasRenderingContext2D.prototype;
    CanvasRenderingContext2D.prototype.clearRect = function (...box) {
        if (window.step?.answered && !window.step.drawn && this.canvas === document.querySelector('.picture canvas')) {
            note('drawn');
            // What is drawn within a frame is painted at its end, what is drawn between frames at the end of the next one.
            (inFrame ? painted : () => asked(painted))();
        }
        return clearRect.apply(this, box);
    };
}

try {
    await page.addInitScript(noting);
    await page.goto(url);
    await page.locator('.picture[data-complete=true]').waitFor();
    await page.waitForLoadState('networkidle');
    await page.locator(`[data-layer="${layer}"] .name`).click();
    const body = await page.locator('.handles .outline').first().boundingBox();
    const [x, y] = [body.x + body.width / 2 + 20, body.y + body.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + 20, y - 20, { steps: 4 });
    await page.waitForTimeout(800);
    await page.evaluate(() => (window.ready = true));
    for (let move = 0; move < MOVES; move++) {
        const measured = move;
        await page.mouse.move(x + 20 + (move % 40), y - 20 - (move % 23));
        await page.waitForFunction((count) => window.measured.length > count, measured, { timeout: 3000, polling: 5 });
        // The hand does not move in step with the screen.
        await page.waitForTimeout(20 + ((move * 7) % 17));
    }
    const measured = await page.evaluate(() => window.measured);
    const told = (which) => {
        const sorted = measured.map((one) => one[which]).toSorted((a, b) => a - b);
        return [sorted[sorted.length >> 1], sorted[Math.floor(0.95 * (sorted.length - 1))]];
    };
    console.log(JSON.stringify({ sent: told(0), answered: told(1), drawn: told(2), painted: told(3) }));
} finally {
    await browser.close();
}
