<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue';
import type { FileSize } from '@/api/answers';
import { get } from '@/api/client';
import { useComposition } from '@/project/composition';
import { useVocabulary } from '@/project/vocabulary';
import { useRenderChoice } from './renderChoice';
import RenderPresets from './RenderPresets.vue';

/** What a composition is rendered to, how well, and how large. */
const props = defineProps<{ frames: number }>();

const composition = useComposition();
const vocabulary = useVocabulary();
const choice = useRenderChoice();

const QUALITIES = { small: 'Smaller', good: 'Good', best: 'Best' };
const SCALES = { 0.25: 'a quarter', 0.5: 'half', 1: 'its own', 2: 'double' };

const formats = computed(() => Object.entries(Object.groupBy(vocabulary.words.formats, (one) => one.purpose)));

/** As the server reckons it. */
const size = shallowRef<FileSize | null>(null);
watch(
    () =>
        [
            composition.shown?.id,
            composition.shown?.width,
            composition.shown?.height,
            choice.wanted,
            props.frames,
        ] as const,
    async ([id, , , { format, quality, scale }, frames]) => {
        const query = new URLSearchParams({ format, quality, scale: String(scale), frames: String(frames) });
        const found = id === undefined ? null : await get<FileSize>(`/compositions/${composition.id}/size?${query}`);
        // What was chosen meanwhile has been asked for, too.
        size.value = choice.wanted.format === format && choice.wanted.scale === scale ? found : size.value;
    },
    { immediate: true },
);
const about = computed(() => {
    const { bytes } = size.value ?? { bytes: 0 };
    return bytes === 0
        ? ''
        : bytes < 1e6
          ? `about ${Math.max(1, Math.round(bytes / 1e3))} kB`
          : `about ${bytes < 1e8 ? (bytes / 1e6).toPrecision(2) : Math.round(bytes / 1e7) * 10} MB`;
});
</script>

<template>
    <RenderPresets />
    <div class="choices">
        <label for="render-format">Format</label>
        <select id="render-format" v-model="choice.name" class="choice-field" data-render-format>
            <optgroup v-for="[purpose, some] in formats" :key="purpose" :label="purpose">
                <option v-for="one in some" :key="one.name" :value="one.name">
                    {{ one.title }}: {{ one.goodFor }}
                </option>
            </optgroup>
        </select>
        <template v-if="choice.format.qualities">
            <span>Quality</span>
            <ElRadioGroup v-model="choice.quality" size="small" aria-label="Quality">
                <ElRadioButton v-for="(title, value) in QUALITIES" :key="value" :value="value">{{
                    title
                }}</ElRadioButton>
            </ElRadioGroup>
        </template>
        <template v-if="choice.format.picture">
            <label for="render-scale">Size</label>
            <span class="size">
                <select id="render-scale" v-model.number="choice.scale" class="choice-field" data-render-scale>
                    <option v-for="(title, value) in SCALES" :key="value" :value="Number(value)">{{ title }}</option>
                </select>
                <template v-if="size"
                    >{{ size.width }} × {{ size.height }}<template v-if="about">, {{ about }}</template></template
                >
            </span>
        </template>
        <template v-if="choice.format.premultiplies">
            <label for="render-alpha">Alpha</label>
            <select id="render-alpha" v-model="choice.premultiplied" class="choice-field" data-render-alpha>
                <option :value="false">straight: colours as they are</option>
                <option :value="true">premultiplied: colours times alpha</option>
            </select>
        </template>
        <p v-if="size?.widened" class="note">
            {{ choice.format.extension.toUpperCase() }} takes even sides only: the last row or column is repeated. Other
            formats keep the size.
        </p>
        <p v-if="composition.shown?.background === 'transparent' && !choice.format.alpha" class="note">
            {{ choice.format.extension.toUpperCase() }} has no alpha: what is transparent turns black.
        </p>
        <p v-else-if="choice.format.alpha && composition.shown?.background !== 'transparent'" class="note">
            The composition has a background, which is rendered with it. Make it transparent to keep the alpha.
        </p>
    </div>
</template>

<style scoped>
.choices {
    display: grid;
    grid-template-columns: 58px minmax(0, 1fr);
    align-items: center;
    gap: 8px 10px;
    margin-bottom: 12px;
    font-size: 13px;
}
.choices > label,
.choices > span:first-of-type {
    color: var(--quiet);
}
.size {
    display: flex;
    align-items: center;
    gap: 10px;
    color: var(--quiet);
    font-variant-numeric: tabular-nums;
}
.size select {
    width: 104px;
}
.note {
    grid-column: 1 / 3;
    margin: 0;
    padding-left: 8px;
    border-left: 3px solid var(--warning);
    font-size: 12px;
    line-height: 1.45;
}
</style>
