<script setup lang="ts" generic="How extends string">
import { ref } from 'vue';
import type { Corner, Layer } from '@/api/answers';
import type { EditCall } from '@/api/edits';
import { useComposition } from '@/project/composition';
import { useDragOnPicture } from './dragOnPicture';
import type { Drive, Way } from './driving';
import PictureBar from './PictureBar.vue';
import { useSaid } from './said';
import type { PictureView } from './view';

/** What drives something by hand that is not seen itself: each pad is dragged from where it is to anywhere, or driven by the arrow keys. */
const props = defineProps<{
    layer: Layer;
    view: PictureView;
    ways: Way<How>[];
    request: (way: Way<How>, by: Corner, how: Drive) => EditCall;
    /** What is done by something else that is dragged. */
    does?: string | null;
    values?: string;
}>();

const composition = useComposition();
const said = useSaid();
const drag = useDragOnPicture(props.view);

const driven = ref<Way<How> | null>(null);
function press(way: Way<How>, down: PointerEvent): void {
    if (down.button !== 0) {
        return;
    }
    driven.value = way as never;
    window.addEventListener('pointerup', () => (driven.value = null), { once: true });
    drag(down, (by, event) =>
        props.request(way, by, {
            straight: event.shiftKey,
            snap: event.altKey,
            scope: event.ctrlKey || event.metaKey || said.isWhole(props.layer, way.changes) ? 'whole' : 'playhead',
        }),
    );
}

const STEPS: Record<string, Corner> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
};

/** By the arrow keys a little at a time. */
function nudge(way: Way<How>, event: KeyboardEvent): void {
    const step = STEPS[event.key];
    if (step) {
        event.preventDefault();
        event.stopPropagation();
        const size = event.shiftKey ? 100 : 10;
        const call = props.request(way, [step[0] * size, step[1] * size], {
            straight: false,
            snap: false,
            scope: said.isWhole(props.layer, way.changes) ? 'whole' : 'playhead',
        });
        void composition.edit(call[0], call[1]);
    }
}
</script>

<template>
    <PictureBar
        :label="`Drive ${layer.name}`"
        :does="driven ? said.does(layer, driven.changes) : (does ?? null)"
        :values="driven ? said.values(layer, driven.changes) : (values ?? '')"
        data-drive
    >
        <button
            v-for="way in ways"
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
        <slot />
    </PictureBar>
</template>
