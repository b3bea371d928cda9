import type { Layer } from '@/api/answers';

export type Playing = Extract<Layer, { kind: 'footage' | 'sound' }>;

/** Whether something goes on in time in a layer by itself. */
export const plays = (layer: Layer): layer is Playing => layer.kind === 'footage' || layer.kind === 'sound';
