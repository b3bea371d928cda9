<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { ElMessage } from 'element-plus/es/components/message/index';
import 'element-plus/es/components/message/style/css';
import { defineAsyncComponent, computed, onMounted, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import KitPane from '@/kit/KitPane.vue';
import PicturePane from '@/picture/PicturePane.vue';
import RhythmStrip from '@/rhythm/RhythmStrip.vue';
import TransportBar from '@/picture/TransportBar.vue';
import { useComposition } from '@/project/composition';
import { useFollowing } from '@/project/following';
import { usePlaces } from '@/project/places';
import { usePlayhead } from '@/project/playhead';
import { usePreferences } from '@/project/preferences';
import { useScopes } from '@/project/scopes';
import { useSelection } from '@/project/selection';
import { useTimecode } from '@/project/timecode';
import { useVocabulary } from '@/project/vocabulary';
import { useWithin } from '@/project/within';
import SheetPane from '@/sheet/SheetPane.vue';
import TimelinePane from '@/timeline/TimelinePane.vue';
import FileDrop from './FileDrop.vue';
import FirstVisit from './FirstVisit.vue';
import HeaderBar from './HeaderBar.vue';
import KeysDialog from './KeysDialog.vue';
import type { WindowActions } from './everything';
import FindEverything from './FindEverything.vue';
import { useGuide } from './guide';
import MatchDialog from './MatchDialog.vue';
import SequenceDialog from './SequenceDialog.vue';
import NewCompositionDialog from './NewCompositionDialog.vue';
import NamingDialog from './NamingDialog.vue';
import PartsDialog from './PartsDialog.vue';
import ProjectsDialog from './ProjectsDialog.vue';
import RenderDialog from './RenderDialog.vue';
import RoomDialog from './RoomDialog.vue';
import { useShortcuts } from './shortcuts';

const route = useRoute();
const router = useRouter();
const composition = useComposition();
const places = usePlaces();
const playhead = usePlayhead();
const preferences = usePreferences();
const scopes = useScopes();
const selection = useSelection();
const vocabulary = useVocabulary();
const within = useWithin();
useTimecode();
useFollowing();

const guide = useGuide();
/** Only when it is asked for: few read it every day. */
const GuidePanel = defineAsyncComponent(() => import('./GuidePanel.vue'));

const picture = ref<InstanceType<typeof PicturePane> | null>(null);
const timeline = ref<InstanceType<typeof TimelinePane> | null>(null);
const switching = ref(false);
const reading = ref(false);
const seeking = ref(false);
const rendering = ref(false);
const composing = ref(false);
const choosing = ref(false);
const clearing = ref(false);
const failure = ref<string | null>(null);

useShortcuts({
    fit: () => picture.value?.fit(),
    render: () => (rendering.value = true),
    switch: () => (switching.value = !switching.value),
    keys: () => (reading.value = true),
    write: () => void picture.value?.write(),
    zoomTime: () => timeline.value?.zoomToSelected(),
    find: () => (seeking.value = true),
});

const windowActions: WindowActions = {
    fit: () => picture.value?.fit(),
    render: () => (rendering.value = true),
    keys: () => (reading.value = true),
    write: () => void picture.value?.write(),
    compose: () => (composing.value = true),
    projects: () => (choosing.value = true),
};

async function open(): Promise<void> {
    failure.value = null;
    playhead.playing = false;
    const id = Number(route.params.id);
    try {
        await Promise.all([composition.id === id ? begin() : composition.open(id, begin), vocabulary.load()]);
    } catch (error) {
        failure.value = (error as Error).message;
    }
}

/** Where the producer was, or where a composition that was never open is best looked at. */
function begin(): void {
    selection.clear();
    scopes.clear();
    document.title = `${composition.document?.name} – Ricamo`;
    playhead.clearRange();
    const known = places.restore();
    const frame = within.takeFrame();
    if (frame !== null) {
        playhead.go(frame);
    }
    if (known || frame !== null) {
        return;
    }
    playhead.go(Math.min(50, Math.floor(playhead.length / 4)));
    const graphic = composition.layers.find((layer) => layer.kind === 'text');
    if (graphic) {
        selection.select(graphic.id);
    } else if (composition.layers.length === 0) {
        preferences.drawer = 'kit';
        playhead.go(0);
    }
}

onMounted(open);
useEventListener(window, 'pagehide', () => places.keep());
watch(() => route.params.id, open);
// What was changed may be seen in another composition, which is then opened.
watch(
    () => composition.id,
    (id) => id !== Number(route.params.id) && void router.push(`/compositions/${id}`),
);
watch(
    () => composition.problem,
    (problem) => {
        if (problem) {
            ElMessage({ message: problem, type: 'warning', grouping: true, duration: 6000, showClose: true });
            composition.problem = null;
        }
    },
);

const columns = computed(() => ({ '--left': `${preferences.left}px`, '--lower': `${preferences.lower}px` }));

function divide(down: PointerEvent, direction: 'left' | 'lower'): void {
    const target = down.currentTarget as HTMLElement;
    const [from, began] = direction === 'left' ? [down.clientX, preferences.left] : [down.clientY, preferences.lower];
    target.setPointerCapture(down.pointerId);
    const move = (event: PointerEvent): void => {
        if (direction === 'left') {
            preferences.left = Math.max(240, Math.min(window.innerWidth - 480, began + event.clientX - from));
        } else {
            preferences.lower = Math.max(110, Math.min(window.innerHeight - 280, began - (event.clientY - from)));
        }
    };
    target.addEventListener('pointermove', move);
    target.addEventListener('pointerup', () => target.removeEventListener('pointermove', move), { once: true });
}
</script>

<template>
    <div class="editor" :style="columns">
        <HeaderBar
            v-model:switching="switching"
            @render="rendering = true"
            @compose="composing = true"
            @projects="choosing = true"
            @keys="reading = true"
        />
        <div v-if="failure" class="failure" role="alert">
            <p>{{ failure }}</p>
            <ElButton @click="open">Try again</ElButton>
            <ElButton @click="choosing = true">Projects</ElButton>
        </div>
        <main v-else>
            <div class="upper">
                <aside class="column">
                    <nav class="tabs" role="tablist">
                        <button
                            v-for="tab in ['sheet', 'kit'] as const"
                            :key="tab"
                            type="button"
                            role="tab"
                            :aria-selected="preferences.drawer === tab"
                            :data-tab="tab"
                            @click="preferences.drawer = tab"
                        >
                            {{ tab === 'sheet' ? 'Sheet' : 'Kit' }}
                        </button>
                    </nav>
                    <div class="drawer"><SheetPane v-if="preferences.drawer === 'sheet'" /><KitPane v-else /></div>
                </aside>
                <div class="stage">
                    <PicturePane ref="picture" />
                    <FirstVisit v-if="composition.layers.length > 0" />
                    <TransportBar @fit="picture?.fit()" @actual="picture?.actual()" />
                    <RhythmStrip />
                </div>
            </div>
            <div class="lower"><TimelinePane ref="timeline" /></div>
            <div id="over-column" />
            <i
                class="divider upright"
                role="separator"
                aria-label="Width of the left column"
                @pointerdown.prevent="divide($event, 'left')"
            />
            <i
                class="divider level"
                role="separator"
                aria-label="Height of the timeline"
                @pointerdown.prevent="divide($event, 'lower')"
            />
        </main>
        <RenderDialog v-model="rendering" />
        <NewCompositionDialog v-model="composing" />
        <ProjectsDialog v-model="choosing" @room="clearing = true" />
        <RoomDialog v-model="clearing" />
        <KeysDialog v-model="reading" />
        <NamingDialog />
        <PartsDialog />
        <FindEverything v-if="seeking" :actions="windowActions" @close="seeking = false" />
        <GuidePanel v-if="guide.open !== null" />
        <MatchDialog />
        <SequenceDialog />
        <FileDrop />
    </div>
</template>

<style scoped>
.editor {
    display: flex;
    flex-direction: column;
    height: 100%;
}
main {
    position: relative;
    flex: 1;
    min-height: 0;
}
.upper {
    position: absolute;
    inset: 0 0 var(--lower) 0;
    display: grid;
    grid-template-columns: var(--left) minmax(0, 1fr);
}
.lower {
    position: absolute;
    inset: auto 0 0 0;
    height: var(--lower);
    border-top: 1px solid var(--hairline);
}
#over-column {
    position: absolute;
    inset: 0 auto 0 0;
    z-index: 5;
    width: var(--left);
}
#over-column:empty {
    display: none;
}
.column {
    display: flex;
    flex-direction: column;
    min-height: 0;
    border-right: 1px solid var(--hairline);
}
.tabs {
    display: flex;
    gap: 18px;
    flex: none;
    padding: 0 16px;
    border-bottom: 1px solid var(--hairline);
}
.tabs button {
    height: 36px;
    padding: 0 2px;
    border: 0;
    border-bottom: 2px solid transparent;
    background: none;
    color: var(--quiet);
    font-size: 14px;
    cursor: pointer;
}
.tabs button[aria-selected='true'] {
    border-color: var(--accent);
    color: var(--ink);
    font-weight: 600;
}
.drawer {
    flex: 1;
    min-height: 0;
}
.stage {
    position: relative;
    display: flex;
    flex-direction: column;
    min-width: 0;
    min-height: 0;
}
.divider {
    position: absolute;
    z-index: 4;
    touch-action: none;
}
.upright {
    top: 0;
    bottom: 0;
    left: calc(var(--left) - 4px);
    width: 7px;
    cursor: col-resize;
}
.level {
    left: 0;
    right: 0;
    bottom: calc(var(--lower) - 3px);
    height: 7px;
    cursor: row-resize;
}
.divider:hover {
    background: color-mix(in srgb, var(--second) 35%, transparent);
}
.failure {
    margin: auto;
    text-align: center;
}
</style>
