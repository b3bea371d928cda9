<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Bead, Layer, PropertyDefinition, Thread } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { usePreferences } from '@/project/preferences';
import { useSelection } from '@/project/selection';
import { useVocabulary } from '@/project/vocabulary';
import PropertyRow from '@/sheet/PropertyRow.vue';
import BandLane from './BandLane.vue';
import EasingMenu, { type MenuTarget } from './EasingMenu.vue';
import LayerName from './LayerName.vue';
import ThreadLane from './ThreadLane.vue';
import TimeRuler from './TimeRuler.vue';
import { provideTimeView } from './timeView';

const ROW = 34;

const composition = useComposition();
const playhead = usePlayhead();
const preferences = usePreferences();
const selection = useSelection();
const vocabulary = useVocabulary();

const lane = ref<HTMLElement | null>(null);
const view = provideTimeView(lane);
const menu = ref<MenuTarget | null>(null);
const showAll = ref(false);
const reordering = ref<{ layer: string; by: number } | null>(null);

/** Top of the stack first, as it covers. */
const stack = computed(() => [...composition.layers].reverse());

function animated(layer: Layer): boolean {
    return vocabulary.words.properties[layer.kind].some(({ name }) => {
        const value = (layer as unknown as Record<string, unknown>)[name];
        return typeof value === 'object' && value !== null && 'keyframes' in value;
    });
}

interface Row {
    definition: PropertyDefinition;
    thread: Thread | undefined;
}

/** The properties unfolded under a selected layer. */
function rowsOf(layer: Layer): Row[] {
    const inspection = selection.layers.includes(layer.id)
        ? composition.glimpse?.inspections.find((one) => one.layer === layer.id)
        : undefined;
    if (!inspection) {
        return [];
    }
    return vocabulary.words.properties[layer.kind]
        .map((definition) => ({
            definition,
            thread: inspection.threads.find((one) => one.property === definition.name),
        }))
        .filter((row) => row.thread || showAll.value);
}

const stateOf = (layer: Layer, property: string) =>
    composition.glimpse?.inspections.find((one) => one.layer === layer.id)?.values[property];

function toggleAll(layer: Layer): void {
    showAll.value = selection.layers.includes(layer.id) ? !showAll.value : true;
    selection.select(layer.id);
}

function openMenu(layer: Layer, thread: Thread, bead: Bead, event: MouseEvent): void {
    selection.selectBead({ layer: layer.id, property: thread.property, frame: bead.frame });
    menu.value = { layer: layer.id, property: thread.property, bead, x: event.clientX + 6, y: event.clientY - 120 };
}

function reorder(layer: Layer, down: PointerEvent): void {
    const target = down.currentTarget as HTMLElement | null;
    const move = (event: PointerEvent): void => {
        const by = Math.round((event.clientY - down.clientY) / ROW);
        reordering.value = by === 0 ? null : { layer: layer.id, by };
    };
    const up = (): void => {
        window.removeEventListener('pointermove', move);
        const wanted = reordering.value;
        reordering.value = null;
        if (wanted) {
            const index = composition.layers.findIndex((one) => one.id === wanted.layer);
            const to = Math.max(0, Math.min(composition.layers.length - 1, index - wanted.by));
            void composition.edit('reorder-layer', { layer: wanted.layer, to });
        }
    };
    void target;
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', up, { once: true });
}

function onWheel(event: WheelEvent): void {
    const left = lane.value?.getBoundingClientRect().left ?? 0;
    if (view.onWheel(event, event.clientX - left)) {
        event.preventDefault();
    }
}

const overview = computed(() => ({
    left: `${(100 * view.from.value) / playhead.length}%`,
    width: `${Math.min(100, (100 * view.visible.value) / playhead.length)}%`,
}));

function scrollOverview(down: PointerEvent): void {
    const track = (down.currentTarget as HTMLElement).parentElement!.getBoundingClientRect();
    const began = view.from.value;
    const move = (event: PointerEvent): void =>
        view.scrollTo(began + ((event.clientX - down.clientX) / track.width) * playhead.length);
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', () => window.removeEventListener('pointermove', move), { once: true });
}
</script>

<template>
    <section class="timeline" aria-label="Timeline" :style="{ '--left': `${preferences.left}px` }" @wheel="onWheel">
        <div class="top">
            <span class="count"
                >{{ composition.layers.length }} {{ composition.layers.length === 1 ? 'layer' : 'layers' }}</span
            >
            <div ref="lane" class="ruler-cell"><TimeRuler /></div>
        </div>
        <div class="body">
            <p v-if="stack.length === 0" class="empty">Layers appear here, the topmost first.</p>
            <template v-for="layer in stack" :key="layer.id">
                <div
                    class="row layer"
                    :class="{ moving: reordering?.layer === layer.id }"
                    :style="reordering?.layer === layer.id ? { transform: `translateY(${reordering.by * ROW}px)` } : {}"
                >
                    <LayerName
                        :layer="layer"
                        :selected="selection.layers.includes(layer.id)"
                        :animated="animated(layer)"
                        :all="showAll"
                        @reorder="reorder(layer, $event)"
                        @all="toggleAll(layer)"
                    />
                    <BandLane :layer="layer" :selected="selection.layers.includes(layer.id)" />
                </div>
                <div
                    v-for="{ definition, thread } in rowsOf(layer)"
                    :key="definition.name"
                    class="row thread"
                    :data-thread="definition.name"
                >
                    <PropertyRow
                        compact
                        :layer="layer"
                        :definition="definition"
                        :state="stateOf(layer, definition.name)"
                    />
                    <ThreadLane
                        v-if="thread"
                        :layer="layer"
                        :thread="thread"
                        @menu="(bead, event) => openMenu(layer, thread!, bead, event)"
                    />
                    <span v-else />
                </div>
            </template>
        </div>
        <div class="line-area" aria-hidden="true">
            <i class="line" :style="{ transform: `translateX(${view.x(playhead.frame)}px)` }" />
        </div>
        <div v-if="view.visible.value < playhead.length - 0.5" class="overview">
            <i :style="overview" @pointerdown.prevent="scrollOverview" />
        </div>
        <EasingMenu v-if="menu" :key="`${menu.property}${menu.bead.frame}`" :target="menu" @close="menu = null" />
    </section>
</template>

<style scoped>
.timeline {
    position: relative;
    display: flex;
    flex-direction: column;
    height: 100%;
    min-height: 0;
    background: var(--surface);
}
.top,
.row {
    display: grid;
    grid-template-columns: var(--left) minmax(0, 1fr);
}
.top {
    height: 30px;
    flex: none;
    border-bottom: 1px solid var(--hairline);
    background: var(--raised);
}
.count {
    padding-left: 16px;
    color: var(--quiet);
    font-size: 12px;
    line-height: 30px;
}
.ruler-cell {
    border-left: 1px solid var(--hairline);
    min-width: 0;
}
.body {
    flex: 1;
    min-height: 0;
    overflow: hidden auto;
    scrollbar-width: none;
}
.row {
    height: 34px;
    border-bottom: 1px solid color-mix(in srgb, var(--hairline) 60%, transparent);
    content-visibility: auto;
    contain-intrinsic-size: auto 34px;
}
.row > :nth-child(2) {
    border-left: 1px solid var(--hairline);
}
.thread {
    background: var(--raised);
}
.moving {
    position: relative;
    z-index: 3;
    background: var(--raised);
    box-shadow: 0 3px 12px #2a223033;
}
.empty {
    margin: 18px 16px;
    color: var(--quiet);
}
.line-area {
    position: absolute;
    inset: 30px 0 0 var(--left);
    overflow: hidden;
    pointer-events: none;
}
.line {
    position: absolute;
    inset: 0 auto 0 0;
    width: 1.5px;
    background: var(--accent);
}
.overview {
    position: absolute;
    left: var(--left);
    right: 0;
    bottom: 0;
    height: 9px;
}
.overview i {
    position: absolute;
    top: 2px;
    height: 5px;
    border-radius: 3px;
    background: var(--quiet);
    opacity: 0.5;
    cursor: grab;
}
</style>
