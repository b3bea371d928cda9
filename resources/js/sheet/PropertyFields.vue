<script setup lang="ts">
import type { PropertyDefinition } from '@/api/answers';
import ColourField from './ColourField.vue';
import { isPair, unitOf, type Axis } from './properties';
import ValueField from './ValueField.vue';

/** The fields of one property: a number, two along the axes, or a colour. */
defineProps<{
    definition: PropertyDefinition;
    /** Its numbers; null where several layers are shown that differ. */
    numbers: (number | null)[];
    /** Its value as text: a colour, a length that is pixels and a share at once, or what it is called where it has no number. Empty where several layers are shown that differ. */
    written: string;
    /** That its number brings itself. */
    unit?: string;
    /** Likewise null. */
    flag?: boolean | null;
    showUnit: boolean;
    problem: string | null;
}>();
const emit = defineEmits<{
    try: [value: number | string, axis?: Axis];
    set: [value: number | string | boolean, axis?: Axis];
    reset: [];
    abandon: [];
}>();
</script>

<template>
    <template v-if="isPair(definition)">
        <ValueField
            v-for="(axis, index) in ['x', 'y'] as const"
            :key="axis"
            :value="numbers[index] ?? null"
            :label="definition.axes[index] ?? axis"
            :name="`${definition.title} ${definition.axes[index] ?? axis}`"
            :unit="showUnit ? unitOf(definition) : undefined"
            :least="definition.least"
            :most="definition.most"
            :problem="problem"
            @try="emit('try', $event, axis)"
            @set="emit('set', $event, axis)"
            @reset="emit('reset')"
            @abandon="emit('abandon')"
        />
    </template>
    <ColourField
        v-else-if="definition.type === 'colour'"
        :value="written"
        :name="definition.title"
        @try="emit('try', $event)"
        @set="emit('set', $event)"
        @abandon="emit('abandon')"
    />
    <ElCheckbox
        v-else-if="definition.type === 'flag'"
        :model-value="flag ?? false"
        :aria-label="definition.title"
        class="flag"
        @change="(on) => emit('set', !!on)"
    />
    <span v-else-if="definition.type === 'path'" class="path">pulled in the picture</span>
    <ValueField
        v-else
        :value="numbers[0] ?? null"
        label=""
        :name="definition.title"
        :written="definition.type === 'length' || (numbers[0] === null && written !== '') ? written : undefined"
        :unit="unit ?? unitOf(definition)"
        :least="definition.least"
        :most="definition.most"
        :problem="problem"
        @try="emit('try', $event)"
        @set="emit('set', $event)"
        @reset="emit('reset')"
        @abandon="emit('abandon')"
    />
</template>

<style scoped>
.flag {
    height: 24px;
}
.path {
    color: var(--quiet);
    font-size: 12.5px;
}
</style>
