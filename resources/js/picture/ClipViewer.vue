<script setup lang="ts">
import { computedAsync, useElementSize, useEventListener } from '@vueuse/core';
import { AudioLines, Pause, Play, Plus, Repeat1, X } from 'lucide-vue-next';
import { computed, onMounted, ref, watch, watchEffect } from 'vue';
import type { Media } from '@/api/answers';
import { useAdding } from '@/project/adding';
import { useViewing } from '@/project/viewing';
import IconButton from '@/shell/IconButton.vue';
import { useOpened } from '@/shell/opened';
import { peaksOf } from '@/timeline/peaks';
import { useClipPlayback } from './clipPlayback';
import type { PictureStore } from './pictures';

/** A clip before it is placed: looked through, its beginning and its end marked, and dragged to where it is to go. */
const props = defineProps<{ clip: Media; pictures: PictureStore }>();

/** How many frames ahead of the one that is shown pictures are fetched. */
const AHEAD = 24;

const viewing = useViewing();
const adding = useAdding();
const { frame, playing, go, play, stop, shuttle, rate, last } = useClipPlayback(() => props.clip);
useOpened(ref(true), viewing.close);

const self = ref<HTMLElement | null>(null);
// Enter and Space are its own, not those of the button that it was opened by.
onMounted(() => self.value?.focus({ preventScroll: true }));

const canvas = ref<HTMLCanvasElement | null>(null);
const room = ref<HTMLElement | null>(null);
const { width, height } = useElementSize(room);
/** While it is dragged out, what lies beneath can be seen and dropped on. */
const leaving = ref(false);

const size = computed(() => {
    const scale = Math.min(width.value / props.clip.width, height.value / props.clip.height);
    return { width: `${props.clip.width * scale}px`, height: `${props.clip.height * scale}px` };
});
/** The waveform of what is only heard, as wide as the strip beneath. */
const peaks = computedAsync(() => (props.clip.heard ? peaksOf(props.clip.previews).catch(() => []) : []), []);
const wave = computed(() => {
    const all = peaks.value;
    const half = (peak: number): number => Math.max(1, Math.min(100, peak)) * 0.5;
    return all.length === 0
        ? null
        : {
              box: `0 0 ${all.length} 100`,
              path: `${all.map((peak, at) => `${at === 0 ? 'M' : 'L'}${at} ${50 - half(peak)}`).join('')}${all
                  .map((_, at) => `L${all.length - 1 - at} ${50 + half(all.at(-1 - at)!)}`)
                  .join('')}Z`,
          };
});
const part = (at: number): string => `${(100 * at) / props.clip.frames}%`;
const seconds = (frames: number): string => `${(frames / rate.value).toFixed(2)} s`;
const lasts = computed(() => viewing.stretch.to - viewing.stretch.from);

/** The frame that is looked at, as large as its preview is. */
watchEffect(
    () => {
        void props.pictures.arrivals.value;
        const target = canvas.value;
        const picture = props.clip.heard ? null : props.pictures.get(props.clip.id, frame.value);
        if (target && picture) {
            [target.width, target.height] = [picture.width, picture.height];
            target.getContext('2d')!.drawImage(picture, 0, 0);
        }
    },
    { flush: 'post' },
);
watch(
    [frame, playing],
    () => {
        if (props.clip.heard) {
            return;
        }
        for (let step = 1; playing.value && step <= AHEAD; step++) {
            void props.pictures.fetch(props.clip.id, Math.min(last.value, frame.value + step));
        }
        void props.pictures.originals.want(
            playing.value ? [] : [{ media: props.clip.id, frame: frame.value, scale: width.value / props.clip.width }],
        );
    },
    { immediate: true },
);

function toggle(): void {
    if (playing.value) {
        stop();
    } else {
        play();
    }
}

function playStretch(): void {
    go(viewing.stretch.from);
    play(1, viewing.stretch.to - 1);
}

async function add(): Promise<void> {
    const { marked } = viewing;
    viewing.close();
    await adding.addClip(props.clip, {}, marked);
}

function carry(event: DragEvent): void {
    stop();
    event.dataTransfer?.setData('text/x-ricamo-kit', props.clip.name);
    const { marked } = viewing;
    adding.carried = (place) => {
        viewing.close();
        void adding.addClip(props.clip, place, marked);
    };
    // What is dragged may not vanish while the drag begins.
    window.setTimeout(() => (leaving.value = true));
}

function dropped(): void {
    adding.carried = null;
    leaving.value = false;
}

type Hold = 'frame' | 'from' | 'to';

/** Follows the pointer along the strip with the frame that is shown, or with a mark. */
function pull(event: PointerEvent, hold: Hold): void {
    const strip = (event.currentTarget as HTMLElement).closest<HTMLElement>('.strip')!;
    const follow = ({ clientX }: PointerEvent): void => {
        const { left, width: wide } = strip.getBoundingClientRect();
        const at = Math.max(0, Math.min(1, (clientX - left) / wide)) * props.clip.frames;
        go(hold === 'to' ? Math.round(at) - 1 : Math.min(last.value, Math.floor(at)));
        if (hold === 'from') {
            viewing.mark({ from: Math.min(Math.floor(at), viewing.stretch.to - 1) });
        } else if (hold === 'to') {
            viewing.mark({ to: Math.max(Math.round(at), viewing.stretch.from + 1) });
        }
    };
    strip.setPointerCapture(event.pointerId);
    follow(event);
    strip.addEventListener('pointermove', follow);
    strip.addEventListener('lostpointercapture', () => strip.removeEventListener('pointermove', follow), {
        once: true,
    });
}

const KEYS: Record<string, (event: KeyboardEvent) => void> = {
    ' ': toggle,
    ArrowLeft: (event) => go(frame.value - (event.shiftKey ? 10 : 1)),
    ArrowRight: (event) => go(frame.value + (event.shiftKey ? 10 : 1)),
    Home: () => go(0),
    End: () => go(last.value),
    j: () => shuttle(-1),
    k: stop,
    l: () => shuttle(1),
    i: () => viewing.mark({ from: frame.value }),
    o: () => viewing.mark({ to: frame.value + 1 }),
    Enter: () => void add(),
};

// The keys of the transport are the clip's as long as it is looked through.
useEventListener(
    window,
    'keydown',
    (event) => {
        const isElsewhere =
            event.target instanceof Element && event.target.closest('input, textarea, select, [role=dialog]') !== null;
        const isButton = event.target instanceof HTMLButtonElement && ['Enter', ' '].includes(event.key);
        const act = KEYS[event.key.length === 1 ? event.key.toLowerCase() : event.key];
        if (act && !isElsewhere && !isButton && !event.ctrlKey && !event.metaKey && !event.altKey) {
            event.preventDefault();
            event.stopPropagation();
            act(event);
        }
    },
    { capture: true },
);
</script>

<template>
    <section
        ref="self"
        class="viewer"
        tabindex="-1"
        :class="{ leaving }"
        :aria-label="`Looking through ${clip.name}`"
        data-viewer
        :data-frame="frame"
        @pointerdown.stop
        @dblclick.stop
        @wheel.stop
    >
        <header>
            <b dir="auto">{{ clip.name }}</b>
            <span>drag it to the picture or to the timeline</span>
            <IconButton :icon="X" :size="16" class="light" label="Back to the composition" @click="viewing.close" />
        </header>
        <div ref="room" class="room" draggable="true" data-viewed @dragstart="carry" @dragend="dropped">
            <svg
                v-if="wave"
                class="wave"
                :viewBox="wave.box"
                preserveAspectRatio="none"
                aria-hidden="true"
                data-viewed-wave
            >
                <path :d="wave.path" />
            </svg>
            <AudioLines v-else-if="clip.heard" :size="72" :stroke-width="1" aria-hidden="true" />
            <canvas v-else ref="canvas" :style="size" />
        </div>
        <div class="strip" @pointerdown="pull($event, 'frame')">
            <i class="all" />
            <i
                class="stretch"
                :style="{ left: part(viewing.stretch.from), width: part(viewing.stretch.to - viewing.stretch.from) }"
            />
            <i class="head" :style="{ left: part(frame + 0.5) }" />
            <button
                type="button"
                class="mark from"
                :style="{ left: part(viewing.stretch.from) }"
                aria-label="Where the stretch begins"
                data-mark="from"
                @pointerdown.stop="pull($event, 'from')"
            />
            <button
                type="button"
                class="mark to"
                :style="{ left: part(viewing.stretch.to) }"
                aria-label="Where the stretch ends"
                data-mark="to"
                @pointerdown.stop="pull($event, 'to')"
            />
        </div>
        <footer>
            <IconButton
                :icon="playing ? Pause : Play"
                :size="17"
                class="light"
                :label="playing ? 'Stop (Space)' : 'Play (Space)'"
                @click="toggle"
            />
            <IconButton :icon="Repeat1" :size="17" class="light" label="Play the stretch" @click="playStretch" />
            <span class="time" data-viewed-time>{{ seconds(frame) }}{{ clip.heard ? '' : ` · frame ${frame}` }}</span>
            <span class="marks">
                <button type="button" class="act" data-mark-from @click="viewing.mark({ from: frame })">
                    Begin here <kbd>I</kbd>
                </button>
                <button type="button" class="act" data-mark-to @click="viewing.mark({ to: frame + 1 })">
                    End here <kbd>O</kbd>
                </button>
                <button v-if="viewing.marked" type="button" class="act" @click="viewing.unmark">All of it</button>
            </span>
            <span class="lasts" role="status">{{ seconds(lasts) }}{{ clip.heard ? '' : ` · ${lasts} frames` }}</span>
            <button type="button" class="add" data-add-viewed @click="add">
                <Plus :size="15" aria-hidden="true" />Add at the playhead
            </button>
        </footer>
    </section>
</template>

<style scoped>
.viewer {
    position: absolute;
    inset: 0;
    display: flex;
    flex-direction: column;
    gap: 8px;
    padding: 8px 14px 10px;
    background: #1b1a1d;
    color: #f4eee3;
    outline: 0;
}
.leaving {
    opacity: 0.18;
    pointer-events: none;
}
header,
footer {
    display: flex;
    align-items: center;
    gap: 10px;
    min-width: 0;
    font-size: 12.5px;
}
header b {
    overflow: hidden;
    font-weight: 600;
    text-overflow: ellipsis;
    white-space: nowrap;
}
header span {
    flex: 1;
    color: #b4ada3;
    white-space: nowrap;
}
.light {
    color: #f4eee3;
}
.light:hover {
    background: #ffffff1f;
}
.room {
    display: grid;
    flex: 1;
    place-items: center;
    min-height: 0;
    cursor: grab;
}
.room canvas {
    display: block;
    background: repeating-conic-gradient(#3a393c 0 25%, #444346 0 50%) 0 0 / 16px 16px;
}
.wave {
    width: calc(100% - 14px);
    height: 60%;
    fill: #d9a441;
}
.strip {
    position: relative;
    flex: none;
    height: 22px;
    margin: 0 7px;
    cursor: ew-resize;
    touch-action: none;
}
.strip i {
    position: absolute;
    pointer-events: none;
}
.all {
    inset: 8px 0;
    border-radius: 3px;
    background: #48464b;
}
.stretch {
    top: 5px;
    bottom: 5px;
    border-radius: 3px;
    background: #d9a441;
}
.head {
    top: 0;
    bottom: 0;
    width: 2px;
    margin-left: -1px;
    background: #fff;
}
.mark {
    position: absolute;
    top: 1px;
    bottom: 1px;
    width: 9px;
    padding: 0;
    border: 0;
    background: #f4d9a0;
    cursor: ew-resize;
    touch-action: none;
}
.from {
    margin-left: -9px;
    border-radius: 4px 0 0 4px;
}
.to {
    border-radius: 0 4px 4px 0;
}
.time,
.lasts {
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
}
.lasts {
    margin-left: auto;
    color: #f0cf8c;
}
.marks {
    display: flex;
    gap: 6px;
}
.act,
.add {
    display: flex;
    align-items: center;
    gap: 6px;
    height: 27px;
    padding: 0 10px;
    border: 0;
    border-radius: 7px;
    background: #ffffff1c;
    color: #f4eee3;
    font: inherit;
    white-space: nowrap;
    cursor: pointer;
}
.act:hover {
    background: #ffffff33;
}
.add {
    background: var(--accent);
    color: var(--on-accent);
    font-weight: 600;
}
kbd {
    color: #b4ada3;
    font: inherit;
    font-size: 11.5px;
}
</style>
