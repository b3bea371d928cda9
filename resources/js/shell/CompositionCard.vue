<script setup lang="ts">
import { Copy, FolderInput, Trash2 } from 'lucide-vue-next';
import { nextTick, ref } from 'vue';
import type { CompositionName } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useProject } from '@/project/project';
import CompositionPicture from './CompositionPicture.vue';
import IconButton from './IconButton.vue';

/** A composition of the project in the list of all: its picture, its name, and what can be done with it. */
const props = defineProps<{ one: CompositionName; picked: boolean }>();
const emit = defineEmits<{ pick: [event: MouseEvent]; file: [] }>();

const composition = useComposition();
const project = useProject();
const field = ref<HTMLInputElement | null>(null);
const renaming = ref(false);

async function beginRenaming(): Promise<void> {
    renaming.value = true;
    await nextTick();
    field.value?.select();
}

function rename(event: Event): void {
    const name = (event.target as HTMLInputElement).value.trim();
    // Taking the field away makes it lose focus, which asks for the same again.
    if (renaming.value) {
        renaming.value = false;
        if (name && name !== props.one.name) {
            void composition.edit('rename-composition', { composition: props.one.key, name });
        }
    }
}
</script>

<template>
    <li :class="{ here: one.id === composition.id, picked }" :draggable="!renaming" :data-composition="one.key">
        <button
            type="button"
            class="picture"
            :aria-label="`Open ${one.name}`"
            :aria-current="one.id === composition.id ? 'page' : undefined"
            :aria-pressed="picked || undefined"
            title="Click to open; Ctrl or Shift selects several"
            @click="emit('pick', $event)"
        >
            <CompositionPicture :id="one.id" />
        </button>
        <div class="line">
            <input
                v-if="renaming"
                ref="field"
                :value="one.name"
                aria-label="Name of the composition"
                data-composition-name
                dir="auto"
                @keydown.enter="rename"
                @keydown.esc.stop="renaming = false"
                @blur="rename"
            />
            <span
                v-else
                class="name"
                dir="auto"
                :title="`${one.name} (double-click to rename)`"
                @dblclick="beginRenaming"
                >{{ one.name }}</span
            >
        </div>
        <div class="acts">
            <IconButton
                :icon="FolderInput"
                :size="13"
                class="act"
                :label="`Move ${one.name} to a folder`"
                @click="emit('file')"
            />
            <IconButton
                :icon="Copy"
                :size="13"
                class="act"
                :label="`Duplicate ${one.name}`"
                @click="composition.edit('duplicate-composition', { composition: one.key })"
            />
            <IconButton
                :icon="Trash2"
                :size="13"
                class="act"
                :disabled="project.compositions.length < 2"
                :label="project.compositions.length < 2 ? 'A project keeps one composition' : `Remove ${one.name}`"
                @click="composition.edit('remove-compositions', { compositions: [one.key] })"
            />
        </div>
    </li>
</template>

<style scoped>
li {
    position: relative;
    min-width: 0;
}
.picture {
    display: block;
    width: 100%;
    padding: 2px;
    border: 2px solid transparent;
    border-radius: 9px;
    background: none;
    cursor: pointer;
}
.picture:hover {
    border-color: var(--hairline);
}
.here .picture {
    border-color: var(--accent);
}
.picked .picture {
    background: var(--selected);
    border-color: var(--second);
}
.line {
    display: flex;
    align-items: center;
    height: 26px;
    padding-left: 5px;
}
.name {
    flex: 1;
    min-width: 0;
    overflow: hidden;
    font-size: 12.5px;
    text-overflow: ellipsis;
    white-space: nowrap;
    cursor: text;
}
.here .name {
    font-weight: 600;
}
input {
    flex: 1;
    min-width: 0;
    height: 22px;
    padding: 0 4px;
    border: 1px solid var(--accent);
    border-radius: 5px;
    background: var(--field);
    color: var(--ink);
    font: inherit;
    font-size: 12.5px;
}
.acts {
    position: absolute;
    top: 7px;
    right: 7px;
    display: flex;
    border-radius: 8px;
    background: var(--raised);
    opacity: 0;
}
li:hover .acts,
.acts:focus-within {
    opacity: 1;
}
.acts :deep(.act) {
    width: 26px;
    height: 26px;
}
</style>
