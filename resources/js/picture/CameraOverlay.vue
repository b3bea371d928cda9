<script setup lang="ts">
import { Compass, Crosshair, Move, MoveVertical, RefreshCw } from 'lucide-vue-next';
import { ref } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useDragOnPicture } from './dragOnPicture';
import PictureBar from './PictureBar.vue';
import { useSaid } from './said';
import type { PictureView } from './view';

/** What drives a camera by hand: each is dragged, from where it is to anywhere. */
const props = defineProps<{ layer: Layer; view: PictureView }>();

const composition = useComposition();
const playhead = usePlayhead();
const said = useSaid();
const drag = useDragOnPicture(props.view);

type Way = {
    how: 'orbit' | 'across' | 'nearer' | 'aim' | 'roll';
    label: string;
    hint: string;
    icon: object;
    changes: string[];
};
const WAYS: Way[] = [
    {
        how: 'orbit',
        label: 'Orbit',
        hint: 'Drag: around what it aims at. Shift: one way only; Alt: by 15°',
        icon: Compass,
        changes: ['orbitX', 'orbitY'],
    },
    {
        how: 'across',
        label: 'Across',
        hint: 'Drag: with its aim. Shift: level or upright only',
        icon: Move,
        changes: ['position', 'aim'],
    },
    { how: 'nearer', label: 'Nearer', hint: 'Drag up: nearer; down: farther away', icon: MoveVertical, changes: ['z'] },
    {
        how: 'aim',
        label: 'Aim',
        hint: 'Drag: it looks elsewhere from where it stands',
        icon: Crosshair,
        changes: ['aim'],
    },
    { how: 'roll', label: 'Roll', hint: 'Drag: rolled. Alt: by 15°', icon: RefreshCw, changes: ['rotation'] },
];

const driven = ref<Way | null>(null);
function press(way: Way, down: PointerEvent): void {
    if (down.button !== 0) {
        return;
    }
    driven.value = way;
    window.addEventListener('pointerup', () => (driven.value = null), { once: true });
    drag(down, (by, event) => [
        'drive-camera',
        {
            camera: props.layer.id,
            frame: playhead.frame,
            how: way.how,
            by,
            straight: event.shiftKey,
            snap: event.altKey,
            scope: event.ctrlKey || event.metaKey || said.isWhole(props.layer, way.changes) ? 'whole' : 'playhead',
        },
    ]);
}

const STEPS: Record<string, [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
};

/** By the arrow keys a little at a time. */
function nudge(way: Way, event: KeyboardEvent): void {
    const step = STEPS[event.key];
    if (step) {
        event.preventDefault();
        event.stopPropagation();
        const size = event.shiftKey ? 100 : 10;
        void composition.edit('drive-camera', {
            camera: props.layer.id,
            frame: playhead.frame,
            how: way.how,
            by: [step[0] * size, step[1] * size],
            scope: said.isWhole(props.layer, way.changes) ? 'whole' : 'playhead',
        });
    }
}
</script>

<template>
    <PictureBar
        :label="`Drive ${layer.name}`"
        :does="driven && said.does(layer, driven.changes)"
        :values="driven ? said.values(layer, driven.changes) : ''"
        data-drive
    >
        <button
            v-for="way in WAYS"
            :key="way.how"
            type="button"
            class="pad"
            :class="{ on: driven?.how === way.how }"
            :title="way.hint"
            :data-drive-how="way.how"
            @pointerdown.stop.prevent="press(way, $event)"
            @keydown="nudge(way, $event)"
        >
            <component :is="way.icon" :size="15" aria-hidden="true" />{{ way.label }}
        </button>
    </PictureBar>
</template>
