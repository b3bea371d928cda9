<script setup lang="ts">
import { Dices } from 'lucide-vue-next';
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useTrying } from '@/project/trying';
import { useVocabulary } from '@/project/vocabulary';
import EasingField from '@/timeline/EasingField.vue';
import IconButton from '@/shell/IconButton.vue';
import type { Attached } from './properties';
import ValueField from './ValueField.vue';

/** Over what a cascade is spread, in which order and how fast. Two of its length, the pace of one unit and the overlap give the third. */
const props = defineProps<{ layer: Layer; cascade: Attached; change: (change: object) => void }>();

const SINGLE: Record<string, string> = {
    letters: 'letter',
    words: 'word',
    lines: 'line',
    layers: 'layer',
    repeats: 'one',
    patches: 'patch',
};

const GOES: Record<string, string> = { arrive: 'comes from', leave: 'goes to', accent: 'goes to, and back' };

const composition = useComposition();
const vocabulary = useVocabulary();
const trying = useTrying();

const units = computed(() => [
    ...('patchwork' in props.layer && props.layer.patchwork ? ['patches'] : []),
    ...(vocabulary.words.units[props.layer.kind] ?? []),
]);
const found = computed(() =>
    composition.glimpse?.inspections
        .find((one) => one.layer === props.layer.id)
        ?.cascades?.find((one) => one.cascade === props.cascade.id),
);
const number = (name: string, otherwise: number): number => Number(props.cascade[name] ?? otherwise);
const isNumber = (value: unknown): value is number => typeof value === 'number';
const whole = (value: number | string): number | string => (isNumber(value) ? Math.round(value) : value);
const isThrown = computed(
    () =>
        props.cascade.order === 'random' ||
        ['scatter', 'scatterTurn', 'scatterScale', 'scatterTilt'].some((name) =>
            [props.cascade[name]].flat().some((value) => value),
        ),
);
const counts = computed(() => {
    const all = found.value?.units ?? 0;
    return `${all} ${all === 1 ? 'unit' : 'units'}`;
});

/** Plays the cascade in the picture as it would be with a change. */
function tryOut(change: object): void {
    const { from, to } = found.value ?? { from: props.layer.in, to: props.layer.out };
    const cascades = ('cascades' in props.layer ? (props.layer.cascades ?? []) : []).map((one) =>
        one.id === props.cascade.id ? { ...one, ...change } : one,
    );
    void trying.play('set-cascades', { layers: [props.layer.id], cascades }, from, to);
}

function pace(each: number | string): void {
    void composition.edit('pace-cascade', { layer: props.layer.id, cascade: props.cascade.id, each: Number(each) });
}
</script>

<template>
    <div class="timing">
        <span class="name">Spread over</span>
        <div class="pair">
            <select
                class="choice-field"
                :value="cascade.units"
                aria-label="Units"
                data-cascade-units
                @change="change({ units: ($event.target as HTMLSelectElement).value })"
            >
                <option v-for="one in units" :key="one">{{ one }}</option>
            </select>
            <ValueField
                :value="number('every', 1)"
                label=""
                :name="`So many ${cascade.units} at a time`"
                unit="at a time"
                :least="1"
                :most="20"
                data-cascade-every
                @set="change({ every: whole($event) })"
            />
        </div>
        <span class="name">Order</span>
        <div class="pair">
            <select
                class="choice-field"
                :value="cascade.order ?? 'forward'"
                aria-label="Order"
                data-cascade-order
                @change="change({ order: ($event.target as HTMLSelectElement).value })"
            >
                <option v-for="one in vocabulary.words.orders" :key="one.name" :value="one.name">
                    {{ one.title }}
                </option>
            </select>
            <IconButton
                v-if="isThrown"
                :icon="Dices"
                :size="15"
                label="Throw again"
                data-throw-again
                @click="change({ seed: number('seed', 1) + 1 })"
            />
        </div>
        <span class="name">Length</span>
        <div class="pair">
            <ValueField
                :value="number('length', 1)"
                label=""
                name="Frames of the whole cascade"
                unit="f"
                :least="1"
                data-cascade-length
                @set="change({ length: whole($event) })"
            />
            <ValueField
                :value="number('overlap', 60)"
                label=""
                name="Overlap"
                unit="% over"
                :least="0"
                :most="100"
                data-cascade-overlap
                @set="change({ overlap: $event })"
            />
        </div>
        <span class="name">Each {{ SINGLE[String(cascade.units)] }}</span>
        <div class="pair">
            <ValueField
                :value="found?.each ?? null"
                label=""
                name="Frames of one unit"
                unit="f"
                :least="0.01"
                data-cascade-each
                @set="pace"
            />
            <span class="count">{{ counts }}</span>
        </div>
        <template v-if="isThrown && cascade.as !== 'accent'">
            <span class="name" title="What is thrown (±) stays so for this share of each one’s time"
                >Settles after</span
            >
            <ValueField
                :value="number('settles', 0)"
                label=""
                name="Settles after"
                unit="%"
                :least="0"
                :most="99"
                data-cascade-settles
                @set="change({ settles: $event })"
            />
        </template>
        <span class="name">{{ cascade.as === 'leave' ? 'Ends before' : 'Begins after' }}</span>
        <ValueField
            :value="number('at', 0)"
            label=""
            :name="cascade.as === 'leave' ? 'Frames before the end' : 'Frames after the beginning'"
            unit="f"
            data-cascade-at
            @set="change({ at: whole($event) })"
        />
        <template
            v-for="{ field, text } in [
                { field: 'easing', text: 'Easing' },
                { field: 'spread', text: 'Turns' },
            ]"
            :key="field"
        >
            <span class="name" :title="field === 'spread' ? 'How the turns are spread over the length' : undefined">{{
                text
            }}</span>
            <EasingField
                :easing="String(cascade[field] ?? 'linear')"
                :label="text"
                :without="['glide', 'jump']"
                :data-cascade-easing="field"
                @attempt="tryOut({ [field]: $event })"
                @leave="trying.stop"
                @set="change({ [field]: $event })"
            />
        </template>
        <div v-if="cascade.units === 'letters'" class="ticks">
            <ElCheckbox
                :model-value="!!cascade.spaces"
                label="Spaces count"
                @change="(on) => change({ spaces: !!on })"
            />
            <ElCheckbox :model-value="!!cascade.caret" label="Caret" @change="(on) => change({ caret: !!on })" />
            <ElCheckbox
                :model-value="!!cascade.shuffles"
                label="Shuffled"
                @change="(on) => change({ shuffles: !!on })"
            />
        </div>
        <p>Each {{ SINGLE[String(cascade.units)] }} {{ GOES[String(cascade.as)] }}</p>
    </div>
</template>

<style scoped>
.timing {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr);
    align-items: center;
    gap: 4px 6px;
    padding: 0 14px 4px 16px;
}
.pair {
    display: flex;
    align-items: center;
    gap: 6px;
}
.pair > * {
    flex: 1 1 0;
    min-width: 0;
}
.pair > .icon-button {
    flex: none;
    width: 26px;
    height: 24px;
}
.count {
    color: var(--quiet);
    font-size: 12.5px;
}
.timing p {
    grid-column: 1 / -1;
    margin: 4px 0 0;
    color: var(--quiet);
    font-size: 12.5px;
}
.ticks {
    grid-column: 1 / -1;
    display: flex;
    gap: 12px;
}
.ticks :deep(.el-checkbox) {
    height: 24px;
    margin: 0;
}
</style>
