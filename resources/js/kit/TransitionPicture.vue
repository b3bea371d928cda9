<script setup lang="ts">
import { useId } from 'vue';

/** A transition half way: one picture over another. */
defineProps<{ move: string }>();

const id = useId();
/** What is to be seen of the one that arrives, in a frame of 64 × 36. */
const SHAPES: Record<string, string> = {
    fade: 'M0 0H64V36H0Z',
    wipe: 'M0 0H38L26 36H0Z',
    slide: 'M-30 4H34V32H-30Z',
    push: 'M-2 0H31V36H-2Z',
    iris: 'M32 5A13 13 0 1 1 31.9 5Z',
    clock: 'M32 18V-30H90V60H32Z',
    blinds: 'M0 0H64V5H0ZM0 9H64V14H0ZM0 18H64V23H0ZM0 27H64V32H0Z',
    doors: 'M18 0H46V36H18Z',
    focus: 'M10 8H54V28H10Z',
    flash: 'M32 -8L38 12L64 18L38 24L32 44L26 24L0 18L26 12Z',
    streak: 'M0 6H40V9H0ZM0 13H52V16H0ZM0 20H44V23H0ZM0 27H34V30H0Z',
};
</script>

<template>
    <svg viewBox="0 0 64 36" aria-hidden="true">
        <defs>
            <clipPath :id="`${id}-frame`"><rect width="64" height="36" rx="4" /></clipPath>
            <filter v-if="move === 'focus'" :id="`${id}-blur`"><feGaussianBlur stdDeviation="3.5" /></filter>
        </defs>
        <g :clip-path="`url(#${id}-frame)`">
            <rect width="64" height="36" class="one" />
            <path
                class="other"
                :class="{ half: move === 'fade' }"
                :d="SHAPES[move]"
                :filter="move === 'focus' ? `url(#${id}-blur)` : undefined"
            />
        </g>
    </svg>
</template>

<style scoped>
svg {
    display: block;
    width: 100%;
}
.one {
    fill: var(--second);
    opacity: 0.55;
}
.other {
    fill: var(--accent);
}
.half {
    opacity: 0.5;
}
</style>
