<script setup lang="ts">
import { computed, ref } from 'vue';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { usePreferences } from '@/project/preferences';
import { rateLabel, RATES } from '@/project/rates';
import { useTimecode } from '@/project/timecode';
import NameField from '@/shell/NameField.vue';
import ColourField from './ColourField.vue';
import MarkerFields from './MarkerFields.vue';
import SheetSection from './SheetSection.vue';
import SplitFields from './SplitFields.vue';
import ValueField from './ValueField.vue';

/** The composition's own values, while no layer is selected. */
const composition = useComposition();
const playhead = usePlayhead();
const preferences = usePreferences();
const timecode = useTimecode();
const problem = ref<string | null>(null);

const shown = computed(() => composition.shown);
const shutter = computed(() => ({ angle: 180, phase: 0, samples: 32, ...shown.value?.shutter }));
const seconds = computed(() => (shown.value ? (shown.value.length / playhead.framesPerSecond).toFixed(2) : ''));
const rates = computed(() => {
    const rate = shown.value?.rate ?? '25/1';
    return RATES.includes(rate) ? RATES : [...RATES, rate];
});

async function set(fields: object): Promise<void> {
    problem.value = await composition.ask('set-composition', fields);
}

const resize = (fields: object): Promise<void> => set({ ...fields, layers: preferences.resizing });

async function setLength(text: number | string): Promise<void> {
    try {
        await set({
            length: typeof text === 'number' ? text : await timecode.read(text, composition.document?.length),
        });
    } catch (error) {
        problem.value = (error as Error).message;
    }
}
</script>

<template>
    <div v-if="shown" class="sheet">
        <NameField
            :key="shown.id"
            :name="shown.name"
            class="name"
            aria-label="Composition name"
            @rename="(name) => set({ name })"
        />
        <div class="row">
            <span>Picture</span>
            <ValueField :value="shown.width" label="w" name="Width" @set="resize({ width: $event })" />
            <ValueField :value="shown.height" label="h" name="Height" @set="resize({ height: $event })" />
        </div>
        <label v-if="composition.layers.length > 0" class="row">
            <span>Layers then</span>
            <select
                v-model="preferences.resizing"
                class="choice-field"
                aria-label="Layers in a picture of another size"
            >
                <option value="scale">grow or shrink along</option>
                <option value="middle">keep their size, from the middle</option>
                <option value="corner">stay where they are</option>
            </select>
        </label>
        <div class="row">
            <span>Frame rate</span>
            <ElSelect
                :persistent="false"
                :model-value="shown.rate"
                size="small"
                aria-label="Frame rate"
                @change="(rate: string) => set({ rate })"
            >
                <ElOption v-for="rate in rates" :key="rate" :value="rate" :label="`${rateLabel(rate)} fps`" />
            </ElSelect>
        </div>
        <div class="row">
            <span>Length</span>
            <ValueField :value="shown.length" label="" name="Length" unit="frames" @set="setLength" />
        </div>
        <div class="row">
            <span>Background</span>
            <ColourField
                v-if="shown.background !== 'transparent'"
                :value="shown.background ?? '#000000'"
                name="Background"
                @set="set({ background: $event })"
            />
            <span v-else class="clear">transparent</span>
        </div>
        <ElCheckbox
            :model-value="shown.background === 'transparent'"
            label="Transparent"
            class="check"
            @change="(clear) => set({ background: clear ? 'transparent' : '#000000' })"
        />
        <div class="row" title="How long a frame is exposed, and from when on, where layers have motion blur">
            <span>Shutter</span>
            <ValueField
                :value="shutter.angle"
                label=""
                name="Shutter angle"
                unit="°"
                :step="15"
                :least="0"
                :most="720"
                @set="set({ shutter: { ...shutter, angle: Number($event) } })"
            />
            <ValueField
                :value="shutter.phase"
                label=""
                name="Shutter phase"
                unit="°"
                :step="15"
                :least="-360"
                :most="360"
                @set="set({ shutter: { ...shutter, phase: Number($event) } })"
            />
        </div>
        <label class="row">
            <span>Blur of</span>
            <select
                class="choice-field"
                aria-label="Samples of motion blur, at most"
                :value="shutter.samples"
                @change="set({ shutter: { ...shutter, samples: Number(($event.target as HTMLSelectElement).value) } })"
            >
                <option v-for="one in [8, 16, 32, 64]" :key="one" :value="one">up to {{ one }} samples</option>
            </select>
        </label>
        <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
        <p class="hint">{{ seconds }} seconds. Select a layer, in the picture or below, to see its values.</p>
    </div>
    <SheetSection v-if="shown" name="split-screen" title="Split screen"><SplitFields :layers="[]" /></SheetSection>
    <SheetSection v-if="shown" name="markers" title="Markers"><MarkerFields /></SheetSection>
</template>

<style scoped>
.sheet {
    display: flex;
    flex-direction: column;
    gap: 6px;
    padding: 10px 14px 14px 16px;
}
.name {
    padding: 2px 0;
    margin-bottom: 4px;
    border: 0;
    border-bottom: 1px solid transparent;
    background: none;
    color: var(--ink);
    font-size: 16px;
    font-weight: 600;
    outline: none;
}
.name:hover,
.name:focus {
    border-color: var(--hairline);
}
.row {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr);
    align-items: center;
    gap: 6px;
}
.row:has(> :nth-child(3)) {
    grid-template-columns: 84px minmax(0, 1fr) minmax(0, 1fr);
}
.check {
    margin-left: 90px;
}
.problem {
    margin: 0 0 0 90px;
    color: var(--accent);
    font-size: 12px;
}
.hint,
.clear {
    color: var(--quiet);
}
.hint {
    margin: 10px 0 0;
    line-height: 1.5;
}
</style>
