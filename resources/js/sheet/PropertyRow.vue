<script setup lang="ts">
import { ChevronLeft, ChevronRight, Link2, MoveHorizontal, Unlink2 } from 'lucide-vue-next';
import { computed } from 'vue';
import type { Layer, PropertyDefinition, PropertyState } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useScopes } from '@/project/scopes';
import IconButton from '@/shell/IconButton.vue';
import BeadButton from './BeadButton.vue';
import FaceField from './FaceField.vue';
import PropertyFields from './PropertyFields.vue';
import { useScrub, within } from './scrub';
import { useValueEdits } from './valueEdits';

/** One property: its value at the playhead, and the bead that says whether it is animated. */
const props = defineProps<{
    layer: Layer;
    definition: PropertyDefinition;
    state: PropertyState | undefined;
    compact?: boolean;
}>();

const composition = useComposition();
const playhead = usePlayhead();
const scopes = useScopes();

/** Its name, and beneath it in the timeline what it belongs to: a mask, an effect, a cascade. */
const names = computed(() => (props.compact ? props.definition.title.split(' · ') : [props.definition.title]));
const own = computed(() => names.value[0]);
const owner = computed(() => names.value.slice(1).join(' · '));

const value = computed(() => props.state?.value ?? props.definition.default);
const whole = computed(() => !!props.state?.animated && scopes.isWhole(props.layer.id, props.definition.name));
const { problem, single, attempt, set, giveUp, toggleKeyframe } = useValueEdits({
    layers: () => [props.layer.id],
    property: () => props.definition.name,
    value: () => value.value,
});
const { scrubbed, begin } = useScrub({
    value: () => single.value?.number ?? 0,
    step: () => props.definition.step,
    bounded: (given) => within(given, props.definition.least, props.definition.most),
    attempt,
    set: (given) => void set(given),
});
/** Where what it is has a name, in the place of a number. */
const called = computed(() =>
    single.value && single.value.number === props.definition.least ? props.definition.leastCalled : null,
);
const numbers = computed(() =>
    Array.isArray(value.value)
        ? value.value
        : [scrubbed.value ?? (called.value === null ? (single.value?.number ?? null) : null)],
);

/** The nearest keyframe of it before the playhead, and the nearest after it. */
const neighbours = computed(() => {
    const frames = (composition.glimpse?.inspections ?? [])
        .filter((one) => one.layer === props.layer.id)
        .flatMap((one) => one.threads.filter(({ property }) => property === props.definition.name))
        .flatMap((thread) => thread.beads.map(({ frame }) => frame));
    return {
        before: frames.filter((frame) => frame < playhead.frame).at(-1),
        after: frames.find((frame) => frame > playhead.frame),
    };
});
const name = computed(() => props.definition.title.toLowerCase());
const told = computed(() => {
    const how = single.value ? `Drag to change ${name.value}; double-click to reset` : props.definition.title;
    return props.definition.hint ? `${props.definition.hint}. ${how}` : how;
});

function reset(): void {
    void composition.edit('reset-value', { layer: props.layer.id, property: props.definition.name });
}

function toggleLink(): void {
    void composition.edit('set-layer', { layers: [props.layer.id], scaleLinked: !props.layer.scaleLinked });
}
</script>

<template>
    <div class="property" :class="{ compact, whole }" :data-property="definition.name">
        <span
            class="name"
            :class="{ scrub: single }"
            :title="told"
            @pointerdown="single && begin($event)"
            @dblclick="reset"
            >{{ own }}<small v-if="owner" dir="auto">{{ owner }}</small></span
        >
        <div class="fields">
            <FaceField
                v-if="definition.type === 'face' && layer.kind === 'text'"
                :layers="[layer]"
                :values="[String(value)]"
            />
            <PropertyFields
                v-else
                :definition="definition"
                :numbers="numbers"
                :written="called ?? String(value)"
                :unit="single?.unit"
                :flag="value === true"
                :show-unit="!compact && !state?.animated"
                :problem="problem"
                @try="attempt"
                @set="set"
                @reset="reset"
                @abandon="giveUp"
            />
            <IconButton
                v-if="definition.name === 'scale' && !compact"
                :icon="layer.scaleLinked ? Link2 : Unlink2"
                :size="15"
                :label="layer.scaleLinked ? 'Proportions are kept; unlink' : 'Link width and height'"
                :pressed="layer.scaleLinked"
                class="link"
                @click="toggleLink"
            />
        </div>
        <span v-if="state?.animated" class="course">
            <IconButton
                :icon="MoveHorizontal"
                :size="13"
                class="scope"
                data-scope
                :pressed="whole"
                :label="
                    whole
                        ? 'A change is made to the whole animation; click to make keyframes again'
                        : 'A change makes a keyframe here; click to change the whole animation instead'
                "
                @click="scopes.toggle(layer.id, definition.name)"
            />
            <IconButton
                :icon="ChevronLeft"
                :size="13"
                class="step"
                :disabled="neighbours.before === undefined"
                :label="`To the keyframe of ${name} before`"
                @click="playhead.go(neighbours.before ?? playhead.frame)"
            />
            <IconButton
                :icon="ChevronRight"
                :size="13"
                class="step"
                :disabled="neighbours.after === undefined"
                :label="`To the keyframe of ${name} after`"
                @click="playhead.go(neighbours.after ?? playhead.frame)"
            />
        </span>
        <BeadButton class="bead-cell" :state="state" :name="name" @toggle="toggleKeyframe" />
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    </div>
</template>

<style scoped>
.property {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr) auto 24px;
    align-items: center;
    column-gap: 6px;
    padding: 2px 8px 2px 16px;
}
.compact {
    grid-template-columns: 68px minmax(0, 1fr) auto 24px;
    height: 100%;
    padding: 0 4px 0 34px;
}
.name {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.scrub {
    cursor: ew-resize;
    user-select: none;
    touch-action: none;
}
.compact .name {
    color: var(--quiet);
    font-size: 12px;
    line-height: 1.1;
}
.name small {
    display: block;
    overflow: hidden;
    text-overflow: ellipsis;
    font-size: 10.5px;
}
.fields {
    display: flex;
    align-items: center;
    gap: 4px;
    min-width: 0;
}
.link {
    width: 22px;
    height: 22px;
}
.property :deep(.icon-button) {
    height: 22px;
}
.bead-cell {
    grid-column: 4;
}
.course {
    display: flex;
    align-items: center;
    margin-right: -6px;
}
.property .scope,
.property .step {
    width: 20px;
    height: 22px;
    color: var(--quiet);
}
.property .step {
    width: 13px;
}
.property .step[disabled] {
    opacity: 0.3;
}
.property .scope.pressed {
    color: var(--accent);
}
.whole .fields :deep(.value),
.whole .fields :deep(.colour) {
    box-shadow: inset 0 0 0 1px var(--accent);
}
.problem {
    grid-column: 2 / 5;
    margin: 2px 0 4px;
    color: var(--accent);
    font-size: 12px;
}
</style>
