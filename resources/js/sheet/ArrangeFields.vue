<script setup lang="ts">
import type { ArgumentsOf, OfLayers } from '@/api/edits';
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
    RotateCcw,
    Scaling,
} from 'lucide-vue-next';
import { computed, ref } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { usePreferences } from '@/project/preferences';
import IconButton from '@/shell/IconButton.vue';
import NinePoints from './NinePoints.vue';

/** Where layers are put in the frame: nine places with a margin, as large as the frame, or in line with each other. */
const props = defineProps<{ layers: Layer[] }>();

const FRAMINGS = [
    ['fit', 'Fit'],
    ['fill', 'Fill'],
    ['original', 'Original'],
    ['stretch', 'Stretch'],
] as const;
const LINES = [
    { icon: AlignStartVertical, label: 'Align left edges', args: { x: 'start' } },
    { icon: AlignCenterVertical, label: 'Align horizontal centres', args: { x: 'middle' } },
    { icon: AlignEndVertical, label: 'Align right edges', args: { x: 'end' } },
    { icon: AlignStartHorizontal, label: 'Align top edges', args: { y: 'start' } },
    { icon: AlignCenterHorizontal, label: 'Align vertical centres', args: { y: 'middle' } },
    { icon: AlignEndHorizontal, label: 'Align bottom edges', args: { y: 'end' } },
];

const composition = useComposition();
const playhead = usePlayhead();
const preferences = usePreferences();
const problem = ref<string | null>(null);

const ids = computed(() => props.layers.map((layer) => layer.id));

async function ask<K extends OfLayers>(edit: K, args: Partial<ArgumentsOf<K>>): Promise<void> {
    const all = { layers: ids.value, frame: playhead.frame, ...args } as ArgumentsOf<K>;
    problem.value = await composition.ask(edit, all);
}

/** Whether they go together, as one picture. */
const together = computed(() => props.layers.length > 1 && preferences.asBlock);

const place = (x: string, y: string): Promise<void> =>
    ask('align-layers', {
        x,
        y,
        together: together.value,
        ...(preferences.inSafe ? { to: 'safe' } : { margin: preferences.margin }),
    });

async function reset(): Promise<void> {
    problem.value = await composition.ask('reset-placement', { layers: ids.value });
}

function setMargin(event: Event): void {
    const margin = Number((event.target as HTMLInputElement).value);
    preferences.margin = Number.isFinite(margin) ? Math.max(-10_000, Math.min(10_000, margin)) : preferences.margin;
}
</script>

<template>
    <div class="arrange">
        <NinePoints of="place" label="Nine places in the frame" @choose="(x, y) => place(x, y)" />
        <NinePoints of="anchor" label="Nine points for the anchor" @choose="(x, y) => ask('place-anchors', { x, y })" />
        <div class="beside">
            <div class="second">
                <label class="margin">
                    Margin
                    <input
                        :disabled="preferences.inSafe"
                        :value="preferences.margin"
                        inputmode="decimal"
                        aria-label="Margin"
                        @change="setMargin"
                    />px
                </label>
                <label class="safe"
                    ><input v-model="preferences.inSafe" type="checkbox" data-in-safe />to the safe area</label
                >
                <label v-if="layers.length > 1" class="safe"
                    ><input v-model="preferences.asBlock" type="checkbox" data-as-block />all as one block</label
                >
            </div>
        </div>
        <div class="framings" role="group" aria-label="As large as the frame">
            <button
                v-for="[as, text] in FRAMINGS"
                :key="as"
                type="button"
                :data-framing="as"
                @click="ask('frame-layers', { as, together })"
            >
                {{ text }}
            </button>
            <span class="flips">
                <IconButton
                    :icon="RotateCcw"
                    :size="14"
                    label="Reset the placement: position, scale, rotation, opacity, anchor, and their keyframes"
                    data-reset-placement
                    @click="reset"
                />
                <IconButton
                    :icon="FlipHorizontal2"
                    :size="15"
                    label="Flip horizontally"
                    data-flip="x"
                    @click="ask('flip-layers', { axis: 'x' })"
                />
                <IconButton
                    :icon="FlipVertical2"
                    :size="15"
                    label="Flip vertically"
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
                label="Even horizontal gaps"
                @click="ask('distribute-layers', { axis: 'x' })"
            />
            <IconButton
                :icon="AlignVerticalSpaceBetween"
                :size="15"
                label="Even vertical gaps"
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
    display: grid;
    gap: 3px;
}
.safe {
    display: flex;
    align-items: center;
    gap: 6px;
    color: var(--quiet);
    font-size: 12px;
    white-space: nowrap;
}
.safe input {
    margin: 0;
    accent-color: var(--accent);
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
