<script setup lang="ts">
import { computed } from 'vue';
import type { Layer, PropertyDefinition, PropertyState } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useMedia } from '@/project/media';
import { isBundle, isWindow, playsMedia } from '@/project/playing';
import { useSelection } from '@/project/selection';
import { useVocabulary } from '@/project/vocabulary';
import AnimateFields from './AnimateFields.vue';
import ArrangeFields from './ArrangeFields.vue';
import BlurFields from './BlurFields.vue';
import CombineFields from './CombineFields.vue';
import GrowFields from './GrowFields.vue';
import SeenButtons from './SeenButtons.vue';
import SharedRow from './SharedRow.vue';
import SheetSection from './SheetSection.vue';
import SidesFields from './SidesFields.vue';
import SplitFields from './SplitFields.vue';
import StaggerFields from './StaggerFields.vue';

/** What several selected layers have in common: set, or keyframed, for all of them at once. */
const props = defineProps<{ layers: Layer[] }>();

const composition = useComposition();
const media = useMedia();
const selection = useSelection();
const vocabulary = useVocabulary();

/** In the order in which a single layer's values stand. */
const shared = computed<PropertyDefinition[]>(() => {
    const [first, ...others] = [...new Set(props.layers.map((layer) => layer.kind))];
    return vocabulary.words.properties[first!].filter(
        (definition) =>
            (definition.name !== 'level' ||
                props.layers.some(
                    (layer) => isBundle(layer) || (playsMedia(layer) && media.find(layer.media)?.sound),
                )) &&
            props.layers.every((layer) =>
                vocabulary.propertiesOf(layer).some(({ name }) => name === definition.name),
            ) &&
            others.every((kind) => vocabulary.definition(kind, definition.name)?.type === definition.type),
    );
});
const inspections = computed(() =>
    (composition.glimpse?.inspections ?? []).filter((one) => selection.layers.includes(one.layer)),
);
const statesOf = (property: string): PropertyState[] =>
    inspections.value.flatMap((one) => (one.values[property] ? [one.values[property]] : []));
</script>

<template>
    <div class="many">
        <h2>{{ layers.length }} layers <SeenButtons /></h2>
        <p>They move together in the picture and in time.</p>
        <SheetSection
            v-if="layers.every((layer) => vocabulary.can(layer, 'seen'))"
            name="in-the-frame"
            title="In the frame"
            ><ArrangeFields :layers="layers"
        /></SheetSection>
        <SheetSection v-if="layers.every((layer) => vocabulary.can(layer, 'seen'))" name="motion-blur"
            ><BlurFields :layers="layers"
        /></SheetSection>
        <SheetSection name="animate" title="Animate from here" rare><AnimateFields :layers="layers" /></SheetSection>
        <SheetSection v-if="layers.every((layer) => vocabulary.can(layer, 'combines'))" name="combine" title="Combine">
            <CombineFields />
            <div class="grow"><GrowFields :layers="selection.layers" /></div>
        </SheetSection>
        <SheetSection name="one-after-another" title="One after another"><StaggerFields /></SheetSection>
        <template v-if="layers.every((layer) => vocabulary.can(layer, 'seen'))">
            <SheetSection name="from-the-sides" title="From the sides"
                ><SidesFields :layers="selection.layers"
            /></SheetSection>
            <SheetSection
                v-if="layers.every((layer) => isWindow(layer) || vocabulary.can(layer, 'frames'))"
                name="split-screen"
                title="Split screen"
                ><SplitFields :layers="selection.layers"
            /></SheetSection>
        </template>
        <template v-if="inspections.length === layers.length">
            <SharedRow
                v-for="definition in shared"
                :key="definition.name"
                :layers="layers"
                :definition="definition"
                :states="statesOf(definition.name)"
            />
        </template>
        <div class="foot">
            <ElButton size="small" @click="composition.edit('duplicate-layers', { layers: selection.layers })"
                >Duplicate</ElButton
            >
            <ElButton size="small" @click="composition.edit('remove-layers', { layers: selection.layers })"
                >Remove</ElButton
            >
        </div>
    </div>
</template>

<style scoped>
h2 {
    margin: 0;
    padding: 10px 16px 2px;
    font-size: 16px;
    font-weight: 600;
}
p {
    margin: 0 0 8px;
    padding: 0 16px;
    color: var(--quiet);
}
.grow {
    padding: 0 14px 8px 16px;
}
.foot {
    padding: 10px 16px;
}
</style>
