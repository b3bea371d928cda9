<script setup lang="ts">
import { useOpened } from '@/shell/opened';
import { computed, ref } from 'vue';
import type { Layer, PropertyDefinition } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useMedia } from '@/project/media';
import { perSecond } from '@/project/rates';
import { isBundle, placesAnother, plays, playsMedia } from '@/project/playing';
import { useVocabulary } from '@/project/vocabulary';
import AnimateFields from './AnimateFields.vue';
import AxesField from './AxesField.vue';
import BeadButton from './BeadButton.vue';
import ArrangeFields from './ArrangeFields.vue';
import BlurFields from './BlurFields.vue';
import BrushFields from './BrushFields.vue';
import BundleFields from './BundleFields.vue';
import CameraFields from './CameraFields.vue';
import CascadeFields from './CascadeFields.vue';
import EffectFields from './EffectFields.vue';
import { useFinding } from './finding';
import GrowFields from './GrowFields.vue';
import KeepField from './KeepField.vue';
import LightFields from './LightFields.vue';
import LineEndFields from './LineEndFields.vue';
import MaskFields from './MaskFields.vue';
import NameField from '@/shell/NameField.vue';
import FindValue from './FindValue.vue';
import { useFaces } from './faces';
import OutlineFields from './OutlineFields.vue';
import PaintField from './PaintField.vue';
import PaceFields from './PaceFields.vue';
import PatchworkFields from './PatchworkFields.vue';
import PropertyRow from './PropertyRow.vue';
import RepeatFields from './RepeatFields.vue';
import { isApart, sectionsOf } from './properties';
import ShapeFields from './ShapeFields.vue';
import SheetSection from './SheetSection.vue';
import SpaceSwitches from './SpaceSwitches.vue';
import TextFields from './TextFields.vue';
import TimeFields from './TimeFields.vue';
import { useWholeBead } from './wholeBead';

const props = defineProps<{ layer: Layer }>();

const composition = useComposition();
const media = useMedia();
const finding = useFinding();
const vocabulary = useVocabulary();
const faces = useFaces();

const inspection = computed(() => composition.glimpse?.inspections.find((one) => one.layer === props.layer.id));
const sections = computed(() =>
    sectionsOf(
        // What is attached stands in lists of its own, unless something is looked for.
        [...vocabulary.propertiesOf(props.layer), ...(finding.isOn ? (inspection.value?.attached ?? []) : [])].filter(
            (definition) =>
                isMeant(definition.name) &&
                (definition.section !== 'pace' || finding.isOn) &&
                finding.matches(definition, inspection.value?.values[definition.name]),
        ),
    ),
);
/** Axes mean nothing to a font that has none; what else is idle the server says. */
function isMeant(property: string): boolean {
    const { layer } = props;
    if (layer.kind === 'text' && property.startsWith('axis')) {
        return faces.isVariable(String(inspection.value?.values.typeface?.value || faces.ownOf(layer)));
    }
    return !inspection.value?.idle.includes(property);
}
const has = (list: string): boolean => ((props.layer as unknown as Record<string, unknown[]>)[list] ?? []).length > 0;

/** Whether something in a part that few layers need is other than when nothing is said. */
function isUsed(section: string, definitions: PropertyDefinition[]): boolean {
    const isSet = ({ name, default: plain }: PropertyDefinition): boolean => {
        const state = inspection.value?.values[name];
        return !!state && (state.animated || JSON.stringify(state.value) !== JSON.stringify(plain));
    };
    return definitions.some(isSet) || (section === 'line' && 'brush' in props.layer && !!props.layer.brush);
}

const hasUnits = computed(() => (inspection.value?.units ?? []).length > 0);
const isCut = computed(() => 'patchwork' in props.layer && !!props.layer.patchwork);
const hasPaint = computed(() => vocabulary.definition(props.layer.kind, 'fill') !== undefined);
const hasOutline = computed(() => vocabulary.definition(props.layer.kind, 'outline') !== undefined);
const clip = computed(() => {
    const layer = props.layer;
    return playsMedia(layer) ? media.find(layer.media) : undefined;
});

/** Where it is, how large, how turned and how opaque, and where it has depth, that: what moving about is made of. */
const PLACED = ['scale', 'rotation', 'opacity'];
const placement = computed(() => {
    const depth = sections.value.find(([section]) => section === 'depth')?.[1] ?? [];
    return [
        ...(isApart(props.layer) ? ['x', 'y'] : ['position']),
        ...PLACED,
        ...(isUsed('depth', depth) ? depth.map(({ name }) => name) : []),
    ];
});
const whole = useWholeBead(
    () => props.layer.id,
    () => inspection.value,
);
const placed = computed(() => whole.state(placement.value));

const goesAlong = computed(() => ['position', 'x', 'y'].some((name) => inspection.value?.values[name]?.animated));

const setContent = (content: object): Promise<boolean> =>
    composition.edit('set-content', { layer: props.layer.id, content });

/** Escape closes the label colours wherever the keys go, and does not let go of the layer. */
const dyes = ref<{ handleClose: () => void } | null>(null);
const dyesOpen = ref(false);
useOpened(dyesOpen, () => dyes.value?.handleClose());
</script>

<template>
    <div class="head" :style="{ '--dye': `var(--dye-${layer.label ?? 'madder'})` }">
        <ElDropdown
            ref="dyes"
            :persistent="false"
            trigger="click"
            @visible-change="dyesOpen = $event"
            @command="(label: string) => composition.edit('set-layer', { layers: [layer.id], label })"
        >
            <button class="dye" type="button" aria-label="Label colour" />
            <template #dropdown>
                <ElDropdownMenu>
                    <ElDropdownItem v-for="label in vocabulary.words.labels" :key="label" :command="label">
                        <i class="drop" :style="{ background: `var(--dye-${label})` }" />{{ label }}
                    </ElDropdownItem>
                </ElDropdownMenu>
            </template>
        </ElDropdown>
        <NameField
            :key="layer.id"
            :name="layer.name"
            class="name"
            aria-label="Layer name"
            @rename="(name) => composition.edit('rename-layer', { layer: layer.id, name })"
        />
        <span class="kind">{{ layer.kind }}</span>
    </div>
    <TextFields v-if="layer.kind === 'text'" :key="layer.id" :layer="layer" />
    <ShapeFields v-if="layer.kind === 'shape' || layer.kind === 'window'" :key="layer.id" :layer="layer" />
    <p v-if="inspection?.faint" class="faint" role="status" data-faint>{{ inspection.faint }}</p>
    <div v-if="layer.kind === 'window'" class="choice">
        <ElRadioGroup
            v-if="plays(layer)"
            :model-value="layer.fitting ?? 'fill'"
            size="small"
            aria-label="How large what is in the window is"
            data-fitting
            @change="(fitting) => setContent({ fitting })"
        >
            <ElRadioButton value="fill">Fill</ElRadioButton>
            <ElRadioButton value="fit">Fit</ElRadioButton>
        </ElRadioGroup>
        <span v-else class="facts">drop a clip onto it</span>
    </div>
    <BundleFields v-if="isBundle(layer)" :key="layer.id" :layer="layer" />
    <div v-if="playsMedia(layer)" class="choice">
        <span v-if="clip" class="facts">{{
            clip.heard
                ? `${(clip.frames / perSecond(clip.rate)).toFixed(1)} s`
                : `${clip.width} × ${clip.height}${clip.still ? '' : `, ${clip.frames} frames`}`
        }}</span>
        <ElCheckbox
            v-if="clip?.sound"
            :model-value="layer.sound ?? true"
            :label="clip.heard ? 'Heard' : 'Sound'"
            @change="(sound) => setContent({ sound })"
        />
        <span v-else-if="!clip?.still" class="facts">no sound</span>
    </div>
    <TimeFields :key="layer.id" :layer="layer" />
    <PaceFields
        v-if="placesAnother(layer) || (playsMedia(layer) && clip && !clip.still)"
        :key="layer.id"
        :layer="layer"
    />
    <FindValue />
    <SheetSection v-if="!finding.isOn && vocabulary.can(layer, 'seen')" name="in-the-frame" title="In the frame"
        ><ArrangeFields :layers="[layer]"
    /></SheetSection>
    <SheetSection v-if="!finding.isOn" name="animate" title="Animate from here" rare
        ><AnimateFields :key="layer.id" :layers="[layer]"
    /></SheetSection>
    <SheetSection
        v-for="[section, definitions] in sections"
        :key="section"
        :name="section"
        :open="finding.isOn"
        :used="isUsed(section, definitions)"
    >
        <template v-if="section === 'placement'" #head>
            <BeadButton
                :state="placed"
                name="the whole placement"
                data-whole-placement
                @toggle="whole.toggle(placement)"
            />
        </template>
        <PropertyRow
            v-for="definition in definitions"
            :key="definition.name"
            :layer="layer"
            :definition="definition"
            :state="inspection?.values[definition.name]"
        />
        <CameraFields
            v-if="(section === 'camera' || section === 'lens') && !finding.isOn"
            :key="layer.id"
            :layer="layer"
            :part="section"
        />
        <LightFields v-if="section === 'light' && layer.kind === 'light' && !finding.isOn" :layer="layer" />
        <SpaceSwitches v-if="section === 'placement' && !finding.isOn" :layer="layer" />
        <div v-if="section === 'form' && layer.kind === 'shape' && !finding.isOn" class="grow">
            <GrowFields :layers="[layer.id]" />
        </div>
        <LineEndFields
            v-if="section === 'line' && layer.kind === 'shape' && !finding.isOn"
            :key="`${layer.id} ends`"
            :layer="layer"
        />
        <BrushFields v-if="section === 'line' && !finding.isOn" :key="layer.id" :layer="layer" />
        <RepeatFields
            v-if="section === 'repeat' && layer.kind === 'shape' && !finding.isOn"
            :key="layer.id"
            :layer="layer"
        />
        <KeepField
            v-if="section === 'placement' && placed.animated && !finding.isOn"
            edit="add-motion"
            :what="{ layer }"
            called="move"
        />
        <AxesField v-if="section === 'placement' && !finding.isOn" :key="layer.id" :layer="layer" />
        <ElCheckbox
            v-if="section === 'placement' && goesAlong"
            :model-value="layer.turnsAlong ?? false"
            label="Turns along its path"
            class="along"
            data-turns-along
            @change="(on) => composition.edit('set-layer', { layers: [layer.id], turnsAlong: !!on })"
        />
        <ElCheckbox
            v-if="section === 'placement' && !finding.isOn && layer.kind !== 'shape'"
            :model-value="layer.alwaysReads ?? false"
            label="Always reads, in a flipped bundle too"
            class="along"
            data-always-reads
            @change="(on) => composition.edit('set-layer', { layers: [layer.id], alwaysReads: !!on })"
        />
        <label v-if="section === 'placement' && !finding.isOn" class="blend"
            >Blend
            <select
                class="choice-field"
                :value="layer.blend ?? 'normal'"
                data-blend
                @change="
                    composition.edit('set-layer', {
                        layers: [layer.id],
                        blend: ($event.target as HTMLSelectElement).value,
                    })
                "
            >
                <option v-for="blend in vocabulary.words.blends" :key="blend">{{ blend }}</option>
            </select></label
        >
        <ElCheckbox
            v-if="section === 'placement' && layer.kind === 'group' && !finding.isOn"
            :model-value="layer.isolated ?? false"
            label="Blend within the group only"
            class="along"
            data-isolated
            @change="(on) => setContent({ isolated: !!on })"
        />
    </SheetSection>
    <SheetSection v-if="!finding.isOn && hasPaint" name="paint" :used="has('gradients')">
        <PaintField id="g1" :key="`${layer.id} fill`" :layer="layer" part="fill" text="Fill" />
        <PaintField id="g2" :key="`${layer.id} outline`" :layer="layer" part="outline" text="Outline" />
    </SheetSection>
    <SheetSection v-if="!finding.isOn && hasOutline" name="outlines" :used="has('outlines')"
        ><OutlineFields :key="layer.id" :layer="layer"
    /></SheetSection>
    <SheetSection v-if="!finding.isOn && vocabulary.can(layer, 'cut')" name="patchwork" :used="isCut"
        ><PatchworkFields :key="layer.id" :layer="layer"
    /></SheetSection>
    <SheetSection v-if="!finding.isOn && hasUnits" name="cascades" :used="has('cascades') || isCut"
        ><CascadeFields :key="layer.id" :layer="layer"
    /></SheetSection>
    <SheetSection v-if="!finding.isOn && vocabulary.can(layer, 'seen')" name="masks" :used="has('masks')"
        ><MaskFields :key="layer.id" :layer="layer"
    /></SheetSection>
    <SheetSection v-if="!finding.isOn && vocabulary.can(layer, 'seen')" name="effects" :used="has('effects')"
        ><EffectFields :key="layer.id" :layer="layer"
    /></SheetSection>
    <SheetSection v-if="!finding.isOn && vocabulary.can(layer, 'seen')" name="motion-blur" :used="!!layer.motionBlur"
        ><BlurFields :layers="[layer]"
    /></SheetSection>
    <p v-if="sections.length === 0" class="nothing">
        {{ finding.animatedOnly && !finding.text ? 'Nothing is animated here yet.' : 'No value by that name.' }}
    </p>
</template>

<style scoped>
.grow {
    padding: 4px 14px 4px 16px;
}
.head {
    display: flex;
    align-items: center;
    gap: 9px;
    padding: 10px 14px 8px 16px;
}
.dye,
.drop {
    width: 14px;
    height: 14px;
    flex: none;
    padding: 0;
    border: 0;
    border-radius: 50%;
    background: var(--dye);
    cursor: pointer;
}
.drop {
    margin-right: 9px;
}
.name {
    flex: 1;
    min-width: 0;
    padding: 2px 0;
    border: 0;
    border-bottom: 1px solid transparent;
    background: none;
    color: var(--ink);
    font-size: 16px;
    font-weight: 600;
    text-overflow: ellipsis;
    outline: none;
}
.name:hover,
.name:focus {
    border-color: var(--hairline);
}
.faint {
    margin: 0 14px 8px 16px;
    padding-left: 8px;
    border-left: 3px solid var(--warning);
    font-size: 12px;
    line-height: 1.5;
}
.kind,
.facts {
    color: var(--quiet);
    font-size: 12px;
}
.choice {
    display: flex;
    align-items: center;
    justify-content: space-between;
    padding: 0 14px 8px 16px;
}
.nothing {
    margin: 8px 16px;
    color: var(--quiet);
    font-size: 12.5px;
}
.blend {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr);
    align-items: center;
    gap: 6px;
    padding: 2px 14px 4px 16px;
}
.along {
    height: 24px;
    margin: 0 14px 0 16px;
}
</style>
