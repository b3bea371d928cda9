<script setup lang="ts">
import { Crosshair, Move, MoveVertical } from 'lucide-vue-next';
import { computed } from 'vue';
import type { Corner, Layer } from '@/api/answers';
import type { EditCall } from '@/api/edits';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useDragOnPicture } from './dragOnPicture';
import DrivePads from './DrivePads.vue';
import type { Drive, Way } from './driving';
import LightMarks from './LightMarks.vue';
import { useSaid } from './said';
import type { PictureView } from './view';

/** A light where it is seen in the picture, to be dragged there, and what drives it by hand. */
const props = defineProps<{ layer: Layer; view: PictureView }>();

const composition = useComposition();
const playhead = usePlayhead();
const said = useSaid();
const drag = useDragOnPicture(props.view);

type How = 'across' | 'nearer' | 'aim';
const ACROSS: Way<How>[] = [
    {
        how: 'across',
        label: 'Across',
        hint: 'Drag: as far away as it is. Shift: level or upright only',
        icon: Move,
        changes: ['position'],
    },
    { how: 'nearer', label: 'Nearer', hint: 'Drag up: nearer; down: farther away', icon: MoveVertical, changes: ['z'] },
];
const AIM: Way<How> = {
    how: 'aim',
    label: 'Aim',
    hint: 'Drag: it shines elsewhere from where it is',
    icon: Crosshair,
    changes: ['aim'],
};

const lights = computed(() => (composition.glimpse?.lights ?? []).filter(({ layer }) => layer === props.layer.id));
const ways = computed(() => [...ACROSS, ...(lights.value[0]?.aim ? [AIM] : [])]);

const request = (way: Way<How>, by: Corner, { straight, scope }: Drive): EditCall => [
    'drag-in-space',
    {
        layers: [props.layer.id],
        frame: playhead.frame,
        by: way.how === 'nearer' ? [0, -by[1]] : by,
        part: way.how === 'aim' ? 'aim' : 'eye',
        straight: straight && way.how !== 'nearer',
        scope,
        // Seen from above, what goes up and down goes away and nearer.
        ...(way.how === 'nearer' ? { vantage: { sight: 'above' as const } } : {}),
    },
];

function press(_: string, part: 'whole' | 'eye' | 'aim', down: PointerEvent): void {
    if (down.button !== 0) {
        return;
    }
    down.stopPropagation();
    down.preventDefault();
    const way = part === 'aim' ? AIM : ACROSS[0]!;
    drag(down, (by, event) =>
        request(way, by, {
            straight: event.shiftKey,
            snap: false,
            scope: event.ctrlKey || event.metaKey || said.isWhole(props.layer, way.changes) ? 'whole' : 'playhead',
        }),
    );
}
</script>

<template>
    <svg class="lights" data-lights>
        <LightMarks :lights="lights" :view="view" @press="press" />
    </svg>
    <DrivePads v-if="lights.length > 0" :layer="layer" :view="view" :ways="ways" :request="request" />
</template>

<style scoped>
.lights {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    pointer-events: none;
}
.lights :deep(.point),
.lights :deep(.lamp) {
    pointer-events: auto;
}
</style>
