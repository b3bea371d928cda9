<script setup lang="ts">
import { Plus } from 'lucide-vue-next';
import { computed, ref } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useTrying } from '@/project/trying';
import { useVocabulary } from '@/project/vocabulary';
import ColumnPanel from '@/shell/ColumnPanel.vue';
import AttachedList from './AttachedList.vue';
import { copiedEffects } from './copiedEffects';
import EffectPicker from './EffectPicker.vue';
import KeepField from './KeepField.vue';
import type { Attached } from './properties';

/** The effects of a layer; while the pointer rests on one to add, the layer has it. */
const props = defineProps<{ layer: Layer }>();

const composition = useComposition();
const trying = useTrying();
const vocabulary = useVocabulary();
const choosing = ref(false);

const list = computed(() => (props.layer.effects ?? []) as unknown as Attached[]);
const titleOf = (one: Attached): string =>
    vocabulary.words.effects.find((effect) => effect.name === one.effect)?.title ?? String(one.effect);

function attempt(effect: string): void {
    trying.show('add-effect', { layers: [props.layer.id], effect });
}

function close(): void {
    trying.stop();
    choosing.value = false;
}

function add(effect: string): void {
    close();
    void composition.edit('add-effect', { layers: [props.layer.id], effect });
}

const pasted = () => ({ layers: [props.layer.id], effects: copiedEffects.value });

function paste(): void {
    trying.stop();
    void composition.edit('paste-effects', pasted());
}

const set = (effects: Attached[]): void => void composition.edit('set-effects', { layers: [props.layer.id], effects });
</script>

<template>
    <AttachedList :layer="layer" :list="list" :title-of="titleOf" @set="set" />
    <div v-if="list.length > 0 || copiedEffects.length > 0" class="copying">
        <button v-if="list.length > 0" type="button" data-copy-effects @click="copiedEffects = list">Copy all</button>
        <button
            v-if="copiedEffects.length > 0"
            type="button"
            data-paste-effects
            @pointerenter="trying.show('paste-effects', pasted())"
            @pointerleave="trying.stop"
            @click="paste"
        >
            Paste {{ copiedEffects.length === 1 ? titleOf(copiedEffects[0]!) : `${copiedEffects.length} effects` }}
        </button>
    </div>
    <KeepField v-if="list.length > 0" edit="add-look" :what="{ effects: list }" called="look" />
    <button type="button" class="add-one" data-add-effect @click="choosing = true">
        <Plus :size="14" aria-hidden="true" />Add an effect
    </button>
    <ColumnPanel v-if="choosing" title="Add an effect" @close="close">
        <EffectPicker :layer="layer.id" @attempt="attempt" @stop="trying.stop" @choose="add" />
    </ColumnPanel>
</template>

<style scoped>
.copying {
    display: flex;
    gap: 10px;
    padding: 2px 14px 4px 16px;
}
.copying button {
    padding: 0;
    border: 0;
    background: none;
    color: var(--second);
    font: inherit;
    font-size: 13px;
    cursor: pointer;
}
.copying button:hover {
    text-decoration: underline;
}
</style>
