<script setup lang="ts">
import { RotateCcw, Trash2 } from 'lucide-vue-next';
import { computed, ref } from 'vue';
import type { Removed, Room } from '@/api/answers';
import { get, post, remove } from '@/api/client';
import { useMedia } from '@/project/media';
import { useRemoving } from '@/project/removing';
import IconButton from './IconButton.vue';

/** What takes how much room on the disk, and what was removed. */
const open = defineModel<boolean>({ required: true });
const { take } = useRemoving();
const media = useMedia();
const room = ref<Room | null>(null);
const problem = ref<string | null>(null);

async function guarded(work: () => Promise<unknown>): Promise<void> {
    try {
        await work();
        room.value = await get<Room>('/room');
        problem.value = null;
    } catch (error) {
        problem.value = (error as Error).message;
    }
}

const load = (): Promise<void> => guarded(async () => undefined);
const reload = (): Promise<unknown> => Promise.all([load(), media.refresh()]);
const restore = ({ kind, id }: Removed): Promise<void> =>
    guarded(async () => {
        await post(`/removed/${kind}/${id}/restore`);
        await media.refresh();
    });
const erase = ({ kind, id }: Removed): Promise<void> => guarded(() => remove(`/removed/${kind}/${id}`));
const eraseAll = (): Promise<void> =>
    guarded(async () => {
        for (const { kind, id } of room.value?.removed ?? []) {
            await remove(`/removed/${kind}/${id}`).catch(() => undefined);
        }
    });

const total = (project: Room['projects'][number]): number => project.originals + project.previews + project.renders;
const used = computed(() => (room.value?.projects ?? []).reduce((sum, project) => sum + total(project), 0));
const removed = computed(() => (room.value?.removed ?? []).reduce((sum, one) => sum + one.bytes, 0));

function size(bytes: number): string {
    const units = ['B', 'kB', 'MB', 'GB', 'TB'];
    let unit = 0;
    for (; bytes >= 1000 && unit < units.length - 1; unit++) {
        bytes /= 1000;
    }
    return `${bytes.toFixed(unit > 1 && bytes < 100 ? 1 : 0)} ${units[unit]}`;
}
</script>

<template>
    <ElDialog v-model="open" title="Room on the disk" width="640" @open="load">
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
        <template v-if="room">
            <p class="sum">
                Projects take <b>{{ size(used) }}</b>, what was removed <b>{{ size(removed) }}</b>;
                <b>{{ size(room.disk.free) }}</b> of {{ size(room.disk.total) }} are free.
            </p>
            <ElProgress
                :percentage="Math.min(100, Math.round(100 * (1 - room.disk.free / room.disk.total)))"
                :show-text="false"
                color="var(--second)"
                :stroke-width="6"
            />
            <section v-for="project in room.projects" :key="project.id">
                <h3 dir="auto">
                    {{ project.name }} <span>{{ size(total(project)) }}</span>
                </h3>
                <p class="parts">
                    originals {{ size(project.originals) }} · previews {{ size(project.previews) }} · renders
                    {{ size(project.renders) }}
                </p>
                <ul>
                    <li v-for="one in project.media" :key="`m${one.id}`">
                        <span class="name" dir="auto" :title="one.name">{{ one.name }}</span>
                        <span class="bytes">{{ size(one.bytes) }}</span>
                        <IconButton
                            :icon="Trash2"
                            :size="14"
                            :label="`Remove ${one.name}`"
                            @click="take({ kind: 'media', id: one.id, project: project.id }, one.name, reload)"
                        />
                    </li>
                    <li v-for="one in project.finished" :key="`r${one.id}`">
                        <span class="name" dir="auto" :title="one.name">{{ one.name }} <i>render</i></span>
                        <span class="bytes">{{ size(one.bytes) }}</span>
                        <IconButton
                            :icon="Trash2"
                            :size="14"
                            :label="`Remove the render ${one.name}`"
                            @click="take({ kind: 'render', id: one.id }, one.name, load)"
                        />
                    </li>
                </ul>
            </section>
            <section v-if="room.removed.length">
                <h3>
                    Removed <span>{{ size(removed) }}</span>
                    <ElButton size="small" text class="all" @click="eraseAll">Erase all for good</ElButton>
                </h3>
                <ul>
                    <li v-for="one in room.removed" :key="`${one.kind}${one.id}`">
                        <span class="name" dir="auto" :title="one.name"
                            >{{ one.name }} <i>{{ one.kind === 'media' ? 'clip' : one.kind }}</i></span
                        >
                        <span class="bytes">{{ size(one.bytes) }}</span>
                        <IconButton
                            :icon="RotateCcw"
                            :size="14"
                            :label="`Bring ${one.name} back`"
                            @click="restore(one)"
                        />
                        <IconButton
                            :icon="Trash2"
                            :size="14"
                            :label="`Erase ${one.name} for good`"
                            @click="erase(one)"
                        />
                    </li>
                </ul>
            </section>
            <p v-else class="parts">Nothing has been removed.</p>
        </template>
    </ElDialog>
</template>

<style scoped>
.sum {
    margin: 0 0 8px;
}
section {
    margin-top: 14px;
    padding-top: 8px;
    border-top: 1px solid var(--hairline);
}
h3 {
    display: flex;
    align-items: baseline;
    gap: 10px;
    margin: 0;
    font-size: 14px;
    font-weight: 600;
}
h3 span,
.bytes {
    color: var(--quiet);
    font-weight: 400;
    font-variant-numeric: tabular-nums;
}
.all {
    margin-left: auto;
}
.parts {
    margin: 2px 0 4px;
    color: var(--quiet);
    font-size: 12px;
}
ul {
    max-height: 190px;
    margin: 0;
    padding: 0;
    overflow-y: auto;
    list-style: none;
}
li {
    display: flex;
    align-items: center;
    gap: 6px;
}
.name {
    flex: 1;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
i {
    color: var(--quiet);
    font-size: 12px;
    font-style: normal;
}
.problem {
    color: var(--accent);
}
</style>
