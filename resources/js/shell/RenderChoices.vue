<script setup lang="ts">
import { computed } from 'vue';
import { useComposition } from '@/project/composition';
import { useVocabulary } from '@/project/vocabulary';
import { useRenderChoice } from './renderChoice';
import RenderPresets from './RenderPresets.vue';

/** What a composition is rendered to, how well, and how large. */
const props = defineProps<{ frames: number }>();

const composition = useComposition();
const vocabulary = useVocabulary();
const choice = useRenderChoice();

const GROUPS = [
    { title: 'A video', has: ['mp4', 'hevc'] },
    { title: 'With alpha', has: ['mov', 'webm', 'ffv1', 'png'] },
    { title: 'Pictures that move', has: ['apng', 'gif', 'webp'] },
    { title: 'Something else', has: ['still', 'wav'] },
];
const QUALITIES = { small: 'Smaller', good: 'Good', best: 'Best' };
const SCALES = { 0.25: 'a quarter', 0.5: 'half', 1: 'its own', 2: 'double' };

const formats = computed(() =>
    GROUPS.map(({ title, has }) => ({
        title,
        formats: has.flatMap((name) => vocabulary.words.formats.filter((one) => one.name === name)),
    })),
);
const hasQualities = computed(() => {
    const { small, best } = choice.format.density;
    return small !== best;
});
const side = (length = 2): number => {
    const scaled = Math.max(2, Math.round(length * choice.scale));
    return choice.format.evenSides ? scaled + (scaled % 2) : scaled;
};
const size = computed(() => `${side(composition.shown?.width)} × ${side(composition.shown?.height)}`);
const isWidened = computed(
    () =>
        choice.format.evenSides &&
        [composition.shown?.width ?? 2, composition.shown?.height ?? 2].some(
            (length) => Math.round(length * choice.scale) % 2 === 1,
        ),
);
const about = computed(() => {
    const { width = 0, height = 0 } = composition.shown ?? {};
    const bytes =
        choice.format.density[choice.quality] *
        width *
        height *
        choice.scale ** 2 *
        (choice.format.oneFrame ? 1 : props.frames);
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
            <optgroup v-for="group in formats" :key="group.title" :label="group.title">
                <option v-for="one in group.formats" :key="one.name" :value="one.name">
                    {{ one.title }}: {{ one.goodFor }}
                </option>
            </optgroup>
        </select>
        <template v-if="hasQualities">
            <span>Quality</span>
            <ElRadioGroup v-model="choice.quality" size="small" aria-label="Quality">
                <ElRadioButton v-for="(title, value) in QUALITIES" :key="value" :value="value">{{
                    title
                }}</ElRadioButton>
            </ElRadioGroup>
        </template>
        <template v-if="choice.name !== 'wav'">
            <label for="render-scale">Size</label>
            <span class="size">
                <select id="render-scale" v-model.number="choice.scale" class="choice-field" data-render-scale>
                    <option v-for="(title, value) in SCALES" :key="value" :value="Number(value)">{{ title }}</option>
                </select>
                {{ size }}<template v-if="about">, {{ about }}</template>
            </span>
        </template>
        <template v-if="choice.format.premultiplies">
            <label for="render-alpha">Alpha</label>
            <select id="render-alpha" v-model="choice.premultiplied" class="choice-field" data-render-alpha>
                <option :value="false">straight: colours as they are</option>
                <option :value="true">premultiplied: colours times alpha</option>
            </select>
        </template>
        <p v-if="isWidened" class="note">
            MP4 takes even sides only: the last row or column is repeated. Other formats keep the size.
        </p>
        <p v-if="composition.shown?.background === 'transparent' && !choice.format.alpha" class="note">
            MP4 has no alpha: what is transparent turns black.
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
