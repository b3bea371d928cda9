<script setup lang="ts">
import { computed, ref } from 'vue';
import type { EasingChoice } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useTrying } from '@/project/trying';
import { useVocabulary } from '@/project/vocabulary';
import CurveEditor from './CurveEditor.vue';
import { easingLabel } from './easingLabel';
import type { MenuTarget } from './KeyframeMenu.vue';
import KeptCurves from './KeptCurves.vue';

/** Chooses how keyframes run on to the next; while the pointer rests on a choice it is played in the picture. */
const props = defineProps<{ target: MenuTarget }>();
const emit = defineEmits<{ done: [] }>();

const EASED = /^ease-(in|out|in-out)\((\d+(?:\.\d+)?)%\)$/;
const WAYS = { in: 'ease in', out: 'ease out', 'in-out': 'in and out' } as const;
type Way = keyof typeof WAYS;

const composition = useComposition();
const vocabulary = useVocabulary();
const trying = useTrying();
const curve = ref('');
const problem = ref<string | null>(null);

/** What it is now: a strength and a curve are felt for while the menu stays open. */
const current = ref(props.target.bead.easing);
/** As it is by now, kept or only tried. */
const handles = computed(() => {
    const [first] = props.target.keyframes;
    const inspection = composition.glimpse?.inspections.find((one) => one.layer === first?.layer);
    const beads = inspection?.threads.find((one) => one.property === first?.property)?.beads;
    return (beads?.find((bead) => bead.frame === props.target.bead.frame) ?? props.target.bead).curve;
});
const eased = EASED.exec(props.target.bead.easing);
const strength = ref(eased ? Number(eased[2]) : 75);
const way = ref<Way | null>(eased ? (eased[1] as Way) : null);

const rows = computed(() => {
    const families = vocabulary.words.easings.filter(
        (one) => /-(in|out|in-out)$/.test(one.name) && !one.name.startsWith('ease'),
    );
    return {
        plain: vocabulary.words.easings.filter((one) => !one.name.includes('-') && one.name !== 'ease'),
        families,
    };
});
const common = computed(() => ({ keyframes: props.target.keyframes }));
const easedText = (one: Way): string => `ease-${one}(${strength.value}%)`;

const picture = (choice: EasingChoice): string =>
    choice.samples
        .map(
            (value, index) =>
                `${(4 + (index / (choice.samples.length - 1)) * 24).toFixed(1)},${(20 - value * 14).toFixed(1)}`,
        )
        .join(' ');

function attempt(easing: string): void {
    void trying.play('set-easing', { ...common.value, easing }, props.target.from, props.target.to);
}

async function set(easing: string): Promise<boolean> {
    trying.stop();
    problem.value = await composition.ask('set-easing', { ...common.value, easing });
    current.value = problem.value === null ? easing : current.value;
    return problem.value === null;
}

async function choose(easing: string): Promise<void> {
    if (await set(easing)) {
        emit('done');
    }
}

/** A strength is felt for: the choice stays open. */
function strengthen(): void {
    way.value ??= 'in-out';
    void set(easedText(way.value));
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
                :class="{ chosen: choice.text === current }"
                :data-easing="choice.name"
                @pointerenter="attempt(choice.name)"
                @pointerleave="trying.stop"
                @click="choose(choice.name)"
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
                @pointerenter="attempt(easedText(one))"
                @pointerleave="trying.stop"
                @click="choose(easedText(one))"
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
                @input="attempt(easedText(way ?? 'in-out'))"
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
                        :class="{ chosen: choice.text === current }"
                        :title="choice.name"
                        :aria-label="choice.name"
                        :data-easing="choice.name"
                        @pointerenter="attempt(choice.name)"
                        @pointerleave="trying.stop"
                        @click="choose(choice.name)"
                    >
                        <svg viewBox="0 0 32 26" aria-hidden="true"><polyline :points="picture(choice)" /></svg
                        >{{ choice.name.replace(/^[a-z]+-/, '') }}
                    </button>
                </template>
            </div>
            <CurveEditor :curve="handles" @attempt="attempt" @choose="set" />
        </div>
        <KeptCurves :easing="current" @attempt="attempt" @leave="trying.stop" @choose="choose" />
        <input
            v-model="curve"
            class="curve"
            aria-label="Other easing"
            spellcheck="false"
            :placeholder="easingLabel(current)"
            @keydown.enter="choose(curve)"
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
