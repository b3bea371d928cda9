<script setup lang="ts">
import { computed, ref } from 'vue';
import type { EasingChoice } from '@/api/answers';
import { useVocabulary } from '@/project/vocabulary';
import CurveEditor from './CurveEditor.vue';
import { easingLabel } from './easingLabel';
import KeptCurves from './KeptCurves.vue';

/**
 * Every easing that there is to choose from, a strength, a free curve, and the curves that the project keeps. What the pointer rests
 * on or pulls is tried; a strength and a curve are felt for, so they are set while the choice stays open.
 */
const props = defineProps<{
    easing: string;
    /** The two handles of its curve, where it has such. */
    curve: [number, number, number, number] | null;
    /** Those that mean nothing here, such as to glide through a keyframe. */
    without?: string[];
    problem?: string | null;
}>();
const emit = defineEmits<{ attempt: [easing: string]; leave: []; set: [easing: string]; choose: [easing: string] }>();

const EASED = /^ease-(in|out|in-out)\((\d+(?:\.\d+)?)%\)$/;
const WAYS = { in: 'ease in', out: 'ease out', 'in-out': 'in and out' } as const;
type Way = keyof typeof WAYS;

const vocabulary = useVocabulary();
const typed = ref('');
const eased = EASED.exec(props.easing);
const strength = ref(eased ? Number(eased[2]) : 75);
const way = ref<Way | null>(eased ? (eased[1] as Way) : null);

const rows = computed(() => {
    const all = vocabulary.words.easings.filter(({ name }) => !props.without?.includes(name));
    const families = all.filter((one) => /-(in|out|in-out)$/.test(one.name) && !one.name.startsWith('ease'));
    return {
        plain: all.filter((one) => !one.name.includes('-') && one.name !== 'ease'),
        families,
    };
});
const easedText = (one: Way): string => `ease-${one}(${strength.value}%)`;

const picture = (choice: EasingChoice): string =>
    choice.samples
        .map(
            (value, index) =>
                `${(4 + (index / (choice.samples.length - 1)) * 24).toFixed(1)},${(20 - value * 14).toFixed(1)}`,
        )
        .join(' ');

function strengthen(): void {
    way.value ??= 'in-out';
    emit('set', easedText(way.value));
}
</script>

<template>
    <div class="easing">
        <div class="plain">
            <button
                v-for="choice in rows.plain"
                :key="choice.name"
                type="button"
                class="choice"
                :class="{ chosen: choice.text === easing }"
                :data-easing="choice.name"
                @pointerenter="emit('attempt', choice.name)"
                @pointerleave="emit('leave')"
                @click="emit('choose', choice.name)"
            >
                <svg viewBox="0 0 32 26" aria-hidden="true"><polyline :points="picture(choice)" /></svg
                >{{ choice.name }}
            </button>
        </div>
        <div class="strength">
            <button
                v-for="(text, one) in WAYS"
                :key="one"
                type="button"
                class="choice"
                :class="{ chosen: way === one }"
                :data-easing="`ease-${one}`"
                @pointerenter="emit('attempt', easedText(one))"
                @pointerleave="emit('leave')"
                @click="emit('choose', easedText(one))"
            >
                {{ text }}
            </button>
            <input
                v-model.number="strength"
                type="range"
                min="0"
                max="100"
                step="1"
                aria-label="Strength"
                data-strength
                @input="emit('attempt', easedText(way ?? 'in-out'))"
                @change="strengthen"
            />
            <output>{{ strength }} %</output>
        </div>
        <div class="lower">
            <div class="families">
                <template v-for="(choice, index) in rows.families" :key="choice.name">
                    <span v-if="index % 3 === 0" class="family">{{ choice.name.replace(/-in$/, '') }}</span>
                    <button
                        type="button"
                        class="choice"
                        :class="{ chosen: choice.text === easing }"
                        :title="choice.name"
                        :aria-label="choice.name"
                        :data-easing="choice.name"
                        @pointerenter="emit('attempt', choice.name)"
                        @pointerleave="emit('leave')"
                        @click="emit('choose', choice.name)"
                    >
                        <svg viewBox="0 0 32 26" aria-hidden="true"><polyline :points="picture(choice)" /></svg
                        >{{ choice.name.replace(/^[a-z]+-/, '') }}
                    </button>
                </template>
            </div>
            <CurveEditor :curve="curve" @attempt="emit('attempt', $event)" @choose="emit('set', $event)" />
        </div>
        <KeptCurves
            :easing="easing"
            @attempt="emit('attempt', $event)"
            @leave="emit('leave')"
            @choose="emit('choose', $event)"
        />
        <input
            v-model="typed"
            class="curve"
            aria-label="Other easing"
            spellcheck="false"
            :placeholder="easingLabel(easing)"
            @keydown.enter="emit('choose', typed)"
        />
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    </div>
</template>

<style scoped>
.plain {
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    gap: 2px;
}
.strength {
    display: flex;
    align-items: center;
    gap: 4px;
    margin-top: 6px;
    padding-top: 6px;
    border-top: 1px solid var(--hairline);
}
.strength input {
    flex: 1;
    min-width: 0;
    accent-color: var(--accent);
}
output {
    width: 40px;
    text-align: right;
    font-variant-numeric: tabular-nums;
}
.lower {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 136px;
    gap: 10px;
    margin-top: 6px;
    padding-top: 6px;
    border-top: 1px solid var(--hairline);
}
.families {
    display: grid;
    grid-template-columns: 50px repeat(3, auto);
    align-items: center;
    gap: 1px;
}
.family {
    padding-left: 4px;
    color: var(--quiet);
    font-size: 12px;
    white-space: nowrap;
}
.choice {
    display: flex;
    align-items: center;
    gap: 4px;
    height: 24px;
    padding: 0 5px;
    border: 0;
    border-radius: 6px;
    background: none;
    color: var(--ink);
    font-size: 12px;
    text-align: left;
    white-space: nowrap;
    cursor: pointer;
}
.choice:hover,
.choice:focus-visible {
    background: var(--hover);
}
.chosen {
    background: var(--selected);
    color: var(--accent);
}
.choice svg {
    width: 24px;
    height: 20px;
    flex: none;
    overflow: visible;
}
polyline {
    fill: none;
    stroke: currentcolor;
    stroke-width: 1.75;
}
.curve {
    width: 100%;
    height: 27px;
    margin-top: 8px;
    padding: 0 8px;
    border: 0;
    border-radius: 6px;
    background: var(--field);
    box-shadow: inset 0 0 0 1px var(--hairline);
    color: var(--ink);
    font-size: 12px;
    outline: none;
}
.problem {
    margin: 4px 0 0;
    color: var(--accent);
}
</style>
