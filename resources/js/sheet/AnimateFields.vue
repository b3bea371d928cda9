<script setup lang="ts">
import { computed, reactive, ref } from 'vue';
import type { ArgumentsOf } from '@/api/edits';
import type { Layer, PropertyDefinition } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useTimecode } from '@/project/timecode';
import { useTrying } from '@/project/trying';
import { useVocabulary } from '@/project/vocabulary';
import EasingField from '@/timeline/EasingField.vue';
import { isPair } from './properties';

/** An animation in one act: from what a value is at the playhead to another one, so long, so eased. */
const props = defineProps<{ layers: Layer[] }>();

const composition = useComposition();
const playhead = usePlayhead();
const timecode = useTimecode();
const trying = useTrying();
const vocabulary = useVocabulary();

const property = ref('position');
const by = ref(false);
const typed = reactive(['', '']);
const lasts = ref('1s');
const easing = ref('ease-in-out');
const problem = ref<string | null>(null);

/** What all of the layers have, and what has values between any two. */
const definitions = computed<PropertyDefinition[]>(() => {
    const [first, ...others] = props.layers;
    const has = (layer: Layer, name: string): boolean =>
        vocabulary.propertiesOf(layer).some((definition) => definition.name === name);
    return vocabulary
        .propertiesOf(first!)
        .filter(
            ({ type, name }) => !['path', 'flag', 'face'].includes(type) && others.every((layer) => has(layer, name)),
        );
});
const definition = computed(
    () => definitions.value.find(({ name }) => name === property.value) ?? definitions.value[0],
);
/** Colours cannot be changed by so much. */
const adds = computed(() => by.value && definition.value?.type !== 'colour');

async function request(): Promise<ArgumentsOf<'animate'>> {
    const of = definition.value!;
    const sides = isPair(of) ? (['x', 'y'] as const) : ([undefined] as const);
    const values = sides.flatMap((axis, index) => {
        const text = typed[index]!.trim();
        return text === ''
            ? []
            : [{ property: of.name, value: adds.value ? `+=${text}` : text, ...(axis ? { axis } : {}) }];
    });
    if (values.length === 0) {
        throw new Error(`Say ${adds.value ? 'by how much' : 'to which value'} ${of.title.toLowerCase()} changes.`);
    }
    return {
        layers: props.layers.map((layer) => layer.id),
        frame: playhead.frame,
        length: await timecode.read(lasts.value),
        values,
        easing: easing.value,
    };
}

async function animate(): Promise<void> {
    trying.stop();
    try {
        problem.value = await composition.ask('animate', await request());
    } catch (error) {
        problem.value = (error as Error).message;
    }
}

/** Played in the picture while the pointer rests on the button, or on an easing. */
async function attempt(eased?: string): Promise<void> {
    try {
        const args = await request();
        void trying.play(
            'animate',
            { ...args, ...(eased ? { easing: eased } : {}) },
            playhead.frame,
            playhead.frame + args.length,
        );
    } catch {
        // There is nothing to be tried yet.
    }
}
</script>

<template>
    <form class="animate" data-animate @submit.prevent="animate">
        <select v-model="property" class="choice-field" aria-label="What changes" data-animate-property>
            <option v-for="one in definitions" :key="one.name" :value="one.name">{{ one.title }}</option>
        </select>
        <select v-model="by" class="choice-field way" aria-label="To a value or by as much" data-animate-by>
            <option :value="false">to</option>
            <option :value="true" :disabled="definition?.type === 'colour'">by</option>
        </select>
        <div v-if="definition" class="values">
            <template v-if="definition.type === 'colour'">
                <input
                    :value="typed[0] || '#ffffff'"
                    type="color"
                    :aria-label="`${definition.title} that it becomes`"
                    @input="typed[0] = ($event.target as HTMLInputElement).value"
                />
            </template>
            <template v-else>
                <input
                    v-for="(axis, index) in isPair(definition) ? definition.axes : ['']"
                    :key="axis"
                    v-model="typed[index]"
                    class="small-field"
                    :placeholder="axis || definition.unit || 'value'"
                    :aria-label="`${definition.title} ${axis} ${adds ? 'changes by' : 'becomes'}`.replace('  ', ' ')"
                    spellcheck="false"
                    :data-animate-value="index"
                />
            </template>
        </div>
        <label class="over"
            >over <input v-model="lasts" class="small-field" aria-label="Length of the animation" data-animate-length
        /></label>
        <EasingField
            :easing="easing"
            label="Easing"
            data-animate-easing
            @attempt="attempt"
            @leave="trying.stop"
            @set="easing = $event"
        />
        <ElButton
            size="small"
            native-type="submit"
            data-animate-go
            @pointerenter="attempt()"
            @pointerleave="trying.stop"
            >Animate</ElButton
        >
        <p v-if="problem" role="alert">{{ problem }}</p>
    </form>
</template>

<style scoped>
.animate {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 52px minmax(0, 1fr);
    gap: 6px;
    align-items: center;
    padding: 2px 14px 8px 16px;
    font-size: 12.5px;
}
.values {
    display: flex;
    gap: 4px;
}
.values input {
    width: 100%;
    min-width: 0;
}
.over {
    display: flex;
    align-items: center;
    gap: 6px;
    color: var(--quiet);
}
.over input {
    width: 100%;
    min-width: 0;
}
.animate > :deep(.easing-field) {
    grid-column: 2 / 4;
}
.animate > :deep(.el-button) {
    grid-column: 1 / -1;
    justify-self: end;
}
p {
    grid-column: 1 / -1;
    margin: 0;
    color: var(--accent);
    font-size: 12px;
}
</style>
