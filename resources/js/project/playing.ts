import type { Layer } from '@/api/answers';

export type Window = Extract<Layer, { kind: 'window' }>;
/** What plays one of the media. */
export type Playing = Extract<Layer, { kind: 'footage' | 'sound' }> | (Window & { media: string });
export type Bundle = Extract<Layer, { kind: 'bundle' }>;
export type Placing = Bundle | (Window & { composition: string });

export const isWindow = (layer: Layer): layer is Window => layer.kind === 'window';
export const playsMedia = (layer: Layer): layer is Playing => 'media' in layer && !!layer.media;
export const isBundle = (layer: Layer): layer is Bundle => layer.kind === 'bundle';

/** Whether it shows another composition, as a bundle or through a window. */
export const placesAnother = (layer: Layer): layer is Placing => 'composition' in layer && !!layer.composition;

/** Whether something goes on in time in a layer by itself. */
export const plays = (layer: Layer): layer is Playing | Placing => playsMedia(layer) || placesAnother(layer);
