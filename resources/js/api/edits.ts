import type { EditArguments } from './project.gen';

/** The name of an edit. */
export type EditName = keyof EditArguments;

/** What an edit takes; where it is not said which, what any of them takes. */
export type ArgumentsOf<K extends EditName = EditName> = EditArguments[K];

/** An edit with what it takes. */
export type EditRequest = { [N in EditName]: { edit: N; args: EditArguments[N] } }[EditName];

/** The same as parameters. */
export type EditCall = { [N in EditName]: [N, EditArguments[N]] }[EditName];

/** The edits of some layers. */
export type OfLayers = { [N in EditName]: EditArguments[N] extends { layers: string[] } ? N : never }[EditName];

/** The edits of some keyframes. */
export type OfKeyframes = { [N in EditName]: EditArguments[N] extends { keyframes: unknown[] } ? N : never }[EditName];
