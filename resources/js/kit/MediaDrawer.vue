<script setup lang="ts">
import { ChevronRight, Upload as UploadIcon, X } from 'lucide-vue-next';
import { computed, ref, watch } from 'vue';
import type { Media } from '@/api/answers';
import { useMedia } from '@/project/media';
import { picked } from '@/project/picking';
import IconButton from '@/shell/IconButton.vue';
import { useKit } from './kit';
import MediaCard from './MediaCard.vue';
import SeveralMedia from './SeveralMedia.vue';

type Order = 'upload' | 'name' | 'length';

const media = useMedia();
const kit = useKit();
const chooser = ref<HTMLInputElement | null>(null);
const order = ref<Order>('upload');
const closed = ref<string[]>([]);

const ORDERS: Record<Order, (a: Media, b: Media) => number> = {
    upload: (a, b) => a.number - b.number,
    name: (a, b) => a.name.localeCompare(b.name, undefined, { numeric: true }),
    length: (a, b) => a.frames - b.frames,
};

const found = computed(() => media.list.filter((one) => kit.matches(one.name)).sort(ORDERS[order.value]));
/** Folders and what is in them in one list, so that a card stays the same one when it is filed elsewhere. */
const entries = computed(() =>
    [null, ...media.folders].flatMap((folder) => {
        const clips = found.value.filter((one) => one.folder === folder);
        const shown = folder !== null && closed.value.includes(folder) ? [] : clips;
        const heading =
            folder === null || clips.length === 0 ? [] : [{ key: `/${folder}`, folder, count: clips.length }];
        return [...heading, ...shown.map((clip) => ({ key: clip.id, folder, clip }))];
    }),
);

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
    const shown = entries.value.flatMap((entry) => ('clip' in entry ? [entry.clip.id] : []));
    selected.value = picked(selected.value, last.value, id, shown, event);
    last.value = event.shiftKey ? last.value : id;
}
watch(
    () => media.list.map(({ id }) => id),
    (ids) => (selected.value = selected.value.filter((id) => ids.includes(id))),
);

function toggle(folder: string): void {
    closed.value = closed.value.includes(folder)
        ? closed.value.filter((one) => one !== folder)
        : [...closed.value, folder];
}
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
                v-if="'clip' in entry"
                :clip="entry.clip"
                :picked="selected.includes(entry.clip.id)"
                :data-folder="entry.folder ?? ''"
                @pick="pick(entry.clip.id, $event)"
            />
            <button
                v-else
                type="button"
                class="folder"
                :aria-expanded="!closed.includes(entry.folder)"
                @click="toggle(entry.folder)"
            >
                <ChevronRight :size="14" aria-hidden="true" /><span dir="auto">{{ entry.folder }}</span
                ><i>{{ entry.count }}</i>
            </button>
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
    display: flex;
    align-items: center;
    gap: 5px;
    grid-column: 1 / -1;
    height: 28px;
    padding: 0 6px 0 2px;
    border: 0;
    border-radius: 7px;
    background: none;
    color: var(--ink);
    font-size: 12.5px;
    font-weight: 600;
    cursor: pointer;
}
.folder:hover {
    background: var(--hover);
}
.folder span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.folder i {
    margin-left: auto;
    color: var(--quiet);
    font-style: normal;
    font-weight: 400;
}
.folder svg {
    flex: none;
}
.folder[aria-expanded='true'] svg {
    transform: rotate(90deg);
}
.clips {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 4px;
}
</style>
