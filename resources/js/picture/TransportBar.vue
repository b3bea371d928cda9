<script setup lang="ts">
import { ChevronFirst, ChevronLast, Pause, Play, Repeat, Scan, StepBack, StepForward } from 'lucide-vue-next';
import { ref, watch } from 'vue';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { rateLabel } from '@/project/rates';
import { useTimecode } from '@/project/timecode';
import IconButton from '@/shell/IconButton.vue';
import ListenButton from './ListenButton.vue';
import LookMenu from './LookMenu.vue';
import { SIGHTS, useVantage } from './vantage';
import { useCameras } from '@/project/cameras';

const emit = defineEmits<{ fit: []; actual: [] }>();

const SPEEDS = [0.25, 0.5, 1, 2, 4];

const composition = useComposition();
const cameras = useCameras();
const vantage = useVantage();
const playhead = usePlayhead();
const timecode = useTimecode();

const typed = ref('');
const typing = ref(false);
const wrong = ref<string | null>(null);
const field = ref<HTMLInputElement | null>(null);

watch(
    () => [playhead.frame, timecode.label(playhead.frame)] as const,
    ([, label]) => {
        if (!typing.value) {
            typed.value = label;
        }
    },
    { immediate: true },
);

/** From where it is once it has come to what was typed before. */
async function read(text: string): Promise<number> {
    await playhead.there();
    return timecode.read(text, playhead.frame);
}

async function go(): Promise<void> {
    const text = typed.value;
    try {
        await playhead.goWhenKnown(read(text));
        wrong.value = null;
        // Where the next time is being typed already, that stays.
        if (typed.value === text) {
            field.value?.blur();
        }
    } catch (error) {
        wrong.value = (error as Error).message;
    }
}

function leave(): void {
    typing.value = false;
    wrong.value = null;
    typed.value = timecode.label(playhead.frame);
}

function start(): void {
    typing.value = true;
    field.value?.select();
}
</script>

<template>
    <div class="transport">
        <div class="time">
            <input
                ref="field"
                v-model="typed"
                class="code"
                data-time
                aria-label="Time"
                title="A timecode, a frame, a sum such as 1s + 6f; with + or − before it, from here on"
                spellcheck="false"
                :aria-invalid="!!wrong"
                @focus="start"
                @blur="leave"
                @keydown.enter="go"
                @keydown.esc="field?.blur()"
            />
            <button class="of" type="button" title="Timecode or frames" @click="timecode.toggle">
                / {{ timecode.label(playhead.length) }}
            </button>
            <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
        </div>
        <div class="keys">
            <IconButton :icon="ChevronFirst" label="To the start (Home)" @click="playhead.go(0)" />
            <IconButton :icon="StepBack" label="One frame back (←)" @click="playhead.go(playhead.frame - 1)" />
            <IconButton
                :icon="playhead.playing ? Pause : Play"
                :size="21"
                class="play"
                data-play
                :label="playhead.playing ? 'Stop (Space)' : 'Play (Space)'"
                @click="playhead.playing = !playhead.playing"
            />
            <IconButton :icon="StepForward" label="One frame forward (→)" @click="playhead.go(playhead.frame + 1)" />
            <IconButton :icon="ChevronLast" label="To the last frame (End)" @click="playhead.go(playhead.length - 1)" />
            <IconButton :icon="Repeat" label="Loop" :pressed="playhead.loop" @click="playhead.loop = !playhead.loop" />
            <ListenButton />
            <ElSelect v-model="playhead.speed" :persistent="false" class="speed" size="small" aria-label="Speed">
                <ElOption v-for="speed in SPEEDS" :key="speed" :value="speed" :label="`${speed} ×`" />
            </ElSelect>
        </div>
        <div class="view">
            <span v-if="composition.shown && !cameras.haveSpace" class="size">
                {{ composition.shown.width }} × {{ composition.shown.height }} ·
                {{ rateLabel(composition.shown.rate ?? '25/1') }} fps
            </span>
            <select
                v-if="cameras.haveSpace"
                v-model="vantage.sight"
                class="choice-field sight"
                aria-label="From where the space is looked at"
                title="From where the space is looked at; what is rendered is the picture"
                data-sight
            >
                <option v-for="one in SIGHTS" :key="one.sight" :value="one.sight">
                    {{ one.sight === 'camera' && !cameras.any ? 'In the picture' : one.title }}
                </option>
            </select>
            <LookMenu />
            <IconButton :icon="Scan" label="Fit the picture (F)" @click="emit('fit')" />
            <IconButton label="1:1, pixel for pixel" @click="emit('actual')"><b class="actual">1:1</b></IconButton>
        </div>
    </div>
</template>

<style scoped>
.transport {
    display: grid;
    grid-template-columns: 1fr auto 1fr;
    align-items: center;
    height: 44px;
    flex: none;
    padding: 0 10px 0 16px;
    background: var(--raised);
}
.sight {
    width: auto;
    margin-right: 4px;
}
.time {
    position: relative;
    display: flex;
    align-items: baseline;
    gap: 6px;
}
.code {
    width: 106px;
    padding: 3px 0;
    border: 0;
    border-bottom: 1px solid transparent;
    background: transparent;
    color: var(--ink);
    font: 600 17px/1 var(--type);
    font-variant-numeric: tabular-nums;
    outline: none;
}
.code:hover {
    border-color: var(--hairline);
}
.code:focus {
    border-color: var(--accent);
}
.of {
    padding: 0;
    border: 0;
    background: none;
    color: var(--quiet);
    font: 400 13px var(--type);
    font-variant-numeric: tabular-nums;
    cursor: pointer;
}
.wrong {
    position: absolute;
    left: 0;
    bottom: 36px;
    width: 320px;
    margin: 0;
    padding: 6px 10px;
    border-radius: 8px;
    background: var(--accent);
    color: var(--on-accent);
    font-size: 12px;
    z-index: 5;
}
.keys,
.view {
    display: flex;
    align-items: center;
    gap: 2px;
}
.view {
    justify-content: flex-end;
}
.play {
    width: 38px;
    color: var(--accent);
}
.speed {
    width: 70px;
    margin-left: 6px;
}
.actual {
    font-size: 12px;
    font-weight: 600;
}
.size {
    margin-right: 8px;
    color: var(--quiet);
    font-size: 12px;
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
}
</style>
