import type { EditRequest } from './edits';
import type { DisplayList } from './displayList.gen';
import { linesOf } from './stream';

/** What films are made of, by a layer, what it does in them, and an edit for each. */
export interface FilmsAsked {
    layer: string;
    role: 'arrive' | 'leave' | 'accent';
    frame: number;
    edits: EditRequest[];
    /** How far a film has come that stands still, 0 to 1; where nothing is said it is for what it is a film of. */
    still?: number;
}

/** Some pictures of the frames of a range, its last among them, and which of them stands for all; or why there are none. */
export type Film = { range: [number, number]; still: number; lists: DisplayList[] } | { refused: string };

/** What the layer takes up where it rests: left, top, right and bottom. */
export interface FilmStage {
    bounds: [number, number, number, number];
}

/** First the stage, then a film for each edit, in their order, as they come. */
export async function* streamFilms(
    composition: number,
    asked: FilmsAsked,
    signal: AbortSignal,
): AsyncGenerator<FilmStage | Film> {
    const answer = await fetch(`/api/compositions/${composition}/films`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(asked),
        signal,
    });
    for await (const line of linesOf(answer)) {
        yield JSON.parse(line) as FilmStage | Film;
    }
}
