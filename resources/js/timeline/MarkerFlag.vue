<script setup lang="ts">
import { Trash2 } from 'lucide-vue-next';
import { computed, nextTick, ref, watch } from 'vue';
import type { Marker } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useTimecode } from '@/project/timecode';
import { useVocabulary } from '@/project/vocabulary';
import IconButton from '@/shell/IconButton.vue';
import { useOpened } from '@/shell/opened';
import { useDragInTime } from './dragInTime';
import { useTimeView } from './timeView';

/** A marker on the ruler, or with `layer` on that layer's band: a click goes to it, a drag moves it, a double click opens its name and colour. */
const props = defineProps<{ marker: Marker; layer?: string }>();

const composition = useComposition();
const playhead = usePlayhead();
const timecode = useTimecode();
const vocabulary = useVocabulary();
const view = useTimeView();
const { begin } = useDragInTime();
const whose = computed(() => (props.layer === undefined ? {} : { layer: props.layer }));
const open = ref(false);
useOpened(open);
const field = ref<HTMLInputElement | null>(null);
/** What is being typed: what comes in meanwhile does not put the old name back. */
const name = ref('');

watch(open, () => (name.value = props.marker.name));

/** Not beyond what it is a marker of. */
function within(frame: number): number {
    const layer = props.layer === undefined ? undefined : composition.layer(props.layer);
    return Math.max(layer?.in ?? 0, Math.min(frame, (layer?.out ?? playhead.length) - 1));
}

function remove(): void {
    void composition.edit('remove-markers', { ...whose.value, frames: [props.marker.frame] });
}

function down(event: PointerEvent): void {
    if (event.button !== 0) {
        return;
    }
    const { frame } = props.marker;
    playhead.playing = false;
    playhead.go(frame);
    begin(event, {
        isDrawnIn: false,
        request: (by) => ({
            edit: 'change-marker',
            args: { layer: props.layer ?? null, marker: frame, to: within(Math.round(frame + by)) },
        }),
    });
}

async function show(): Promise<void> {
    open.value = true;
    await nextTick();
    setTimeout(() => field.value?.select(), 60);
}

/** A field that is taken away before it has lost focus never says that it was changed. */
function finish(): void {
    field.value?.blur();
    open.value = false;
}

function change(args: object): void {
    void composition.edit('change-marker', { ...whose.value, marker: props.marker.frame, ...args });
}
</script>

<template>
    <ElPopover
        v-model:visible="open"
        :persistent="false"
        trigger="contextmenu"
        placement="top"
        :width="236"
        :hide-after="0"
    >
        <template #reference>
            <button
                type="button"
                class="marker"
                :class="{ small: layer !== undefined, here: marker.frame === playhead.frame }"
                :style="{ left: `${view.x(marker.frame)}px`, '--dye': `var(--dye-${marker.label})` }"
                :title="`${marker.name || 'Marker'} at ${timecode.label(marker.frame)}`"
                :aria-label="`Marker ${marker.name} at ${timecode.label(marker.frame)}`"
                :data-marker="marker.frame"
                @pointerdown.stop="down"
                @dblclick.stop="show"
                @keydown.enter.prevent="show"
                @keydown.delete.stop.prevent="remove()"
            >
                <svg viewBox="0 0 10 14" aria-hidden="true"><path d="M1 1h8v7L5 13 1 8z" /></svg>
                <span v-if="marker.name && layer === undefined" dir="auto">{{ marker.name }}</span>
            </button>
        </template>
        <div v-if="open" class="about">
            <input
                ref="field"
                v-model="name"
                placeholder="Name of the marker"
                aria-label="Name of the marker"
                dir="auto"
                data-marker-name
                @change="change({ name })"
                @keydown.enter.prevent="finish"
            />
            <div class="dyes">
                <button
                    v-for="dye in vocabulary.words.labels"
                    :key="dye"
                    type="button"
                    :aria-pressed="marker.label === dye"
                    :aria-label="`Colour ${dye}`"
                    :title="dye"
                    :style="{ '--dye': `var(--dye-${dye})` }"
                    @click="change({ label: dye })"
                />
                <IconButton :icon="Trash2" :size="14" label="Remove this marker" @click="remove()" />
            </div>
        </div>
    </ElPopover>
</template>

<style scoped>
.marker {
    position: absolute;
    z-index: 2;
    bottom: 1px;
    display: flex;
    align-items: center;
    height: 14px;
    margin-left: -5px;
    padding: 0;
    border: 0;
    background: none;
    color: var(--ink);
    font-size: 11px;
    cursor: grab;
    touch-action: none;
}
.marker svg {
    width: 10px;
    height: 13px;
    flex: none;
    fill: var(--dye);
}
.marker span {
    max-width: 90px;
    overflow: hidden;
    padding: 0 4px 0 3px;
    background: var(--raised);
    text-overflow: ellipsis;
    white-space: nowrap;
}
.marker.small {
    top: 2px;
    bottom: auto;
    height: 10px;
}
.marker.small svg {
    width: 8px;
    height: 10px;
    stroke: var(--raised);
    stroke-width: 1.5;
}
/* Where the playhead is. */
.marker.here {
    z-index: 4;
    font-weight: 600;
}
.marker.here svg {
    overflow: visible;
    stroke: var(--ink);
    stroke-width: 1.5;
    paint-order: stroke;
}
.about {
    display: grid;
    gap: 8px;
}
input {
    height: 28px;
    padding: 0 8px;
    border: 1px solid var(--hairline);
    border-radius: 6px;
    background: var(--field);
    color: var(--ink);
    font: inherit;
    font-size: 13px;
}
.dyes {
    display: flex;
    align-items: center;
    gap: 1px;
}
.dyes > button:not(.icon-button) {
    width: 20px;
    height: 20px;
    padding: 0;
    border: 3px solid var(--raised);
    border-radius: 50%;
    background: var(--dye);
    cursor: pointer;
}
.dyes > button[aria-pressed='true'] {
    box-shadow: 0 0 0 1.5px var(--ink);
}
.dyes :deep(.icon-button) {
    width: 26px;
    height: 26px;
    margin-left: auto;
}
</style>
