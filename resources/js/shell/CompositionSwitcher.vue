<script setup lang="ts">
import { ChevronDown, Plus } from 'lucide-vue-next';
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import type { CompositionName } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useFolders } from '@/project/folders';
import { useNaming } from '@/project/naming';
import { adds, picked } from '@/project/picking';
import { useProject } from '@/project/project';
import CompositionCard from './CompositionCard.vue';
import FolderHeading from './FolderHeading.vue';
import { useOpened } from './opened';
import SeveralCompositions from './SeveralCompositions.vue';

/** All compositions of the project, in their folders: to open, to put in order, to file and to remove. */
const emit = defineEmits<{ compose: [] }>();

const composition = useComposition();
const project = useProject();
const naming = useNaming();
const router = useRouter();
const folders = useFolders<CompositionName>(({ key }) => key);
const open = defineModel<boolean>({ default: false });
useOpened(open);
const entries = computed(() => folders.listed(project.compositions));
const dragged = ref<string | null>(null);
/** The folder that what is dragged is over. */
const aimed = ref<string | null>(null);

/** Those that are selected, to be filed or removed together. */
const selected = ref<string[]>([]);
const last = ref<string | null>(null);
watch(
    () => project.compositions.map(({ key }) => key),
    (keys) => (selected.value = selected.value.filter((key) => keys.includes(key))),
);
watch(open, () => (selected.value = []));

/** A click opens one; with Ctrl or Shift it selects. */
function pick(one: CompositionName, event: MouseEvent): void {
    if (!adds(event) && !event.shiftKey) {
        open.value = false;
        void router.push(`/compositions/${one.id}`);
        return;
    }
    const shown = entries.value.flatMap((entry) => ('one' in entry ? [entry.one.key] : []));
    selected.value = picked(selected.value, last.value, one.key, shown, event);
    last.value = event.shiftKey ? last.value : one.key;
}

async function file(compositions: string[]): Promise<void> {
    const [known] = folders.namesOf(project.compositions);
    const folder = await naming.ask('Move to folder', known ?? 'Folder', 'Move');
    if (folder !== null) {
        void composition.edit('file-compositions', { compositions, folder });
    }
}

/** What is dragged with others that are selected takes them along. */
const carried = (key: string): string[] => (selected.value.includes(key) ? selected.value : [key]);

function drop(onto: CompositionName): void {
    const one = project.compositions.find(({ key }) => key === dragged.value);
    dragged.value = null;
    if (!one || one.key === onto.key) {
        return;
    }
    if (one.folder !== onto.folder) {
        into(one.key, onto.folder);
        return;
    }
    const to = project.compositions.findIndex(({ key }) => key === onto.key);
    void composition.edit('reorder-composition', { composition: one.key, to });
}

function into(key: string | null, folder: string | null): void {
    dragged.value = null;
    aimed.value = null;
    if (key !== null) {
        void composition.edit('file-compositions', {
            compositions: carried(key),
            ...(folder === null ? {} : { folder }),
        });
    }
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
            <SeveralCompositions
                v-if="selected.length > 0"
                :selected="selected"
                @file="file(selected)"
                @none="selected = []"
            />
            <ul>
                <template v-for="entry in entries" :key="entry.key">
                    <CompositionCard
                        v-if="'one' in entry"
                        :one="entry.one"
                        :picked="selected.includes(entry.one.key)"
                        :class="{ dragged: entry.one.key === dragged, filed: entry.folder !== null }"
                        :data-folder="entry.folder ?? ''"
                        @pick="pick(entry.one, $event)"
                        @file="file(carried(entry.one.key))"
                        @dragstart="dragged = entry.one.key"
                        @dragend="dragged = null"
                        @dragover.prevent
                        @drop.prevent="drop(entry.one)"
                    />
                    <li v-else class="folder filed" :class="{ aimed: aimed === entry.folder }">
                        <FolderHeading
                            :name="entry.folder"
                            :count="entry.count"
                            :open="folders.isOpen(entry.folder)"
                            @click="folders.toggle(entry.folder)"
                            @dragover.prevent="aimed = entry.folder"
                            @dragleave="aimed = null"
                            @drop.prevent="into(dragged, entry.folder)"
                        />
                    </li>
                </template>
                <li class="last">
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
.last {
    order: 1;
}
/* Folders stand after what is in none, and after the place of a new one. */
.filed {
    order: 2;
}
.dragged {
    opacity: 0.4;
}
.folder {
    grid-column: 1 / -1;
}
.aimed {
    background: var(--selected);
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
