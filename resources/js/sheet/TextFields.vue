<script setup lang="ts">
import { AlignCenter, AlignLeft, AlignRight } from 'lucide-vue-next';
import { computed, ref, watch } from 'vue';
import { useComposition } from '@/project/composition';
import { useMedia } from '@/project/media';
import { useVocabulary } from '@/project/vocabulary';
import type { TextLayer } from '@/api/project.gen';
import FontSample from '@/kit/FontSample.vue';
import IconButton from '@/shell/IconButton.vue';

const props = defineProps<{ layer: TextLayer }>();

const ALIGNMENTS = [
    ['left', AlignLeft],
    ['centre', AlignCenter],
    ['right', AlignRight],
] as const;

const composition = useComposition();
const media = useMedia();
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

const families = computed(() => Object.groupBy(vocabulary.words.fonts, (font) => font.family));

const content = (fields: object): object => ({ layer: props.layer.id, content: fields });

const broughtIn = computed(() => media.list.filter((one) => one.font));

function setFont(id: string): void {
    const fields = broughtIn.value.some((one) => one.id === id) ? { fontMedia: id } : { font: id, fontMedia: null };
    void composition.edit('set-content', content(fields));
}

function type(): void {
    typing.value = true;
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
            @keydown.esc.stop="giveUp"
            @keydown.ctrl.enter="($event.target as HTMLElement).blur()"
        />
        <div class="line">
            <ElSelect
                :model-value="layer.fontMedia ?? layer.font"
                size="small"
                aria-label="Font"
                class="font"
                @change="setFont"
            >
                <ElOptionGroup v-if="broughtIn.length > 0" label="Brought in">
                    <ElOption v-for="one in broughtIn" :key="one.id" :value="one.id" :label="one.font ?? one.name" />
                </ElOptionGroup>
                <ElOptionGroup v-for="(fonts, family) in families" :key="family" :label="String(family)">
                    <ElOption
                        v-for="font in fonts"
                        :key="font.id"
                        :value="font.id"
                        :label="`${font.family} ${font.style}`"
                        ><span class="option"
                            ><FontSample :font="font.id" :size="17" class="sample" />{{ font.style }}</span
                        ></ElOption
                    >
                </ElOptionGroup>
            </ElSelect>
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
.option {
    display: flex;
    align-items: center;
    gap: 10px;
    height: 100%;
}
.sample {
    width: 30px;
}
.line {
    display: flex;
    align-items: center;
}
.font {
    flex: 1;
    margin-right: 6px;
}
</style>
