<script setup lang="ts">
import { computed, ref } from 'vue';
import { useComposition } from '@/project/composition';
import { useTrying } from '@/project/trying';
import EasingPicker from './EasingPicker.vue';
import type { MenuTarget } from './KeyframeMenu.vue';

/** Chooses how keyframes run on to the next; what is tried is played in the picture. */
const props = defineProps<{ target: MenuTarget }>();
const emit = defineEmits<{ done: [] }>();

const composition = useComposition();
const trying = useTrying();
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
const common = computed(() => ({ keyframes: props.target.keyframes }));

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
</script>

<template>
    <EasingPicker
        :easing="current"
        :curve="handles"
        :problem="problem"
        @attempt="attempt"
        @leave="trying.stop"
        @set="set"
        @choose="choose"
    />
</template>
