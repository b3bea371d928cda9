<script setup lang="ts">
import { playsMedia } from '@/project/playing';
import { useIntervalFn } from '@vueuse/core';
import { Trash2 } from 'lucide-vue-next';
import { computed, ref, watch } from 'vue';
import type { Render } from '@/api/answers';
import { get, post } from '@/api/client';
import { useComposition } from '@/project/composition';
import { useMedia } from '@/project/media';
import { usePlayhead } from '@/project/playhead';
import { useProject } from '@/project/project';
import { useRemoving } from '@/project/removing';
import { useTimecode } from '@/project/timecode';
import IconButton from './IconButton.vue';
import RenderChoices from './RenderChoices.vue';
import { useRenderChoice } from './renderChoice';

const open = defineModel<boolean>({ required: true });

const composition = useComposition();
const media = useMedia();
const playhead = usePlayhead();
const project = useProject();
const choice = useRenderChoice();
const timecode = useTimecode();
const { take } = useRemoving();
const renders = ref<Render[]>([]);
const problem = ref<string | null>(null);
const part = ref<'whole' | 'range'>('whole');

const UNDER_WAY = ['waiting', 'drawing', 'joining', 'stopped'];
const underWay = computed(() => renders.value.some((one) => UNDER_WAY.includes(one.state)));
/** The names of those that are looked at by themselves. */
const alone = computed(() =>
    composition.layers.filter((layer) => composition.shown?.alone?.includes(layer.id)).map((layer) => layer.name),
);
const hasRange = computed(() => playhead.rangeIn !== null || playhead.rangeOut !== null);
const [from, to] = [
    computed(() =>
        choice.format.oneFrame ? playhead.frame : part.value === 'range' && hasRange.value ? playhead.from : 0,
    ),
    computed(() =>
        choice.format.oneFrame
            ? playhead.frame + 1
            : part.value === 'range' && hasRange.value
              ? playhead.last + 1
              : playhead.length,
    ),
];
/** Where a render is of another composition, its name. */
const elsewhere = (render: Render): string | undefined =>
    render.composition === composition.id
        ? undefined
        : project.compositions.find((one) => one.id === render.composition)?.name;
const cutOff = computed(() =>
    media.list.filter(
        (clip) => clip.remark && composition.layers.some((layer) => playsMedia(layer) && layer.media === clip.id),
    ),
);

async function guarded(work: () => Promise<unknown>): Promise<void> {
    try {
        await work();
        renders.value = (await get<{ renders: Render[] }>(`/compositions/${composition.id}/renders`)).renders;
        problem.value = null;
    } catch (error) {
        problem.value = (error as Error).message;
    }
}

const refresh = (): Promise<void> => guarded(async () => undefined);
const poll = useIntervalFn(refresh, 500, { immediate: false });
watch([open, underWay], ([shown, busy]) => (shown && busy ? poll.resume() : poll.pause()));

const begin = (): Promise<void> =>
    guarded(() =>
        post(`/compositions/${composition.id}/renders`, {
            from: from.value,
            to: to.value,
            ...choice.wanted,
        }),
    );
const cancel = (render: Render): Promise<void> => guarded(() => post(`/renders/${render.id}/cancel`));
const resume = (render: Render): Promise<void> => guarded(() => post(`/renders/${render.id}/resume`));

const percentage = (render: Render): number => Math.floor((100 * render.drawn) / render.frames);

function says(render: Render): string {
    const left = render.drawn > 0 ? Math.ceil((render.seconds * (render.frames - render.drawn)) / render.drawn) : null;
    return {
        waiting:
            render.drawn > 0
                ? `Frame ${render.drawn} of ${render.frames}, waiting for its turn`
                : 'Waiting for a free worker',
        drawing: left === null ? 'Starting' : `Frame ${render.drawn} of ${render.frames}, about ${left} s left`,
        joining: 'Joining picture and sound',
        finished: render.bytes
            ? render.bytes < 1e5
                ? `${Math.ceil(render.bytes / 1e3)} kB`
                : `${(render.bytes / 1e6).toFixed(1)} MB`
            : 'Finished',
        failed: `Failed: ${render.problem ?? 'the reason is not known'}`,
        cancelled: 'Cancelled',
        stopped: `Stopped at frame ${render.drawn} of ${render.frames}: its worker ended. What is drawn is kept.`,
    }[render.state];
}
</script>

<template>
    <ElDialog v-model="open" title="Render" width="560" @open="refresh">
        <div class="new">
            <div>
                <p v-for="clip in cutOff" :key="clip.id" class="note">{{ clip.name }}: {{ clip.remark }}.</p>
                <p v-if="alone.length > 0" class="note" data-render-alone>
                    Only {{ alone.join(', ') }} {{ alone.length === 1 ? 'is' : 'are' }} rendered, looked at alone.
                    <button type="button" @click="composition.edit('look-alone', { layers: [] })">Show all</button>
                </p>
                <RenderChoices v-if="open" :frames="to - from" />
                <ElRadioGroup v-if="!choice.format.oneFrame" v-model="part" size="small" aria-label="What to render">
                    <ElRadioButton value="whole">Whole composition</ElRadioButton>
                    <ElRadioButton value="range" :disabled="!hasRange">Play range</ElRadioButton>
                </ElRadioGroup>
            </div>
            <ElButton type="primary" class="begin" data-begin-render @click="begin">Render</ElButton>
        </div>
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
        <ul>
            <li v-for="render in renders" :key="render.id" :data-render-state="render.state">
                <div class="line">
                    <span class="file" :title="render.name">{{ render.name }}</span>
                    <span class="span"
                        >{{
                            elsewhere(render) ?? `${timecode.label(render.from)} – ${timecode.label(render.to - 1)}`
                        }}
                        · {{ render.format }}</span
                    >
                    <a
                        v-if="render.state === 'finished'"
                        :href="`/api/renders/${render.id}/file`"
                        download
                        data-download
                        >Download</a
                    >
                    <button
                        v-else-if="
                            render.state === 'waiting' || render.state === 'drawing' || render.state === 'joining'
                        "
                        type="button"
                        @click="cancel(render)"
                    >
                        Cancel
                    </button>
                    <button v-else type="button" data-resume @click="resume(render)">
                        {{ render.drawn > 0 ? 'Resume' : 'Start again' }}
                    </button>
                    <IconButton
                        v-if="!UNDER_WAY.includes(render.state) || render.state === 'stopped'"
                        :icon="Trash2"
                        :size="14"
                        class="remove"
                        :label="`Remove ${render.name}`"
                        data-remove-render
                        @click="take({ kind: 'render', id: render.id }, render.name, refresh)"
                    />
                </div>
                <ElProgress
                    v-if="UNDER_WAY.includes(render.state)"
                    :percentage="percentage(render)"
                    :stroke-width="5"
                    :status="render.state === 'stopped' ? 'warning' : undefined"
                />
                <p class="says" :class="render.state">{{ says(render) }}</p>
            </li>
        </ul>
        <p v-if="renders.length === 0" class="says">
            Nothing has been rendered yet. You can go on working while a render runs.
        </p>
    </ElDialog>
</template>

<style scoped>
.new {
    display: flex;
    flex-direction: column;
    gap: 14px;
    padding-bottom: 14px;
    border-bottom: 1px solid var(--hairline);
}
.begin {
    align-self: flex-end;
}
.note {
    margin: 0 0 8px;
    color: var(--warning);
    font-size: 12px;
}
ul {
    max-height: 46vh;
    margin: 0;
    padding: 0;
    overflow-y: auto;
    list-style: none;
}
li {
    padding: 10px 0;
    border-bottom: 1px solid var(--hairline);
}
.line {
    display: flex;
    align-items: baseline;
    gap: 12px;
}
.file {
    overflow: hidden;
    font-weight: 500;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.span {
    flex: 1;
    color: var(--quiet);
    font-size: 12px;
    white-space: nowrap;
}
a,
li .line > button:not(.remove) {
    padding: 2px 4px;
    border: 0;
    background: none;
    color: var(--second);
    font: 500 13px var(--type);
    text-decoration: none;
    cursor: pointer;
}
a:hover,
li .line > button:not(.remove):hover {
    text-decoration: underline;
}
.says {
    margin: 2px 0 0;
    color: var(--quiet);
    font-size: 12px;
}
.failed,
.stopped,
.problem {
    color: var(--accent);
}
.note button {
    padding: 0;
    border: 0;
    background: none;
    color: var(--second);
    font: inherit;
    text-decoration: underline;
    cursor: pointer;
}
</style>
