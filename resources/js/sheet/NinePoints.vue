<script setup lang="ts">
/** Nine points to choose from: the corners, the sides' middles and the middle, of the frame or of a layer. */
const props = defineProps<{ of: 'place' | 'anchor'; label: string }>();
const emit = defineEmits<{ choose: [x: Side, y: Side] }>();

type Side = (typeof SIDES)[number];
const SIDES = ['start', 'middle', 'end'] as const;
const NAMES = {
    x: { start: 'left', middle: 'middle', end: 'right' },
    y: { start: 'top', middle: 'middle', end: 'bottom' },
};

function name(x: Side, y: Side): string {
    const where = x === y && x === 'middle' ? 'in the middle' : `at the ${NAMES.y[y]} ${NAMES.x[x]}`;
    return props.of === 'anchor' ? `Anchor ${where}` : where.charAt(0).toUpperCase() + where.slice(1);
}
</script>

<template>
    <div class="nine" :class="of" role="group" :aria-label="label">
        <template v-for="y in SIDES" :key="y">
            <button
                v-for="x in SIDES"
                :key="x"
                type="button"
                :title="name(x, y)"
                :aria-label="name(x, y)"
                :data-place="of === 'place' ? `${x} ${y}` : undefined"
                :data-anchor="of === 'anchor' ? `${x} ${y}` : undefined"
                @click="emit('choose', x, y)"
            />
        </template>
    </div>
</template>

<style scoped>
.nine {
    display: grid;
    grid-template-columns: repeat(3, 21px);
    grid-auto-rows: 15px;
    gap: 1px;
    padding: 2px;
    border: 1px solid var(--hairline);
    border-radius: 6px;
    background: var(--field);
}
.anchor {
    grid-template-columns: repeat(3, 14px);
}
button {
    display: grid;
    place-items: center;
    padding: 0;
    border: 0;
    border-radius: 3px;
    background: none;
    cursor: pointer;
}
button::after {
    width: 7px;
    height: 5px;
    border-radius: 1px;
    background: var(--quiet);
    content: '';
    opacity: 0.5;
}
.anchor button::after {
    width: 6px;
    height: 6px;
    border: 1.25px solid var(--quiet);
    border-radius: 50%;
    background: none;
    opacity: 0.8;
}
button:hover,
button:focus-visible {
    background: var(--selected);
}
button:hover::after,
button:focus-visible::after {
    background: var(--accent);
    opacity: 1;
}
</style>
