import type { Layer } from '@/api/answers';

/** What plays one of the media. */
export type Playing = Extract<Layer, { kind: 'footage' | 'sound' }>;
export type Bundle = Extract<Layer, { kind: 'bundle' }>;

export const playsMedia = (layer: Layer): layer is Playing => layer.kind === 'footage' || layer.kind === 'sound';
export const isBundle = (layer: Layer): layer is Bundle => layer.kind === 'bundle';

/** Whether something goes on in time in a layer by itself. */
export const plays = (layer: Layer): layer is Playing | Bundle => playsMedia(layer) || isBundle(layer);
