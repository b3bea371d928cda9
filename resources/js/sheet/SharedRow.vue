<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Layer, PropertyDefinition, PropertyState, Value } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import BeadButton from './BeadButton.vue';
import { hasKeyframe, inUnitOf, isPair, measured, type Axis } from './properties';
import PropertyFields from './PropertyFields.vue';

/** One property of several layers: the value that they share, and a bead for all of them. */
const props = defineProps<{ layers: Layer[]; definition: PropertyDefinition; states: PropertyState[] }>();

const composition = useComposition();
const playhead = usePlayhead();
const problem = ref<string | null>(null);

/** The value, or one number of it, where it is the same in all layers; else null. */
function common(index?: number): Value | null {
    const values = props.states.map(({ value }) =>
        index !== undefined && Array.isArray(value) ? value[index]! : value,
    );
    return values.every((value) => value === values[0]) ? (values[0] ?? null) : null;
}
const number = (index?: number): number | null => measured(common(index))?.number ?? null;
const single = computed(() => (isPair(props.definition) ? null : measured(common())));

/** Filled only where every layer has a keyframe here. */
const state = computed<PropertyState>(() => ({
    value: 0,
    animated: props.states.some((one) => one.animated),
    keyframe: props.states.every((one) => one.keyframe),
}));

function args(value: number | string | boolean, axis?: Axis): object {
    const { name: property } = props.definition;
    return {
        frame: playhead.frame,
        values: props.layers.map(({ id: layer }) => ({
            layer,
            property,
            value: inUnitOf(value, single.value),
            ...(axis ? { axis } : {}),
        })),
    };
}

const tryValue = (value: number | string, axis?: Axis): void =>
    void composition.attempt('set-values', args(value, axis));

async function setValue(value: number | string | boolean, axis?: Axis): Promise<void> {
    await playhead.there();
    problem.value = await composition.ask('set-values', args(value, axis));
}

function giveUp(): void {
    problem.value = null;
    composition.abandon();
}

function toggleKeyframe(): void {
    const { name: property } = props.definition;
    const { frame } = playhead;
    const layers = props.layers.map((layer) => layer.id);
    const inspections = composition.glimpse?.inspections ?? [];
    const haveAll = layers.every((layer) =>
        hasKeyframe(
            inspections.find((one) => one.layer === layer),
            property,
            frame,
        ),
    );
    void (haveAll
        ? composition.edit('remove-keyframes', {
              keyframes: layers.map((layer) => ({ layer, property, frames: [frame] })),
          })
        : composition.edit('add-keyframe', { layers, property, frame }));
}
</script>

<template>
    <div class="property" :data-property="definition.name">
        <span class="name" :title="definition.title">{{ definition.title }}</span>
        <div class="fields">
            <PropertyFields
                :definition="definition"
                :numbers="isPair(definition) ? [number(0), number(1)] : [number()]"
                :written="String(common() ?? '')"
                :unit="single?.unit"
                :flag="common() === null ? null : common() === true"
                :show-unit="false"
                :problem="problem"
                @try="tryValue"
                @set="setValue"
                @abandon="giveUp"
            />
        </div>
        <BeadButton :state="state" :name="definition.title.toLowerCase()" @toggle="toggleKeyframe" />
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    </div>
</template>

<style scoped>
.property {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr) 24px;
    align-items: center;
    column-gap: 6px;
    padding: 2px 8px 2px 16px;
}
.name {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.fields {
    display: flex;
    align-items: center;
    gap: 4px;
    min-width: 0;
}
.problem {
    grid-column: 2 / 4;
    margin: 2px 0 4px;
    color: var(--accent);
    font-size: 12px;
}
</style>
