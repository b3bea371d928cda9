import { Crosshair, Move, MoveVertical } from 'lucide-vue-next';
import type { Corner } from '@/api/answers';
import type { EditCall } from '@/api/edits';
import type { Drive, Way } from './driving';

export type LightHow = 'across' | 'nearer' | 'aim';

export const ACROSS: Way<LightHow> = {
    how: 'across',
    label: 'Across',
    hint: 'Drag: as far away as it is. Shift: level or upright only',
    icon: Move,
    changes: ['position'],
};
export const NEARER: Way<LightHow> = {
    how: 'nearer',
    label: 'Nearer',
    hint: 'Drag up: nearer; down: farther away',
    icon: MoveVertical,
    changes: ['z'],
};
export const AIM: Way<LightHow> = {
    how: 'aim',
    label: 'Aim',
    hint: 'Drag: it shines elsewhere from where it is',
    icon: Crosshair,
    changes: ['aim'],
};

/** Drives a light as it is seen through the camera, wherever its space is looked at from. */
export const drivesLight = (
    layer: string,
    frame: number,
    { how }: Way<LightHow>,
    by: Corner,
    { straight, scope }: Drive,
): EditCall => [
    'drag-in-space',
    {
        layers: [layer],
        frame,
        by: how === 'nearer' ? [0, -by[1]] : by,
        part: how === 'aim' ? 'aim' : 'eye',
        straight: straight && how !== 'nearer',
        scope,
        // Seen from above, what goes up and down goes away and nearer.
        ...(how === 'nearer' ? { vantage: { sight: 'above' as const } } : {}),
    },
];
