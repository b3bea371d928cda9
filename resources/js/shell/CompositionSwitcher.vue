<script setup lang="ts">
import { ChevronDown, Copy, Plus, Trash2 } from 'lucide-vue-next';
import { nextTick, ref } from 'vue';
import { useRouter } from 'vue-router';
import type { CompositionName } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useProject } from '@/project/project';
import CompositionPicture from './CompositionPicture.vue';
import IconButton from './IconButton.vue';
import { useOpened } from './opened';

const emit = defineEmits<{ compose: [] }>();

const composition = useComposition();
const project = useProject();
const router = useRouter();
const open = defineModel<boolean>({ default: false });
useOpened(open);
const renaming = ref<string | null>(null);
const dragged = ref<string | null>(null);

function go(one: CompositionName): void {
    open.value = false;
    void router.push(`/compositions/${one.id}`);
}

async function beginRenaming(one: CompositionName): Promise<void> {
    renaming.value = one.key;
    await nextTick();
    const field = document.querySelector<HTMLInputElement>('[data-composition-name]');
    field?.focus();
    field?.select();
}

function rename(one: CompositionName, event: Event): void {
    const name = (event.target as HTMLInputElement).value.trim();
    // Taking the field away makes it lose focus, which asks for the same again.
    if (renaming.value === one.key) {
        renaming.value = null;
        if (name && name !== one.name) {
            void composition.edit('rename-composition', { composition: one.key, name });
        }
    }
}

function drop(to: number): void {
    if (dragged.value !== null && project.compositions[to]?.key !== dragged.value) {
        void composition.edit('reorder-composition', { composition: dragged.value, to });
    }
    dragged.value = null;
}

function compose(): void {
    open.value = false;
    emit('compose');
}
</script>

<template>
    <ElPopover
        v-model:visible="open"
        :persistent="false"
        trigger="click"
        placement="bottom-start"
        :width="496"
        :hide-after="0"
    >
        <template #reference>
            <button type="button" class="crumb" dir="auto" :title="composition.shown?.name" data-compositions>
                <span>{{ composition.shown?.name }}</span><ChevronDown :size="14" aria-hidden="true" />
            </button>
        </template>
        <nav v-if="open" aria-label="Compositions">
            <ul>
                <li
                    v-for="(one, index) in project.compositions"
                    :key="one.key"
                    :class="{ here: one.id === composition.id, dragged: one.key === dragged }"
                    :draggable="renaming !== one.key"
                    :data-composition="one.key"
                    @dragstart="dragged = one.key"
                    @dragend="dragged = null"
                    @dragover.prevent
                    @drop.prevent="drop(index)"
                >
                    <button
                        type="button"
                        class="picture"
                        :aria-label="`Open ${one.name}`"
                        :aria-current="one.id === composition.id ? 'page' : undefined"
                        @click="go(one)"
                    >
                        <CompositionPicture :id="one.id" />
                    </button>
                    <div class="line">
                        <input
                            v-if="renaming === one.key"
                            :value="one.name"
                            aria-label="Name of the composition"
                            data-composition-name
                            dir="auto"
                            @keydown.enter="rename(one, $event)"
                            @keydown.esc.stop="renaming = null"
                            @blur="rename(one, $event)"
                        />
                        <span
                            v-else
                            class="name"
                            dir="auto"
                            :title="`${one.name} (double-click to rename)`"
                            @dblclick="beginRenaming(one)"
                            >{{ one.name }}</span
                        >
                    </div>
                    <div class="acts">
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
                            :label="
                                project.compositions.length < 2
                                    ? 'A project keeps one composition'
                                    : `Remove ${one.name}`
                            "
                            @click="composition.edit('remove-composition', { composition: one.key })"
                        />
                    </div>
                </li>
                <li>
                    <button type="button" class="fresh" data-new-composition @click="compose">
                        <Plus :size="18" :stroke-width="1.75" aria-hidden="true" />New composition
                    </button>
                </li>
            </ul>
        </nav>
    </ElPopover>
</template>

<style scoped>
.crumb {
    display: flex;
    align-items: center;
    gap: 5px;
    max-width: 320px;
    padding: 4px 7px;
    border: 0;
    border-radius: 7px;
    background: none;
    color: var(--ink);
    font-size: 13px;
    font-weight: 600;
    cursor: pointer;
}
.crumb span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.crumb:hover {
    background: var(--hover);
}
ul {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 8px;
    max-height: 62vh;
    margin: 0;
    padding: 4px;
    overflow-y: auto;
    list-style: none;
}
li {
    position: relative;
    min-width: 0;
}
.dragged {
    opacity: 0.4;
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
.fresh {
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: center;
    gap: 6px;
    width: 100%;
    height: calc(100% - 28px);
    min-height: 84px;
    border: 1px dashed var(--hairline);
    border-radius: 9px;
    background: none;
    color: var(--quiet);
    cursor: pointer;
}
.fresh:hover {
    border-color: var(--quiet);
    color: var(--ink);
}
</style>
