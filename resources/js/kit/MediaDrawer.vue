<script setup lang="ts">
import { Upload as UploadIcon, X } from 'lucide-vue-next';
import { computed, ref, watch } from 'vue';
import type { Media } from '@/api/answers';
import { useFolders } from '@/project/folders';
import { useMedia } from '@/project/media';
import { picked } from '@/project/picking';
import FolderHeading from '@/shell/FolderHeading.vue';
import IconButton from '@/shell/IconButton.vue';
import { useKit } from './kit';
import MediaCard from './MediaCard.vue';
import SeveralMedia from './SeveralMedia.vue';

type Order = 'upload' | 'name' | 'length';

const media = useMedia();
const kit = useKit();
const chooser = ref<HTMLInputElement | null>(null);
const order = ref<Order>('upload');
const folders = useFolders<Media>(({ id }) => id);

const ORDERS: Record<Order, (a: Media, b: Media) => number> = {
    upload: (a, b) => a.number - b.number,
    name: (a, b) => a.name.localeCompare(b.name, undefined, { numeric: true }),
    length: (a, b) => a.frames - b.frames,
};

const found = computed(() => media.list.filter((one) => kit.matches(one.name)).sort(ORDERS[order.value]));
const entries = computed(() => folders.listed(found.value, kit.search.trim() !== ''));

function choose(): void {
    void media.addAll([...(chooser.value?.files ?? [])]);
    if (chooser.value) {
        chooser.value.value = '';
    }
}

/** Those that are selected, to be filed or removed together. */
const selected = ref<string[]>([]);
const last = ref<string | null>(null);

function pick(id: string, event: MouseEvent): void {
    const shown = entries.value.flatMap((entry) => ('one' in entry ? [entry.one.id] : []));
    selected.value = picked(selected.value, last.value, id, shown, event);
    last.value = event.shiftKey ? last.value : id;
}
watch(
    () => media.list.map(({ id }) => id),
    (ids) => (selected.value = selected.value.filter((id) => ids.includes(id))),
);
</script>

<template>
    <template v-if="!kit.search">
        <input
            ref="chooser"
            type="file"
            accept="video/*,image/*,audio/*,.mkv,.mov,.mxf,.flac,.opus,.zip,.ttf,.otf"
            multiple
            hidden
            data-upload
            @change="choose"
        />
        <ElButton class="upload" @click="chooser?.click()"
            ><UploadIcon :size="15" style="margin-right: 7px" />Upload media</ElButton
        >
        <ul v-if="media.uploads.length" class="uploads">
            <li v-for="row in media.uploads" :key="row.key">
                <span class="file" :title="row.name">{{ row.name }}</span>
                <IconButton
                    :icon="X"
                    :size="14"
                    :label="row.problem ? 'Dismiss' : 'Cancel the upload'"
                    @click="row.problem ? media.dismiss(row.key) : row.cancel()"
                />
                <p v-if="row.problem" class="problem" role="alert">{{ row.problem }}</p>
                <ElProgress
                    v-else
                    :percentage="Math.round(row.part * 100)"
                    :stroke-width="4"
                    :format="(part: number) => (part < 100 ? `${part} % ${row.doing ?? ''}` : 'checking')"
                    class="progress"
                />
            </li>
        </ul>
        <p v-if="media.list.length === 0 && media.uploads.length === 0" class="empty">
            No clips, pictures or sounds yet. Upload some, or drop files anywhere in the window.
        </p>
        <div v-if="media.list.length > 3" class="order">
            Sort by
            <button
                v-for="(_, name) in ORDERS"
                :key="name"
                type="button"
                :aria-pressed="order === name"
                @click="order = name"
            >
                {{ name }}
            </button>
        </div>
    </template>
    <SeveralMedia v-if="selected.length > 1" :selected="selected" @none="selected = []" />
    <div class="clips">
        <template v-for="entry in entries" :key="entry.key">
            <MediaCard
                v-if="'one' in entry"
                :clip="entry.one"
                :picked="selected.includes(entry.one.id)"
                :data-folder="entry.folder ?? ''"
                @pick="pick(entry.one.id, $event)"
            />
            <FolderHeading
                v-else
                class="folder"
                :name="entry.folder"
                :count="entry.count"
                :open="folders.isOpen(entry.folder)"
                @click="folders.toggle(entry.folder)"
            />
        </template>
    </div>
</template>

<style scoped>
.upload {
    width: 100%;
    margin-bottom: 8px;
}
.uploads {
    margin: 0 0 8px;
    padding: 0;
    list-style: none;
}
.uploads li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    align-items: center;
    padding-left: 6px;
}
.file {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.progress,
.problem {
    grid-column: 1 / 3;
}
.problem {
    margin: 0 0 6px;
    color: var(--accent);
    font-size: 12px;
    line-height: 1.4;
}
.empty {
    margin: 8px 6px;
    color: var(--quiet);
}
.order {
    display: flex;
    align-items: center;
    gap: 2px;
    margin: 0 6px 6px;
    color: var(--quiet);
    font-size: 12px;
}
.order button {
    padding: 1px 6px;
    border: 0;
    border-radius: 6px;
    background: none;
    color: var(--quiet);
    font-size: 12px;
    cursor: pointer;
}
.order button:first-of-type {
    margin-left: 3px;
}
.order button[aria-pressed='true'] {
    background: var(--selected);
    color: var(--ink);
}
.folder {
    grid-column: 1 / -1;
}
.clips {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 4px;
}
</style>
