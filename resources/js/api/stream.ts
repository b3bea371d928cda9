/** Reads the display lists of the frames [from, to) as they arrive, each a line of JSON. */
export async function* streamLists(
    composition: number,
    from: number,
    to: number,
    signal: AbortSignal,
): AsyncGenerator<{ frame: number; line: string; revision: number }> {
    const answer = await fetch(`/api/compositions/${composition}/frames?from=${from}&to=${to}`, { signal });
    if (!answer.ok || !answer.body) {
        return;
    }
    const revision = Number(answer.headers.get('X-Revision'));
    const reader = answer.body.pipeThrough(new TextDecoderStream()).getReader();
    let rest = '';
    let frame = from;
    for (;;) {
        const { done, value } = await reader.read();
        const lines = (rest + (value ?? '')).split('\n');
        rest = lines.pop() ?? '';
        for (const line of lines) {
            yield { frame: frame++, line, revision };
        }
        if (done) {
            return;
        }
    }
}
