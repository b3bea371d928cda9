<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { computed, nextTick, ref, watch } from 'vue';
import type { Bead } from '@/api/answers';
import { useAdding } from '@/project/adding';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { usePreferences } from '@/project/preferences';
import { useSelection } from '@/project/selection';
import BandLane from './BandLane.vue';
import KeyframeMenu, { type MenuTarget } from './KeyframeMenu.vue';
import { useLasso } from './lasso';
import LayerMenu from './LayerMenu.vue';
import LayerName from './LayerName.vue';
import OverviewBar from './OverviewBar.vue';
import { useReordering } from './reordering';
import { useRows, type PropertyRow, type Row } from './rows';
import { useRowWindow } from './rowWindow';
import ThreadRow from './ThreadRow.vue';
import TimeRuler from './TimeRuler.vue';
import { provideTimeView, ROW_HEIGHT, TALL_HEIGHT } from './timeView';

const adding = useAdding();
const composition = useComposition();
const playhead = usePlayhead();
const preferences = usePreferences();
const selection = useSelection();

const lane = ref<HTMLElement | null>(null);
const view = provideTimeView(lane);
const menu = ref<MenuTarget | null>(null);
const layerMenu = ref<{ x: number; y: number } | null>(null);

const alone = computed(() => composition.shown?.alone?.length ?? 0);

const { rows, showAll, toggleAll } = useRows();
watch(rows, (now) => (selection.listed = now.flatMap((row) => (row.kind === 'layer' ? [row.layer.id] : []))), {
    immediate: true,
});
const isTall = (row: Row): boolean =>
    row.kind === 'property' && !!row.thread && preferences.tall.includes(row.definition.name);
/** The other threads of its layer that are curves. */
const othersOf = (row: PropertyRow): PropertyRow[] =>
    rows.value.filter(
        (one): one is PropertyRow =>
            one.kind === 'property' &&
            one.layer.id === row.layer.id &&
            one.key !== row.key &&
            !!one.thread?.channels.length,
    );
const heightOf = (row: Row): number => (isTall(row) ? TALL_HEIGHT : ROW_HEIGHT);
const { body, slots, total, onScroll, show } = useRowWindow(rows, heightOf, ROW_HEIGHT);

function toggleTall(property: string): void {
    preferences.tall = preferences.tall.includes(property)
        ? preferences.tall.filter((one) => one !== property)
        : [...preferences.tall, property];
    opened.value = preferences.tall.includes(property) ? property : null;
}

/** The thread that was opened last comes into view whole, and stays there while rows still come, until something else is pressed. */
const opened = ref<string | null>(null);
watch(
    [opened, total],
    () => {
        const at = rows.value.findIndex((row) => row.kind === 'property' && row.definition.name === opened.value);
        // Once the list is as high as its rows.
        requestAnimationFrame(() => at >= 0 && show(at));
    },
    { flush: 'post' },
);
useEventListener(body, ['wheel', 'pointerdown'], () => (opened.value = null), { passive: true });

const reordering = useReordering(rows);
const movedBy = (layer: string): number =>
    reordering.moving.value?.layer === layer ? reordering.moving.value.by * ROW_HEIGHT : 0;
const lasso = useLasso(body);

/** Shows the row of what is selected in the picture. */
watch(
    () => selection.layers.at(-1),
    async (layer) => {
        await nextTick();
        show(rows.value.findIndex((row) => row.key === layer));
    },
);

function openMenu(row: PropertyRow, bead: Bead, event: MouseEvent): void {
    const chosen = { layer: row.layer.id, property: row.definition.name, frame: bead.frame };
    if (!selection.hasBead(chosen)) {
        selection.beads = [chosen];
    }
    const frames = selection.beads.map((one) => one.frame);
    const last = Math.max(...frames);
    const next = row.thread?.beads.find((one) => one.frame > last)?.frame ?? last;
    menu.value = {
        bead,
        keyframes: selection.keyframes,
        from: Math.min(...frames),
        last,
        to: next,
        x: event.clientX + 6,
        y: event.clientY - 120,
    };
}

function openLayerMenu(layer: string, event: MouseEvent): void {
    if (!selection.layers.includes(layer)) {
        selection.select(layer);
    }
    layerMenu.value = { x: event.clientX, y: event.clientY };
}

/** Zooms to what is selected, and back to the whole. */
function zoomToSelected(): void {
    const chosen = composition.layers.filter((layer) => selection.layers.includes(layer.id));
    const spans = chosen.length > 0 ? chosen : [{ in: 0, out: playhead.length }];
    view.show(Math.min(...spans.map((one) => one.in)), Math.max(...spans.map((one) => one.out)));
}

defineExpose({ zoomToSelected });

function onWheel(event: WheelEvent): void {
    const left = lane.value?.getBoundingClientRect().left ?? 0;
    if (view.onWheel(event, event.clientX - left)) {
        event.preventDefault();
    }
}

function onDrop(event: DragEvent): void {
    const left = lane.value?.getBoundingClientRect().left ?? 0;
    const frame = Math.round(view.frameAt(event.clientX - left));
    const row = (event.target as Element).closest<HTMLElement>('[data-row]')?.dataset.row;
    adding.drop({ at: Math.max(0, Math.min(frame, playhead.length - 1)), ...(row && { row }) });
}
</script>

<template>
    <section
        class="timeline"
        aria-label="Timeline"
        :style="{ '--left': `${preferences.left}px`, '--row': `${ROW_HEIGHT}px` }"
        @wheel="onWheel"
        @drop="onDrop"
    >
        <div class="top">
            <button
                v-if="alone > 0"
                type="button"
                class="alone"
                data-alone
                @click="composition.edit('look-alone', { layers: [] })"
            >
                {{ alone }} alone · show all
            </button>
            <span v-else class="count"
                >{{ composition.layers.length }} {{ composition.layers.length === 1 ? 'layer' : 'layers' }}</span
            >
            <div ref="lane" class="ruler-cell"><TimeRuler /></div>
        </div>
        <div ref="body" class="body" @scroll="onScroll">
            <p v-if="rows.length === 0" class="empty">Layers appear here, the topmost first.</p>
            <div class="rows" :style="{ height: `${total}px` }">
                <template v-for="{ row, slot, top } in slots" :key="row.kind === 'layer' ? slot : row.key">
                    <div
                        v-if="row.kind === 'layer'"
                        class="row"
                        :data-row="row.key"
                        :class="{ moving: reordering.moving.value?.layer === row.key }"
                        :style="{ transform: `translateY(${top + movedBy(row.key)}px)` }"
                    >
                        <LayerName
                            :layer="row.layer"
                            :selected="row.selected"
                            :animated="row.animated"
                            :all="showAll"
                            :depth="row.depth"
                            @reorder="reordering.begin(row.key, $event)"
                            @all="toggleAll(row.layer)"
                            @menu="openLayerMenu(row.key, $event)"
                        />
                        <BandLane
                            :layer="row.layer"
                            :selected="row.selected"
                            @menu="openLayerMenu(row.key, $event)"
                            @lasso="lasso.begin($event, 'bands')"
                        />
                    </div>
                    <ThreadRow
                        v-else
                        class="row"
                        :row="row"
                        :tall="isTall(row)"
                        :others="isTall(row) ? othersOf(row) : []"
                        :style="{ transform: `translateY(${top}px)` }"
                        @tall="toggleTall(row.definition.name)"
                        @menu="openMenu"
                        @lasso="lasso.begin"
                    />
                </template>
            </div>
        </div>
        <div class="line-area" aria-hidden="true">
            <i class="line" :style="{ transform: `translateX(${view.x(playhead.frame)}px)` }" />
            <i
                v-if="composition.met !== null"
                class="line met"
                data-met
                :style="{ transform: `translateX(${view.x(composition.met)}px)` }"
            />
        </div>
        <OverviewBar />
        <i
            v-if="lasso.rectangle.value"
            class="lasso"
            :style="
                Object.fromEntries(Object.entries(lasso.rectangle.value).map(([side, value]) => [side, `${value}px`]))
            "
        />
        <LayerMenu
            v-if="layerMenu"
            :key="`${layerMenu.x} ${layerMenu.y}`"
            v-bind="layerMenu"
            @close="layerMenu = null"
        />
        <KeyframeMenu v-if="menu" :key="menu.x + menu.y" :target="menu" @close="menu = null" />
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
.alone {
    justify-self: start;
    margin: 4px 0 0 10px;
    height: 22px;
    padding: 0 10px;
    border: 0;
    border-radius: 11px;
    background: var(--warning);
    color: #2a2230;
    font: inherit;
    font-size: 12px;
    cursor: pointer;
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
    contain: strict;
}
/* Each by itself, so that hundreds scroll without the whole being laid out anew. */
.rows {
    position: relative;
    overflow: hidden;
}
.row {
    position: absolute;
    left: 0;
    right: 0;
    height: var(--row);
    contain: layout style;
    border-bottom: 1px solid color-mix(in srgb, var(--hairline) 60%, transparent);
}
.row > :nth-child(2) {
    border-left: 1px solid var(--hairline);
}
.moving {
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
    will-change: transform;
}
.met {
    width: 0;
    border-left: 1.5px dashed var(--second);
    background: none;
}
.lasso {
    position: fixed;
    z-index: 5;
    border: 1px dashed var(--second);
    background: color-mix(in srgb, var(--second) 14%, transparent);
    pointer-events: none;
}
</style>
