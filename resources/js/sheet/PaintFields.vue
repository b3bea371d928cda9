<script setup lang="ts">
import { Minus, Plus } from 'lucide-vue-next';
import { computed } from 'vue';
import type { Layer, PropertyDefinition } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useMedia } from '@/project/media';
import { panOf } from '@/project/playing';
import { useProject } from '@/project/project';
import IconButton from '@/shell/IconButton.vue';
import PropertyRow from './PropertyRow.vue';

/** What the fill and the outline of a layer are painted with: their colour, or a gradient whose every value can be keyframed. */
const props = defineProps<{ layer: Layer }>();

type Part = 'fill' | 'outline';

interface Gradient {
    of: Part;
    form: string;
    stops?: number;
    media?: string;
    composition?: string;
    fitting?: 'fill' | 'fit';
}

const PARTS: { of: Part; id: string; text: string }[] = [
    { of: 'fill', id: 'g1', text: 'Fill' },
    { of: 'outline', id: 'g2', text: 'Outline' },
];
const FORMS = {
    linear: 'linear gradient',
    radial: 'radial gradient',
    sweep: 'sweep gradient',
    corners: 'four corners',
};
const MOST_STOPS = 12;

const composition = useComposition();
const media = useMedia();
const project = useProject();
const inspection = computed(() => composition.glimpse?.inspections.find((one) => one.layer === props.layer.id));
const gradients = computed(() => ('gradients' in props.layer ? (props.layer.gradients ?? []) : []) as Gradient[]);
const of = (part: Part): Gradient | undefined => gradients.value.find((one) => one.of === part);

/** Named without the gradient that they belong to, which stands above them. */
const settings = (id: string): { definition: PropertyDefinition; title: string }[] =>
    (inspection.value?.attached ?? [])
        .filter((definition) => definition.name.startsWith(`${id}.`))
        .map((definition) => ({ definition, title: definition.title.split(' · ')[0]! }));

const pictures = computed(() => media.list.filter((one) => !one.heard && !one.font));
const placed = computed(() => project.compositions.filter((one) => one.id !== composition.id));
const valueOf = (paint?: Gradient): string =>
    paint?.media
        ? `picture ${paint.media}`
        : paint?.composition
          ? `composition ${paint.composition}`
          : (paint?.form ?? '');

function choose(part: Part, value: string): void {
    const [form, shown] = value.split(' ');
    set(
        part,
        form === 'composition'
            ? { form: 'picture', composition: shown }
            : { form: form || null, ...(shown && { media: shown }) },
    );
}

/** What it is painted with is dragged in the picture from now on. */
const frame = (): void => {
    composition.through = props.layer.id;
};

const fit = (part: Part, fitting: string): void => {
    const { media: picture, composition: other } = of(part)!;
    set(part, { fitting, ...(picture ? { media: picture } : { composition: other }) });
};

const set = (part: Part, change: object): void =>
    void composition.edit('set-gradient', { layers: [props.layer.id], of: part, form: of(part)?.form, ...change });
</script>

<template>
    <template v-for="part in PARTS" :key="part.of">
        <label class="row">
            <span>{{ part.text }}</span>
            <select
                class="choice-field"
                :value="valueOf(of(part.of))"
                :data-paint="part.of"
                @change="choose(part.of, ($event.target as HTMLSelectElement).value)"
            >
                <option value="">its colour</option>
                <option v-for="(text, form) in FORMS" :key="form" :value="form">{{ text }}</option>
                <optgroup v-if="pictures.length > 0" label="a picture or a clip">
                    <option v-for="one in pictures" :key="one.id" :value="`picture ${one.id}`">{{ one.name }}</option>
                </optgroup>
                <optgroup v-if="placed.length > 0" label="another composition">
                    <option v-for="one in placed" :key="one.key" :value="`composition ${one.key}`">
                        {{ one.name }}
                    </option>
                </optgroup>
            </select>
        </label>
        <template v-if="of(part.of)">
            <PropertyRow
                v-for="{ definition, title } in settings(part.id)"
                :key="definition.name"
                :layer="layer"
                :definition="{ ...definition, title }"
                :state="inspection?.values[definition.name]"
            />
            <label v-if="of(part.of)!.form === 'picture'" class="row">
                <span>Before zoom</span>
                <select
                    class="choice-field"
                    :value="of(part.of)!.fitting ?? 'fill'"
                    :data-paint-fitting="part.of"
                    @change="fit(part.of, ($event.target as HTMLSelectElement).value)"
                >
                    <option value="fill">it covers all</option>
                    <option value="fit">all of it is seen</option>
                </select>
            </label>
            <div v-if="panOf(layer) === `${part.id}.pan`" class="stops">
                <button type="button" class="frame" data-frame-paint @click="frame">Frame it in the picture</button>
            </div>
            <div v-if="of(part.of)!.stops && of(part.of)!.form !== 'picture'" class="stops">
                <IconButton
                    :icon="Minus"
                    :size="13"
                    label="One colour fewer"
                    :disabled="of(part.of)!.stops! <= 2"
                    @click="set(part.of, { stops: of(part.of)!.stops! - 1 })"
                />
                {{ of(part.of)!.stops }} colours
                <IconButton
                    :icon="Plus"
                    :size="13"
                    label="One colour more"
                    :disabled="of(part.of)!.stops! >= MOST_STOPS"
                    data-more-colours
                    @click="set(part.of, { stops: of(part.of)!.stops! + 1 })"
                />
            </div>
        </template>
    </template>
</template>

<style scoped>
.row {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr);
    align-items: center;
    gap: 6px;
    padding: 2px 14px 2px 16px;
}
.stops {
    display: flex;
    align-items: center;
    gap: 6px;
    padding: 0 14px 4px 106px;
    color: var(--quiet);
    font-size: 12.5px;
}
.frame {
    padding: 4px 10px;
    border: 1px solid var(--hairline);
    border-radius: 8px;
    background: var(--raised);
    color: var(--ink);
    font: inherit;
    cursor: pointer;
}
.frame:hover {
    border-color: var(--accent);
}
</style>
