/** The lines of an answer, as they arrive; none of one that is a refusal. */
export async function* linesOf(answer: Response): AsyncGenerator<string> {
    if (!answer.ok || !answer.body) {
        return;
    }
    const reader = answer.body.pipeThrough(new TextDecoderStream()).getReader();
    let rest = '';
    for (;;) {
        const { done, value } = await reader.read();
        const lines = (rest + (value ?? '')).split('\n');
        rest = lines.pop() ?? '';
        yield* lines;
        if (done) {
            return;
        }
    }
}

/**
 * Reads the display lists of the frames [from, to) as they arrive, each a line of JSON.
 *
 * @param vantage from where they are looked at; null for through the camera
 */
export async function* streamLists(
    composition: number,
    from: number,
    to: number,
    vantage: object | null,
    signal: AbortSignal,
): AsyncGenerator<{ frame: number; line: string; revision: number }> {
    const elsewhere = vantage ? `&vantage=${encodeURIComponent(JSON.stringify(vantage))}` : '';
    const answer = await fetch(`/api/compositions/${composition}/frames?from=${from}&to=${to}${elsewhere}`, { signal });
    const revision = Number(answer.headers.get('X-Revision'));
    let frame = from;
    for await (const line of linesOf(answer)) {
        yield { frame: frame++, line, revision };
    }
}
