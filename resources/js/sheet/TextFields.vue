<script setup lang="ts">
import { AlignCenter, AlignLeft, AlignRight } from 'lucide-vue-next';
import { computed, ref, watch } from 'vue';
import { useDrawing } from '@/picture/drawing';
import { useCharacters } from '@/project/characters';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useVocabulary } from '@/project/vocabulary';
import type { TextLayer } from '@/api/project.gen';
import IconButton from '@/shell/IconButton.vue';
import CountFields from './CountFields.vue';
import WordStyleFields from './WordStyleFields.vue';

const props = defineProps<{ layer: TextLayer }>();

const ALIGNMENTS = [
    ['left', AlignLeft],
    ['centre', AlignCenter],
    ['right', AlignRight],
] as const;

const composition = useComposition();
const drawing = useDrawing();
const characters = useCharacters();
const playhead = usePlayhead();
const vocabulary = useVocabulary();
const words = ref(props.layer.text);
const typing = ref(false);

watch(
    () => [props.layer.id, props.layer.text] as const,
    ([id], [before]) => {
        if (!typing.value || id !== before) {
            words.value = props.layer.text;
        }
    },
);

const content = (fields: object) => ({ layer: props.layer.id, content: fields });

/** Along a path that is drawn in the picture. */
async function setOnPath(): Promise<void> {
    const path = await drawing.draw(false);
    if (path) {
        await composition.edit('draw-path', { path, frame: playhead.frame, onto: props.layer.id });
    }
}

const setStraight = (): void =>
    void composition.edit('set-values', {
        frame: playhead.frame,
        scope: 'whole',
        values: [{ layer: props.layer.id, property: 'path', value: '' }],
    });

const choose = (event: Event): void => characters.choose(props.layer.id, event);
const chosen = computed(() => characters.of(props.layer.id));

function toggleFeature(name: string, on: boolean): void {
    const features = (props.layer.features ?? []).filter((one) => one !== name);
    void composition.edit('set-content', content({ features: on ? [...features, name] : features }));
}

const setHyphens = (language: string): void =>
    void composition.edit('set-content', content({ hyphens: language || null }));

function type(event: Event): void {
    typing.value = true;
    choose(event);
    void composition.attempt('set-content', content({ text: words.value }));
}

/** The words as they are kept, whatever is being tried. */
function kept(): string {
    const stored = composition.document?.layers?.find((one) => one.id === props.layer.id);
    return stored?.kind === 'text' ? stored.text : words.value;
}

function keep(): void {
    typing.value = false;
    if (kept() !== words.value) {
        void composition.edit('set-content', content({ text: words.value }));
    }
}

function giveUp(event: KeyboardEvent): void {
    words.value = kept();
    composition.abandon();
    (event.target as HTMLElement).blur();
}

/** What each shape is made of. */
const APART = { letters: 'of its letters', words: 'of its words', whole: 'one of them all' };

function makeShapes(event: Event): void {
    const field = event.target as HTMLSelectElement;
    const by = field.value;
    field.value = '';
    void composition.edit('shape-words', { layer: props.layer.id, by, frame: playhead.frame });
}
</script>

<template>
    <div class="text">
        <textarea
            v-model="words"
            rows="2"
            data-words
            aria-label="Words"
            placeholder="Words"
            dir="auto"
            spellcheck="false"
            @input="type"
            @blur="keep"
            @select="choose"
            @keyup="choose"
            @pointerup="choose"
            @keydown.esc.stop="giveUp"
            @keydown.ctrl.enter="($event.target as HTMLElement).blur()"
        />
        <WordStyleFields v-if="chosen" :layer="layer" :from="chosen.from" :to="chosen.to" />
        <div class="line">
            <IconButton
                v-for="[align, icon] in ALIGNMENTS"
                :key="align"
                :icon="icon"
                :size="16"
                :label="`Align ${align}`"
                :pressed="(layer.align ?? 'left') === align"
                @click="composition.edit('set-content', content({ align }))"
            />
        </div>
        <div class="along">
            <button type="button" data-set-on-path @click="setOnPath">Set along a path…</button>
            <button v-if="layer.path" type="button" data-set-straight @click="setStraight">Straight again</button>
            <select class="choice-field" value="" aria-label="Make shapes" data-shape-words @change="makeShapes">
                <option value="" disabled>Make shapes…</option>
                <option v-for="(text, by) in APART" :key="by" :value="by">{{ text }}</option>
            </select>
        </div>
        <details class="more">
            <summary>Figures, ligatures, direction, counting</summary>
            <div class="features">
                <ElCheckbox
                    v-for="feature in vocabulary.words.features"
                    :key="feature.name"
                    :model-value="layer.features?.includes(feature.name as never) ?? false"
                    :label="feature.title"
                    :data-feature="feature.name"
                    @change="(on) => toggleFeature(feature.name, !!on)"
                />
            </div>
            <label class="hyphens"
                >Hyphens
                <select
                    class="choice-field"
                    :value="layer.hyphens ?? ''"
                    title="Hyphenation at the ends of lines, in a box"
                    data-hyphens
                    @change="setHyphens(($event.target as HTMLSelectElement).value)"
                >
                    <option value="">none</option>
                    <option v-for="{ name, title } in vocabulary.words.languages" :key="name" :value="name">
                        {{ title }}
                    </option>
                </select></label
            >
            <ElCheckbox
                :model-value="layer.down ?? false"
                label="Vertical lines"
                data-down
                @change="(on) => composition.edit('set-content', content({ down: !!on }))"
            />
            <CountFields :layer="layer" @set="(fields) => composition.edit('set-content', content(fields))" />
        </details>
    </div>
</template>

<style scoped>
.text {
    display: flex;
    flex-direction: column;
    gap: 6px;
    padding: 2px 12px 8px 16px;
}
textarea {
    width: 100%;
    min-height: 54px;
    padding: 7px 9px;
    border: 0;
    border-radius: 6px;
    background: var(--field);
    box-shadow: inset 0 0 0 1px var(--hairline);
    color: var(--ink);
    font-size: 14px;
    line-height: 1.35;
    resize: vertical;
    outline: none;
}
textarea:focus {
    box-shadow: inset 0 0 0 1.5px var(--second);
}
.hyphens {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr);
    align-items: center;
    margin: 4px 0;
    font-size: 12.5px;
}
.line {
    display: flex;
    align-items: center;
}
.along {
    display: flex;
    align-items: center;
    gap: 12px;
}
.along select {
    margin-left: auto;
    width: 126px;
}
.along button {
    padding: 0;
    border: 0;
    background: none;
    color: var(--second);
    font: inherit;
    font-size: 12.5px;
    cursor: pointer;
}
.along button:hover {
    text-decoration: underline;
}
.more summary {
    color: var(--quiet);
    font-size: 12.5px;
    cursor: pointer;
}
.features {
    display: grid;
    grid-template-columns: 1fr 1fr;
    padding: 2px 0;
}
.features :deep(.el-checkbox) {
    height: 24px;
    margin: 0;
}
</style>
