<script setup lang="ts">
import { useVocabulary } from '@/project/vocabulary';
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useDrawing } from '@/picture/drawing';
import { usePlayhead } from '@/project/playhead';
import AttachedList from './AttachedList.vue';
import type { Attached } from './properties';

/** The masks of a layer: forms, or other layers of the composition, one after the other. */
const props = defineProps<{ layer: Layer }>();

const MODES = {
    add: 'adds',
    subtract: 'takes away',
    intersect: 'keeps what both show',
    exclude: 'shows one or the other',
};
const FORMS = { rectangle: 'Rectangle mask', ellipse: 'Ellipse mask', free: 'Free form mask', crop: 'Crop' };

const vocabulary = useVocabulary();
const composition = useComposition();
const drawing = useDrawing();
const playhead = usePlayhead();
const list = computed(() => (props.layer.masks ?? []) as unknown as Attached[]);
const others = computed(() =>
    composition.layers.filter((layer) => layer.id !== props.layer.id && vocabulary.can(layer, 'seen')).toReversed(),
);

const titleOf = (one: Attached): string =>
    one.form === 'layer'
        ? (composition.layer(String(one.layer))?.name ?? 'A layer that is gone')
        : FORMS[one.form as keyof typeof FORMS];

/** Whether it may be taken for one that shows the outside as faintly as its opacity says. */
const isThin = (one: Attached): boolean => !!one.inverted && one.opacity !== undefined && one.opacity !== 100;

const set = (masks: Attached[]): void => void composition.edit('set-masks', { layers: [props.layer.id], masks });

async function add(event: Event): Promise<void> {
    const field = event.target as HTMLSelectElement;
    const [form, layer] = field.value.split(' ');
    field.value = '';
    const layers = [props.layer.id];
    if (form === 'words') {
        await composition.edit('add-mask', { layers, words: 'Words' });
        return;
    }
    if (form === 'free') {
        const path = await drawing.draw(true);
        if (path) {
            await composition.edit('add-mask', { layers, form, path, frame: playhead.frame });
        }
        return;
    }
    void composition.edit('add-mask', { layers, form, ...(layer && { layer }) });
}
</script>

<template>
    <AttachedList v-slot="{ one, change }" :layer="layer" :list="list" :title-of="titleOf" @set="set">
        <div class="how">
            <select
                v-if="list[0] !== one"
                class="choice-field"
                :value="one.mode ?? 'add'"
                aria-label="How it combines with the masks before it"
                data-mask-mode
                @change="change({ mode: ($event.target as HTMLSelectElement).value })"
            >
                <option v-for="(text, value) in MODES" :key="value" :value="value">{{ text }}</option>
            </select>
            <select
                v-if="one.form === 'layer'"
                class="choice-field"
                :value="one.by ?? 'alpha'"
                aria-label="What the mask goes by"
                data-mask-by
                @change="change({ by: ($event.target as HTMLSelectElement).value })"
            >
                <option value="alpha">where it is opaque</option>
                <option value="brightness">where it is bright</option>
            </select>
            <ElCheckbox
                :model-value="!!one.inverted"
                label="Inverted"
                data-mask-inverted
                @change="(on) => change({ inverted: !!on })"
            />
            <ElCheckbox
                v-if="one.form !== 'layer' && one.form !== 'crop'"
                :model-value="!!one.fixed"
                label="Fixed to the frame"
                data-mask-fixed
                @change="(on) => change({ fixed: !!on })"
            />
            <p v-if="isThin(one)" class="note" data-mask-note>
                Opacity is the form’s own: inside it hides as much, outside it hides nothing.
            </p>
        </div>
    </AttachedList>
    <select class="choice-field add" value="" aria-label="Add a mask" data-add-mask @change="add">
        <option value="" disabled>Add a mask…</option>
        <option value="crop">a crop by its edges</option>
        <option value="rectangle">a rectangle</option>
        <option value="ellipse">an ellipse</option>
        <option value="free">a form to be drawn</option>
        <option value="words">words</option>
        <optgroup v-if="others.length > 0" label="where another layer is">
            <option v-for="other in others" :key="other.id" :value="`layer ${other.id}`">{{ other.name }}</option>
        </optgroup>
    </select>
</template>

<style scoped>
.how {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 2px 12px;
    padding: 0 14px 2px 16px;
}
.how :deep(.el-checkbox) {
    height: 24px;
    margin: 0;
}
.how select {
    flex: 1 1 40%;
}
.note {
    margin: 0;
    color: var(--quiet);
    font-size: 11px;
    line-height: 1.4;
}
.add {
    width: calc(100% - 30px);
    margin: 0 14px 6px 16px;
}
</style>
