<script setup lang="ts">
import { Dices } from 'lucide-vue-next';
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useVocabulary } from '@/project/vocabulary';
import IconButton from '@/shell/IconButton.vue';
import type { Attached } from './properties';
import PropertyRow from './PropertyRow.vue';

/** With what the outline of a layer is drawn: a plain line, or a brush with settings of its own. */
const props = defineProps<{ layer: Layer }>();

const composition = useComposition();
const vocabulary = useVocabulary();

const brush = computed(() => ('brush' in props.layer ? props.layer.brush : undefined) as Attached | undefined);
const inspection = computed(() => composition.glimpse?.inspections.find((one) => one.layer === props.layer.id));
const settings = computed(() =>
    (inspection.value?.attached ?? [])
        .filter(({ name }) => name.startsWith('b1.'))
        .map((definition) => ({ ...definition, title: definition.title.split(' · ')[0]! })),
);

/** Any shape or picture of the composition can be set along a line. */
const marks = computed(() =>
    composition.layers.filter((one) => one.id !== props.layer.id && vocabulary.can(one, 'marks')),
);
const LIKE = 'like ';

function choose(event: Event): void {
    const { value } = event.target as HTMLSelectElement;
    if (value.startsWith(LIKE)) {
        set({ form: 'own', from: value.slice(LIKE.length) });
    } else if (value !== brush.value?.form) {
        set(value ? { form: value } : null);
    }
}

const set = (next: object | null): void =>
    void composition.edit('set-brush', { layers: [props.layer.id], brush: next });

function throwAgain(): void {
    set({ ...brush.value, seed: Number(brush.value?.seed ?? 1) + 1 });
}
</script>

<template>
    <div class="brush">
        <span>Brush</span>
        <select class="choice-field" :value="brush?.form ?? ''" aria-label="Brush" data-brush @change="choose">
            <option value="">plain</option>
            <option
                v-for="one in vocabulary.words.brushes"
                v-show="one.name !== 'own' || brush?.form === 'own'"
                :key="one.name"
                :value="one.name"
            >
                {{ one.name === 'own' ? 'of one’s own' : one.title.toLowerCase() }}
            </option>
            <optgroup v-if="marks.length > 0" label="Made of a layer">
                <option v-for="one in marks" :key="one.id" :value="LIKE + one.id">{{ one.name }}</option>
            </optgroup>
        </select>
        <IconButton v-if="brush" :icon="Dices" :size="15" label="Throw again" data-throw-brush @click="throwAgain" />
    </div>
    <PropertyRow
        v-for="definition in settings"
        :key="definition.name"
        :layer="layer"
        :definition="definition"
        :state="inspection?.values[definition.name]"
    />
</template>

<style scoped>
.brush {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr) auto;
    align-items: center;
    gap: 6px;
    padding: 2px 14px 2px 16px;
}
.brush .icon-button {
    width: 26px;
    height: 24px;
}
</style>
