<script setup lang="ts">
import {
    AlignCenterHorizontal,
    AlignCenterVertical,
    AlignEndHorizontal,
    AlignEndVertical,
    AlignHorizontalSpaceBetween,
    AlignStartHorizontal,
    AlignStartVertical,
    AlignVerticalSpaceBetween,
    FlipHorizontal2,
    FlipVertical2,
    Scaling,
} from 'lucide-vue-next';
import { computed, ref } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { usePreferences } from '@/project/preferences';
import IconButton from '@/shell/IconButton.vue';

/** Where layers are put in the frame: nine places with a margin, as large as the frame, or in line with each other. */
const props = defineProps<{ layers: Layer[] }>();

const SIDES = ['start', 'middle', 'end'] as const;
const NAMES = {
    x: { start: 'left', middle: 'middle', end: 'right' },
    y: { start: 'top', middle: 'middle', end: 'bottom' },
};
const FRAMINGS = [
    ['fit', 'Fit'],
    ['fill', 'Fill'],
    ['original', 'Original'],
    ['stretch', 'Stretch'],
] as const;
const LINES = [
    { icon: AlignStartVertical, label: 'Left edges in line', args: { x: 'start' } },
    { icon: AlignCenterVertical, label: 'Middles in line, upright', args: { x: 'middle' } },
    { icon: AlignEndVertical, label: 'Right edges in line', args: { x: 'end' } },
    { icon: AlignStartHorizontal, label: 'Top edges in line', args: { y: 'start' } },
    { icon: AlignCenterHorizontal, label: 'Middles in line, level', args: { y: 'middle' } },
    { icon: AlignEndHorizontal, label: 'Bottom edges in line', args: { y: 'end' } },
];

const composition = useComposition();
const playhead = usePlayhead();
const preferences = usePreferences();
const problem = ref<string | null>(null);

const ids = computed(() => props.layers.map((layer) => layer.id));

async function ask(edit: string, args: object): Promise<void> {
    problem.value = await composition.ask(edit, { layers: ids.value, frame: playhead.frame, ...args });
}

const placeName = (x: (typeof SIDES)[number], y: (typeof SIDES)[number]): string =>
    x === y && x === 'middle' ? 'In the middle' : `At the ${NAMES.y[y]} ${NAMES.x[x]}`;

const anchorName = (x: (typeof SIDES)[number], y: (typeof SIDES)[number]): string =>
    x === y && x === 'middle' ? 'Anchor in the middle' : `Anchor at the ${NAMES.y[y]} ${NAMES.x[x]}`;

function setMargin(event: Event): void {
    const margin = Number((event.target as HTMLInputElement).value);
    preferences.margin = Number.isFinite(margin) ? Math.max(-10_000, Math.min(10_000, margin)) : preferences.margin;
}
</script>

<template>
    <div class="arrange">
        <div class="nine" role="group" aria-label="Nine places in the frame">
            <template v-for="y in SIDES" :key="y">
                <button
                    v-for="x in SIDES"
                    :key="x"
                    type="button"
                    :title="placeName(x, y)"
                    :aria-label="placeName(x, y)"
                    :data-place="`${x} ${y}`"
                    @click="ask('align-layers', { x, y, margin: preferences.margin })"
                />
            </template>
        </div>
        <div class="nine anchors" role="group" aria-label="Nine points for the anchor">
            <template v-for="y in SIDES" :key="y">
                <button
                    v-for="x in SIDES"
                    :key="x"
                    type="button"
                    :title="anchorName(x, y)"
                    :aria-label="anchorName(x, y)"
                    :data-anchor="`${x} ${y}`"
                    @click="ask('place-anchors', { x, y })"
                />
            </template>
        </div>
        <div class="beside">
            <div class="second">
                <label class="margin">
                    Margin
                    <input :value="preferences.margin" inputmode="decimal" aria-label="Margin" @change="setMargin" />px
                </label>
            </div>
        </div>
        <div class="framings" role="group" aria-label="As large as the frame">
            <button
                v-for="[as, text] in FRAMINGS"
                :key="as"
                type="button"
                :data-framing="as"
                @click="ask('frame-layers', { as })"
            >
                {{ text }}
            </button>
            <span class="flips">
                <IconButton
                    :icon="FlipHorizontal2"
                    :size="15"
                    label="Flip from left to right"
                    data-flip="x"
                    @click="ask('flip-layers', { axis: 'x' })"
                />
                <IconButton
                    :icon="FlipVertical2"
                    :size="15"
                    label="Flip from top to bottom"
                    data-flip="y"
                    @click="ask('flip-layers', { axis: 'y' })"
                />
            </span>
        </div>
        <div v-if="layers.length > 1" class="lines" role="group" aria-label="In line with each other">
            <IconButton
                v-for="line in LINES"
                :key="line.label"
                :icon="line.icon"
                :size="15"
                :label="line.label"
                @click="ask('align-layers', { to: 'selection', ...line.args })"
            />
            <i />
            <IconButton
                :icon="AlignHorizontalSpaceBetween"
                :size="15"
                label="Even gaps from left to right"
                @click="ask('distribute-layers', { axis: 'x' })"
            />
            <IconButton
                :icon="AlignVerticalSpaceBetween"
                :size="15"
                label="Even gaps from top to bottom"
                @click="ask('distribute-layers', { axis: 'y' })"
            />
            <IconButton
                :icon="Scaling"
                :size="15"
                :label="`All as large as ${layers[0]?.name}`"
                @click="ask('match-sizes', { like: ids[0] })"
            />
        </div>
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    </div>
</template>

<style scoped>
.arrange {
    display: grid;
    grid-template-columns: max-content max-content minmax(0, 1fr);
    gap: 4px 10px;
    align-items: center;
    padding: 2px 12px 6px 16px;
}
.nine {
    display: grid;
    grid-template-columns: repeat(3, 21px);
    grid-auto-rows: 15px;
    gap: 1px;
    padding: 2px;
    border: 1px solid var(--hairline);
    border-radius: 6px;
    background: var(--field);
}
.nine button {
    display: grid;
    place-items: center;
    padding: 0;
    border: 0;
    border-radius: 3px;
    background: none;
    cursor: pointer;
}
.nine button::after {
    width: 7px;
    height: 5px;
    border-radius: 1px;
    background: var(--quiet);
    content: '';
    opacity: 0.5;
}
.anchors {
    grid-template-columns: repeat(3, 14px);
}
.anchors button::after {
    width: 6px;
    height: 6px;
    border: 1.25px solid var(--quiet);
    border-radius: 50%;
    background: none;
    opacity: 0.8;
}
.nine button:hover,
.nine button:focus-visible {
    background: var(--selected);
}
.nine button:hover::after,
.nine button:focus-visible::after {
    background: var(--accent);
    opacity: 1;
}
.beside {
    display: grid;
    gap: 4px;
}
.framings {
    display: flex;
    grid-column: 1 / -1;
    gap: 2px;
    margin-left: -6px;
}
.flips {
    display: flex;
    margin-left: auto;
}
.framings > button {
    height: 24px;
    padding: 0 6px;
    border: 0;
    border-radius: 6px;
    background: none;
    color: var(--second);
    font-size: 12.5px;
    cursor: pointer;
}
.framings button:hover,
.framings button:focus-visible {
    background: var(--hover);
}
.second {
    display: flex;
    align-items: center;
}
.second :deep(.icon-button) {
    width: 26px;
    height: 22px;
}
.margin {
    display: flex;
    flex: 1;
    align-items: center;
    gap: 6px;
    color: var(--quiet);
    font-size: 12px;
}
.margin input {
    width: 54px;
    height: 22px;
    padding: 0 7px;
    border: 0;
    border-radius: 6px;
    background: var(--field);
    box-shadow: inset 0 0 0 1px var(--hairline);
    color: var(--ink);
    font: inherit;
    font-size: 12.5px;
    font-variant-numeric: tabular-nums;
}
.lines {
    grid-column: 1 / -1;
    display: flex;
    align-items: center;
    gap: 0;
    margin-left: -5px;
}
.lines :deep(.icon-button) {
    width: 28px;
    height: 26px;
}
.lines i {
    width: 1px;
    height: 16px;
    margin: 0 4px;
    background: var(--hairline);
}
.problem {
    grid-column: 1 / 3;
    margin: 0;
    color: var(--accent);
    font-size: 12px;
}
</style>
