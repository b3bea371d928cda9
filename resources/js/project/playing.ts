import type { Layer } from '@/api/answers';

export type Window = Extract<Layer, { kind: 'window' }>;
/** What plays one of the media. */
export type Playing = Extract<Layer, { kind: 'footage' | 'sound' }> | (Window & { media: string });
export type Bundle = Extract<Layer, { kind: 'bundle' }>;

export const isWindow = (layer: Layer): layer is Window => layer.kind === 'window';
export const playsMedia = (layer: Layer): layer is Playing =>
    layer.kind === 'footage' || layer.kind === 'sound' || (isWindow(layer) && !!layer.media);
export const isBundle = (layer: Layer): layer is Bundle => layer.kind === 'bundle';

/** Whether something goes on in time in a layer by itself. */
export const plays = (layer: Layer): layer is Playing | Bundle => playsMedia(layer) || isBundle(layer);

/** Whether a clip or a picture that is dropped onto a layer takes its place, or is seen through it. */
export const takesMedia = (layer: Layer | undefined): boolean =>
    layer !== undefined && ['footage', 'shape', 'window'].includes(layer.kind);
