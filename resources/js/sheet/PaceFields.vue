<script setup lang="ts">
import type { ArgumentsOf, EditName } from '@/api/edits';
import { ArrowLeftRight, Snowflake } from 'lucide-vue-next';
import { computed, ref } from 'vue';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import type { Placing, Playing } from '@/project/playing';
import { fraction } from '@/project/rates';
import IconButton from '@/shell/IconButton.vue';
import { useVocabulary } from '@/project/vocabulary';
import PropertyRow from './PropertyRow.vue';
import ValueField from './ValueField.vue';

/** How what plays in a layer goes on: how fast, which way, and what is shown where there is no more of it. */
const props = defineProps<{ layer: Playing | Placing }>();

const composition = useComposition();
const playhead = usePlayhead();
const vocabulary = useVocabulary();
const problem = ref<string | null>(null);

const BEYOND = { hold: 'hold', loop: 'loop', 'there-and-back': 'back and forth', nothing: 'show nothing' };

const inspection = computed(() => composition.glimpse?.inspections.find((one) => one.layer === props.layer.id));
/** How fast it goes from moment to moment, where that means anything. */
const ramp = computed(() =>
    vocabulary
        .propertiesOf(props.layer)
        .find(({ section, name }) => section === 'pace' && !inspection.value?.idle.includes(name)),
);
const isRamped = computed(() => !!ramp.value && !!inspection.value?.values[ramp.value.name]?.animated);
/** Counted from one, as a producer does. */
const shown = computed(() => {
    const frame = inspection.value?.plays;
    return isRamped.value && typeof frame === 'number' ? frame + 1 : null;
});
const speed = computed(() => Math.round(fraction(props.layer.speed ?? 100) * 1000) / 1000);
const missing = computed(() =>
    (composition.glimpse?.missing[props.layer.id] ?? []).reduce((sum, [from, to]) => sum + to - from, 0),
);

async function ask<K extends EditName>(edit: K, args: ArgumentsOf<K>): Promise<void> {
    problem.value = await composition.ask(edit, args);
}

const retime = (to: string, args: object = {}): Promise<void> =>
    ask('retime-layers', { layers: [props.layer.id], to, ...args });

function setSpeed(given: number | string): void {
    if (typeof given === 'number') {
        void retime('speed', { speed: given });
    } else {
        problem.value = 'A speed is a number of per cent.';
    }
}
</script>

<template>
    <div class="pace" data-pace>
        <span class="name">Speed</span>
        <ValueField
            :value="speed"
            label=""
            name="Speed"
            unit="%"
            :least="-10000"
            :most="10000"
            :problem="problem"
            @set="setSpeed"
            @reset="setSpeed(100)"
        />
        <IconButton :icon="ArrowLeftRight" :size="15" label="Reverse" @click="retime('reverse')" />
        <IconButton
            :icon="Snowflake"
            :size="15"
            label="Freeze the frame at the playhead"
            @click="retime('freeze', { at: playhead.frame })"
        />
        <PropertyRow
            v-if="ramp"
            class="ramp"
            :layer="layer"
            :definition="ramp"
            :state="inspection?.values[ramp.name]"
            data-ramp
        />
        <span class="name">At the end</span>
        <select
            class="choice-field"
            aria-label="At the end"
            :value="layer.beyond ?? 'hold'"
            @change="
                ask('set-content', {
                    layer: layer.id,
                    content: { beyond: ($event.target as HTMLSelectElement).value },
                })
            "
        >
            <option v-for="(text, value) in BEYOND" :key="value" :value="value">{{ text }}</option>
        </select>
        <p v-if="shown !== null" class="shown" data-shown-frame>
            Frame {{ shown }} is shown here.
            <template v-if="isRamped">Sound goes along from 50 to 200 %; beyond that it is silent.</template>
        </p>
        <p v-if="missing > 0" class="missing" data-missing-frames>
            <span>{{ missing }} {{ missing === 1 ? 'frame is' : 'frames are' }} missing.</span>
            <button type="button" @click="retime('fill')">Slow down to fill</button>
            <button type="button" @click="ask('fit-layers', { layers: [layer.id], to: 'content' })">
                End where it ends
            </button>
        </p>
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    </div>
</template>

<style scoped>
.pace {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr) 26px 26px;
    align-items: center;
    gap: 4px 6px;
    padding: 0 10px 8px 16px;
}
.pace :deep(.icon-button) {
    width: 26px;
    height: 24px;
}
.name {
    color: var(--ink);
    white-space: nowrap;
}
.choice-field {
    grid-column: 2 / 5;
}
.ramp {
    grid-column: 1 / 5;
    margin: 0 -10px 0 -16px;
}
.shown,
.missing,
.problem {
    grid-column: 1 / 5;
    margin: 2px 0 0;
    font-size: 12px;
    line-height: 1.5;
}
.shown {
    color: var(--quiet);
}
.missing span {
    display: block;
}
.missing {
    color: var(--ink);
    border-left: 3px solid var(--warning);
    padding-left: 8px;
}
.missing button {
    margin-right: 10px;
    padding: 0;
    border: 0;
    background: none;
    color: var(--second);
    font: inherit;
    text-decoration: underline;
    cursor: pointer;
}
.problem {
    color: var(--accent);
}
</style>
