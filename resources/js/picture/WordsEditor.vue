<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import type { Layer, Pose } from '@/api/answers';
import { useCharacters } from '@/project/characters';
import { useComposition } from '@/project/composition';
import type { PictureView } from './view';

/** Words are typed beneath where they stand, and seen in their place with every letter. */
const props = defineProps<{ layer: Extract<Layer, { kind: 'text' }>; pose: Pose; view: PictureView }>();
const emit = defineEmits<{ done: [] }>();

const GAP = 14;
const WIDTH = 300;

const characters = useCharacters();
const composition = useComposition();
const field = ref<HTMLTextAreaElement | null>(null);
const before = props.layer.text;
const { id } = props.layer;
const typed = ref(before);
let given = false;

const place = computed(() => {
    const corners = props.pose.corners.map(props.view.toScreen);
    const left = Math.min(...corners.map(([x]) => x));
    const bottom = Math.max(...corners.map(([, y]) => y));
    return {
        left: `${Math.max(8, Math.min(left, props.view.width.value - WIDTH - 8))}px`,
        top: `${Math.max(8, Math.min(bottom + GAP, props.view.height.value - 84))}px`,
        width: `${WIDTH}px`,
    };
});
const lines = computed(() => Math.min(4, typed.value.split('\n').length));

/** What is selected here can be set otherwise, in the Sheet; not all of it, as it is when it is opened. */
function choose(event: Event): void {
    const { selectionStart, selectionEnd, value } = event.target as HTMLTextAreaElement;
    if (selectionEnd - selectionStart < value.length) {
        characters.choose(id, event);
    }
}

function attempt(event: Event): void {
    characters.choose(id, event);
    void composition.attempt('set-content', { layer: id, content: { text: typed.value } });
}

function keep(): void {
    if (given) {
        return;
    }
    given = true;
    if (typed.value !== before) {
        void composition.edit('set-content', { layer: id, content: { text: typed.value } });
    }
    emit('done');
}

function giveUp(): void {
    given = true;
    composition.abandon();
    emit('done');
}

onMounted(() => field.value?.select());
onBeforeUnmount(keep);
</script>

<template>
    <div class="words" :style="place" @pointerdown.stop @dblclick.stop @wheel.stop>
        <textarea
            ref="field"
            v-model="typed"
            :rows="lines"
            aria-label="Words in the picture"
            data-words-here
            dir="auto"
            spellcheck="false"
            @input="attempt"
            @select="choose"
            @keyup="choose"
            @pointerup="choose"
            @blur="keep"
            @keydown.esc.stop.prevent="giveUp"
            @keydown.ctrl.enter.exact.stop.prevent="keep"
            @keydown.stop
        />
        <span>{{
            characters.of(id) ? 'What is selected is styled in the Sheet' : 'Ctrl+Enter keeps it · Escape cancels'
        }}</span>
    </div>
</template>

<style scoped>
.words {
    position: absolute;
    z-index: 4;
    padding: 6px 8px 4px;
    border-radius: 10px;
    background: var(--raised);
    box-shadow: 0 6px 24px #00000050;
}
textarea {
    width: 100%;
    padding: 3px 6px;
    border: 0;
    border-radius: 6px;
    background: var(--field);
    box-shadow: inset 0 0 0 1.5px var(--second);
    color: var(--ink);
    font: inherit;
    font-size: 15px;
    line-height: 1.35;
    outline: 0;
    resize: none;
}
span {
    color: var(--quiet);
    font-size: 11px;
}
</style>
