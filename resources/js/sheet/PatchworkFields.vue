<script setup lang="ts">
import { Dices, Eye, EyeOff, Grid3x3, X } from 'lucide-vue-next';
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import type { ArgumentsOf } from '@/api/edits';
import { useDrawing } from '@/picture/drawing';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useVocabulary } from '@/project/vocabulary';
import IconButton from '@/shell/IconButton.vue';
import PropertyRow from './PropertyRow.vue';
import type { Attached } from './properties';
import ValueField from './ValueField.vue';

/** Into what a layer is cut: its patches then come, go and move by cascades. */
const props = defineProps<{ layer: Layer }>();

const composition = useComposition();
const vocabulary = useVocabulary();
const drawing = useDrawing();
const playhead = usePlayhead();

const patchwork = computed(
    () => ('patchwork' in props.layer ? props.layer.patchwork : undefined) as Attached | undefined,
);
const inspection = computed(() => composition.glimpse?.inspections.find((one) => one.layer === props.layer.id));
const settings = computed(() =>
    (inspection.value?.attached ?? [])
        .filter(({ name, type }) => name.startsWith('p1.') && type !== 'path' && !inspection.value?.idle.includes(name))
        .map((definition) => ({ ...definition, title: definition.title.split(' · ')[0]! })),
);
const form = computed(
    () => vocabulary.words.patchForms.find(({ name }) => name === (patchwork.value?.form ?? 'grid')) ?? null,
);
const number = (name: string): number => Number(patchwork.value?.[name] ?? 1);

/** Whether there is a path that it could be cut along, drawn or not. */
const takesPath = computed(
    () =>
        (inspection.value?.attached ?? []).some(({ name }) => name === 'p1.path') &&
        !inspection.value?.idle.includes('p1.path'),
);

async function draw(): Promise<void> {
    const path = await drawing.draw(false);
    if (path) {
        await composition.edit('draw-path', { path, frame: playhead.frame, cuts: props.layer.id });
    }
}

type Patchwork = ArgumentsOf<'set-patchwork'>['patchwork'];

const set = (next: Patchwork): void =>
    void composition.edit('set-patchwork', { layers: [props.layer.id], patchwork: next });
</script>

<template>
    <button v-if="!patchwork" type="button" class="add-one" data-cut @click="set({})">
        <Grid3x3 :size="14" aria-hidden="true" />Cut into patches
    </button>
    <div v-else class="patchwork" :class="{ off: patchwork.on === false }" data-patchwork>
        <span class="name">Cut into</span>
        <div class="line">
            <select
                class="choice-field"
                :value="form?.name"
                aria-label="Cut into"
                data-patch-form
                @change="set({ form: ($event.target as HTMLSelectElement).value } as Patchwork)"
            >
                <option v-for="one in vocabulary.words.patchForms" :key="one.name" :value="one.name">
                    {{ one.title }}
                </option>
            </select>
            <IconButton
                v-if="form?.name === 'shards'"
                :icon="Dices"
                :size="15"
                label="Throw the shards again"
                data-throw-shards
                @click="set({ seed: number('seed') + 1 } as Patchwork)"
            />
            <IconButton
                :icon="patchwork.on === false ? EyeOff : Eye"
                :size="14"
                :label="patchwork.on === false ? 'Cut again' : 'Look at it uncut'"
                data-patchwork-switch
                @click="set({ on: patchwork.on === false } as Patchwork)"
            />
            <IconButton :icon="X" :size="13" label="Without patchwork" data-uncut @click="set(null)" />
        </div>
        <button v-if="takesPath" type="button" class="small-button path" data-cut-along @click="draw">
            {{ patchwork.path ? 'Another path…' : 'Draw the path…' }}
        </button>
        <template v-for="side in ['rows', 'columns'] as const" :key="side">
            <span class="name">{{ form?.[side] }}</span>
            <ValueField
                :value="number(side)"
                label=""
                :name="form?.[side] ?? side"
                unit=""
                :least="1"
                :most="200"
                :data-patch-count="side"
                @set="set({ [side]: Math.round(Number($event)) } as Patchwork)"
            />
        </template>
    </div>
    <template v-if="patchwork">
        <PropertyRow
            v-for="definition in settings"
            :key="definition.name"
            :layer="layer"
            :definition="definition"
            :state="inspection?.values[definition.name]"
        />
        <p>Its patches come, go and move by cascades.</p>
    </template>
</template>

<style scoped>
.patchwork {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr);
    align-items: center;
    gap: 4px 6px;
    padding: 0 14px 4px 16px;
}
.off {
    opacity: 0.55;
}
.line {
    display: flex;
    align-items: center;
    gap: 2px;
}
.line select {
    flex: 1;
    min-width: 0;
}
.line :deep(.icon-button) {
    width: 26px;
    height: 24px;
}
.path {
    grid-column: 2;
}
p {
    margin: 4px 16px 6px;
    color: var(--quiet);
    font-size: 12.5px;
}
</style>
