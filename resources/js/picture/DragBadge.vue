<script setup lang="ts">
import { computed } from 'vue';
import type { Corner, Layer, PropertyState } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useScopes } from '@/project/scopes';
import { useTimecode } from '@/project/timecode';
import { propertyOf, type Grip } from './dragging';

/** Says beside the pointer what a drag does: to the whole layer, or a keyframe at the playhead. */
const props = defineProps<{ layer: Layer; grip: Grip; dragging: boolean; whole: boolean; at: Corner; width: number }>();

const composition = useComposition();
const playhead = usePlayhead();
const scopes = useScopes();
const timecode = useTimecode();

const property = computed(() =>
    propertyOf(
        props.grip,
        composition.glimpse?.poses.find((one) => one.layer === props.layer.id),
    ),
);
const animated = computed(() => {
    const value = (props.layer as unknown as Record<string, unknown>)[property.value];
    return typeof value === 'object' && value !== null && 'keyframes' in value;
});
const isWhole = computed(() => props.whole || scopes.isWhole(props.layer.id, property.value));
const says = computed(() => {
    if (!animated.value) {
        return 'whole layer';
    }
    return isWhole.value ? 'whole animation' : `keyframe at ${timecode.label(playhead.frame)}`;
});
const state = computed<PropertyState | undefined>(
    () => composition.glimpse?.inspections.find((one) => one.layer === props.layer.id)?.values[property.value],
);
const value = computed(() => {
    const now = state.value?.value;
    const round = (number: number): string => String(Math.round(number * 10) / 10);
    if (Array.isArray(now)) {
        const [x, y] = [round(now[0]), round(now[1])];
        return { scale: `${x} × ${y} %`, size: `${x} × ${y}` }[property.value] ?? `${x}, ${y}`;
    }
    return typeof now === 'number' ? `${round(now)}${property.value === 'z' ? ' px' : '°'}` : '';
});
const flipped = computed(() => props.at[0] > props.width - 220);
</script>

<template>
    <div
        class="badge"
        :class="{ keyframe: animated && !isWhole, flipped }"
        role="status"
        :style="{ transform: `translate(${at[0]}px, ${at[1]}px)` }"
    >
        <span class="inner"
            ><i v-if="animated && !isWhole" class="dot" />{{ says }}<b v-if="dragging && value">{{ value }}</b></span
        >
    </div>
</template>

<style scoped>
.badge {
    position: absolute;
    left: 0;
    top: 0;
    pointer-events: none;
    z-index: 3;
}
.inner {
    position: absolute;
    left: 16px;
    top: 14px;
    display: flex;
    align-items: center;
    gap: 7px;
    padding: 3px 9px;
    border-radius: 11px;
    background: var(--ink);
    color: var(--surface);
    font-size: 12px;
    white-space: nowrap;
    font-variant-numeric: tabular-nums;
}
.flipped .inner {
    left: auto;
    right: 12px;
}
.keyframe .inner {
    background: var(--accent);
    color: var(--on-accent);
}
.dot {
    width: 7px;
    height: 7px;
    border-radius: 50%;
    background: currentcolor;
}
b {
    font-weight: 500;
    opacity: 0.85;
}
</style>
