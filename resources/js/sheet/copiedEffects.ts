import { shallowRef } from 'vue';
import type { Attached } from './properties';

/** Effects that were copied from a layer, with their settings and keyframes, for others. */
export const copiedEffects = shallowRef<Attached[]>([]);
