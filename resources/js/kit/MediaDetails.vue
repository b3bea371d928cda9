<script setup lang="ts">
import type { ArgumentsOf, EditName } from '@/api/edits';
import NameField from '@/shell/NameField.vue';
import { Trash2 } from 'lucide-vue-next';
import { computed, onMounted, ref } from 'vue';
import type { Media } from '@/api/answers';
import { get } from '@/api/client';
import { useComposition } from '@/project/composition';
import { useMedia } from '@/project/media';
import { usePreferences } from '@/project/preferences';
import { perSecond, rateLabel } from '@/project/rates';

const props = defineProps<{ clip: Media }>();
const emit = defineEmits<{ done: [] }>();

const composition = useComposition();
const media = useMedia();
const preferences = usePreferences();
const uses = ref<string[] | null>(null);
const chooser = ref<HTMLInputElement | null>(null);
const problem = ref<string | null>(null);

const others = computed(() => media.list.filter((one) => one.id !== props.clip.id));
const facts = computed(() => {
    const { clip } = props;
    const seconds = clip.frames / perSecond(clip.rate);
    return [
        ...(clip.font
            ? [['Font', clip.font]]
            : clip.heard
              ? [['Length', `${seconds.toFixed(seconds < 10 ? 2 : 1)} s`]]
              : [['Picture', `${clip.width} × ${clip.height}${clip.alpha ? ', with alpha' : ''}`]]),
        ...(clip.still || clip.heard
            ? []
            : [
                  ['Rate', `${rateLabel(clip.rate)} fps`],
                  ['Length', `${clip.frames} frames, ${seconds.toFixed(seconds < 10 ? 2 : 1)} s`],
                  ['Sound', clip.sound ? 'yes' : 'none'],
              ]),
        ['Coding', clip.coding ?? 'not known'],
        ['File', `${(clip.bytes / 1e6).toFixed(clip.bytes < 1e7 ? 1 : 0)} MB`],
    ];
});

onMounted(async () => {
    try {
        uses.value = (await get<{ uses: string[] }>(`/media/${props.clip.number}/uses`)).uses;
    } catch (error) {
        problem.value = (error as Error).message;
    }
});

async function ask<K extends EditName>(edit: K, args: ArgumentsOf<K>): Promise<void> {
    problem.value = await composition.ask(edit, args);
}

const rename = (name: string): Promise<void> => ask('rename-media', { media: props.clip.id, name });

function file(event: Event): void {
    const folder = (event.target as HTMLInputElement).value.trim() || null;
    void ask('file-media', { media: [props.clip.id], folder });
}

async function replaceBy(id: string): Promise<void> {
    await ask('replace-media', { media: props.clip.id, by: id });
    if (problem.value === null) {
        emit('done');
    }
}

async function replaceByFile(): Promise<void> {
    const file = chooser.value?.files?.[0];
    if (!file) {
        return;
    }
    const added = await media.add(file);
    if (added && added.id !== props.clip.id) {
        await replaceBy(added.id);
    } else if (added) {
        problem.value = 'That is the same file.';
    }
}

async function remove(): Promise<void> {
    await ask('remove-media', { media: [props.clip.id] });
    if (problem.value === null) {
        emit('done');
    }
}
</script>

<template>
    <div class="details" data-details>
        <NameField :key="clip.id" :name="clip.name" class="name" aria-label="Name" @rename="rename" />
        <dl>
            <template v-for="[title, value] in facts" :key="title">
                <dt>{{ title }}</dt>
                <dd>{{ value }}</dd>
            </template>
            <template v-if="clip.still">
                <dt>Stays</dt>
                <dd class="stays">
                    <input
                        v-model.number="preferences.stillLasts"
                        class="field"
                        type="number"
                        min="0.1"
                        max="36000"
                        step="0.5"
                        aria-label="Seconds that a still picture stays"
                        data-still-lasts
                    />
                    s, like every still that is added
                </dd>
            </template>
            <dt>Used</dt>
            <dd>
                <span v-if="uses === null">…</span>
                <span v-else-if="uses.length === 0">nowhere</span>
                <ul v-else>
                    <li v-for="(use, index) in uses" :key="index" dir="auto">{{ use }}</li>
                </ul>
            </dd>
            <dt>Folder</dt>
            <dd>
                <input
                    class="field"
                    :value="clip.folder ?? ''"
                    list="media-folders"
                    placeholder="none"
                    aria-label="Folder"
                    dir="auto"
                    @change="file"
                />
                <datalist id="media-folders">
                    <option v-for="folder in media.folders" :key="folder" :value="folder" />
                </datalist>
            </dd>
            <dt>Replace</dt>
            <dd>
                <select
                    v-if="others.length > 0"
                    class="field"
                    aria-label="Replace by"
                    @change="replaceBy(($event.target as HTMLSelectElement).value)"
                >
                    <option value="">by other media</option>
                    <option v-for="one in others" :key="one.id" :value="one.id">{{ one.name }}</option>
                </select>
                <input ref="chooser" type="file" hidden data-replace-file @change="replaceByFile" />
                <ElButton size="small" class="by-file" @click="chooser?.click()">By a file…</ElButton>
            </dd>
        </dl>
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
        <ElButton size="small" text class="remove" @click="remove"
            ><Trash2 :size="14" style="margin-right: 6px" />Remove from the project</ElButton
        >
    </div>
</template>

<style scoped>
.name {
    width: 100%;
    height: 28px;
    padding: 0 7px;
    border: 1px solid transparent;
    border-radius: 6px;
    background: none;
    color: var(--ink);
    font: inherit;
    font-weight: 600;
}
.name:hover,
.name:focus {
    border-color: var(--hairline);
    background: var(--field);
    outline: 0;
}
dl {
    display: grid;
    grid-template-columns: 62px minmax(0, 1fr);
    gap: 5px 8px;
    margin: 8px 8px;
    font-size: 12.5px;
    line-height: 1.4;
}
dt {
    color: var(--quiet);
}
dd {
    margin: 0;
    font-variant-numeric: tabular-nums;
}
ul {
    max-height: 90px;
    margin: 0;
    padding: 0;
    overflow-y: auto;
    list-style: none;
}
.field {
    width: 100%;
    height: 26px;
    padding: 0 6px;
    border: 1px solid var(--hairline);
    border-radius: 6px;
    background: var(--field);
    color: var(--ink);
    font: inherit;
    font-size: 12.5px;
}
.field:focus {
    border-color: var(--accent);
    outline: 0;
}
.stays .field {
    width: 62px;
}
.by-file {
    margin-top: 5px;
}
.problem {
    margin: 4px 8px;
    color: var(--accent);
    font-size: 12px;
    line-height: 1.4;
}
.remove {
    margin-top: 2px;
}
</style>
