import type { DisplayList } from './displayList.gen';

/** Reads the display lists of the frames [from, to) as they arrive. */
export async function* streamLists(
    composition: number,
    from: number,
    to: number,
    signal: AbortSignal,
): AsyncGenerator<{ list: DisplayList; revision: number }> {
    const answer = await fetch(`/api/compositions/${composition}/frames?from=${from}&to=${to}`, { signal });
    if (!answer.ok || !answer.body) {
        return;
    }
    const revision = Number(answer.headers.get('X-Revision'));
    const reader = answer.body.pipeThrough(new TextDecoderStream()).getReader();
    let rest = '';
    for (;;) {
        const { done, value } = await reader.read();
        const lines = (rest + (value ?? '')).split('\n');
        rest = lines.pop() ?? '';
        for (const line of lines) {
            yield { list: JSON.parse(line) as DisplayList, revision };
        }
        if (done) {
            return;
        }
    }
}
