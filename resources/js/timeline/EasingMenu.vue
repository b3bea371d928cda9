<script setup lang="ts">
import { onClickOutside } from '@vueuse/core';
import { computed, onMounted, ref } from 'vue';
import type { Bead, EasingChoice } from '@/api/answers';
import { useComposition } from '@/project/composition';
import type { KeyframesOf } from '@/project/selection';
import { useVocabulary } from '@/project/vocabulary';
import { easingLabel } from './easingLabel';

export interface MenuTarget {
    bead: Bead;
    /** The keyframes that a choice is for: the one clicked, or all that are selected with it. */
    keyframes: KeyframesOf[];
    x: number;
    y: number;
}

/** Chooses how a keyframe's value runs on to the next, and what its time counts from. */
const props = defineProps<{ target: MenuTarget }>();
const emit = defineEmits<{ close: [] }>();

const WIDTH = 344;
const HEIGHT = 396;

const composition = useComposition();
const vocabulary = useVocabulary();
const menu = ref<HTMLElement | null>(null);
const curve = ref('');
const problem = ref<string | null>(null);

onClickOutside(menu, () => emit('close'));
onMounted(() => menu.value?.querySelector<HTMLElement>('.chosen, .choice')?.focus());

const place = computed(() => ({
    left: `${Math.max(8, Math.min(props.target.x, window.innerWidth - WIDTH - 8))}px`,
    top: `${Math.max(8, Math.min(props.target.y, window.innerHeight - HEIGHT - 8))}px`,
}));
const rows = computed(() => {
    const plain = vocabulary.words.easings.filter(
        (one) => !/-(in|out|in-out)$/.test(one.name) || one.name.startsWith('ease'),
    );
    const families = vocabulary.words.easings.filter((one) => !plain.includes(one));
    return { plain, families };
});
const common = computed(() => ({ keyframes: props.target.keyframes }));
const count = computed(() => props.target.keyframes.reduce((sum, one) => sum + one.frames.length, 0));

const picture = (choice: EasingChoice): string =>
    choice.samples
        .map(
            (value, index) =>
                `${(4 + (index / (choice.samples.length - 1)) * 24).toFixed(1)},${(20 - value * 14).toFixed(1)}`,
        )
        .join(' ');

async function choose(easing: string): Promise<void> {
    problem.value = await composition.ask('set-easing', { ...common.value, easing });
    if (problem.value === null) {
        emit('close');
    }
}

function pin(): void {
    void composition.edit('set-pin', { ...common.value, pin: props.target.bead.pin === 'end' ? 'start' : 'end' });
    emit('close');
}

function remove(): void {
    void composition.edit('remove-keyframes', common.value);
    emit('close');
}
</script>

<template>
    <Teleport to="body">
        <div
            ref="menu"
            class="menu"
            role="dialog"
            aria-label="Easing"
            :style="place"
            @keydown.esc.stop="emit('close')"
            @contextmenu.prevent
        >
            <div class="plain">
                <button
                    v-for="choice in rows.plain"
                    :key="choice.name"
                    type="button"
                    class="choice"
                    :class="{ chosen: choice.text === target.bead.easing }"
                    :data-easing="choice.name"
                    @click="choose(choice.name)"
                >
                    <svg viewBox="0 0 32 26" aria-hidden="true"><polyline :points="picture(choice)" /></svg
                    >{{ choice.name }}
                </button>
            </div>
            <div class="families">
                <template v-for="(choice, index) in rows.families" :key="choice.name">
                    <span v-if="index % 3 === 0" class="family">{{ choice.name.replace(/-in$/, '') }}</span>
                    <button
                        type="button"
                        class="choice"
                        :class="{ chosen: choice.text === target.bead.easing }"
                        :title="choice.name"
                        :aria-label="choice.name"
                        :data-easing="choice.name"
                        @click="choose(choice.name)"
                    >
                        <svg viewBox="0 0 32 26" aria-hidden="true"><polyline :points="picture(choice)" /></svg
                        >{{ choice.name.replace(/^[a-z]+-/, '') }}
                    </button>
                </template>
            </div>
            <input
                v-model="curve"
                class="curve"
                aria-label="Other easing"
                spellcheck="false"
                :placeholder="easingLabel(target.bead.easing)"
                @keydown.enter="choose(curve)"
            />
            <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
            <div class="foot">
                <button type="button" @click="pin">
                    {{ target.bead.pin === 'end' ? 'Pin to the start' : 'Pin to the end' }}
                </button>
                <button type="button" @click="remove">
                    {{ count > 1 ? `Remove ${count} keyframes` : 'Remove keyframe' }}
                </button>
            </div>
        </div>
    </Teleport>
</template>

<style scoped>
.menu {
    position: fixed;
    z-index: 2100;
    width: 344px;
    padding: 10px;
    border-radius: 12px;
    background: var(--raised);
    box-shadow:
        0 10px 40px #2a223040,
        0 0 0 1px var(--hairline);
    font-size: 12px;
}
.plain,
.families {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 2px;
}
.families {
    grid-template-columns: 58px repeat(3, 1fr);
    align-items: center;
    margin-top: 6px;
    padding-top: 6px;
    border-top: 1px solid var(--hairline);
}
.family {
    padding-left: 6px;
    color: var(--quiet);
}
.choice {
    display: flex;
    align-items: center;
    gap: 5px;
    height: 25px;
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
svg {
    width: 28px;
    height: 22px;
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
.foot {
    display: flex;
    justify-content: space-between;
    margin-top: 8px;
}
.foot button {
    padding: 4px 6px;
    border: 0;
    border-radius: 6px;
    background: none;
    color: var(--second);
    font-size: 12px;
    cursor: pointer;
}
.foot button:hover {
    background: var(--hover);
}
</style>
