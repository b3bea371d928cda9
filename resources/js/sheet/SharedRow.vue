<script setup lang="ts">
import { computed } from 'vue';
import type { Layer, PropertyDefinition, PropertyState, Value } from '@/api/answers';
import type { TextLayer } from '@/api/project.gen';
import BeadButton from './BeadButton.vue';
import FaceField from './FaceField.vue';
import { isPair, measured } from './properties';
import PropertyFields from './PropertyFields.vue';
import { useValueEdits } from './valueEdits';

/** One property of several layers: the value that they share, and a bead for all of them. */
const props = defineProps<{ layers: Layer[]; definition: PropertyDefinition; states: PropertyState[] }>();

/** The value, or one number of it, where it is the same in all layers; else null. */
function common(index?: number): Value | null {
    const values = props.states.map(({ value }) =>
        index !== undefined && Array.isArray(value) ? value[index]! : value,
    );
    return values.every((value) => value === values[0]) ? (values[0] ?? null) : null;
}
const number = (index?: number): number | null => measured(common(index))?.number ?? null;
const { problem, single, attempt, set, giveUp, toggleKeyframe } = useValueEdits({
    layers: () => props.layers.map(({ id }) => id),
    property: () => props.definition.name,
    value: () => (isPair(props.definition) ? null : common()),
});

const texts = computed(() => props.layers.filter((layer): layer is TextLayer => layer.kind === 'text'));

/** Filled only where every layer has a keyframe here. */
const state = computed<PropertyState>(() => ({
    value: 0,
    animated: props.states.some((one) => one.animated),
    keyframe: props.states.every((one) => one.keyframe),
}));
</script>

<template>
    <div class="property" :data-property="definition.name">
        <span class="name" :title="definition.title">{{ definition.title }}</span>
        <div class="fields">
            <FaceField
                v-if="definition.type === 'face'"
                :layers="texts"
                :values="states.map(({ value }) => String(value))"
            />
            <PropertyFields
                v-else
                :definition="definition"
                :numbers="isPair(definition) ? [number(0), number(1)] : [number()]"
                :written="String(common() ?? '')"
                :unit="single?.unit"
                :flag="common() === null ? null : common() === true"
                :show-unit="false"
                :problem="problem"
                @try="attempt"
                @set="set"
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
