<script setup lang="ts">
import { Minus, Plus } from 'lucide-vue-next';
import { computed } from 'vue';
import type { Layer, PropertyDefinition } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useMedia } from '@/project/media';
import { useProject } from '@/project/project';
import IconButton from '@/shell/IconButton.vue';
import PropertyRow from './PropertyRow.vue';

/** What a fill or an outline is painted with: its colour, or a gradient whose every value can be keyframed, or what is seen of a picture. */
const props = defineProps<{ layer: Layer; part: string; id: string; text: string }>();

interface Gradient {
    of: string;
    form: string;
    stops?: number;
    media?: string;
    composition?: string;
    fitting?: 'fill' | 'fit';
}

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
const paint = computed(() => gradients.value.find((one) => one.of === props.part));

/** Whether what is seen in it can be moved within it. */
const canBeFramed = computed(
    () => composition.glimpse?.poses.find((pose) => pose.layer === props.layer.id)?.pan === `${props.id}.pan`,
);

/** Named without the gradient that they belong to, which stands above them. */
const settings = computed<{ definition: PropertyDefinition; title: string }[]>(() =>
    (inspection.value?.attached ?? [])
        .filter((definition) => definition.name.startsWith(`${props.id}.`))
        .map((definition) => ({ definition, title: definition.title.split(' · ')[0]! })),
);

const pictures = computed(() => media.list.filter((one) => !one.heard && !one.font));
const placed = computed(() => project.compositions.filter((one) => one.id !== composition.id));
const value = computed(() => {
    const { media: picture, composition: other, form } = paint.value ?? { form: '' };
    return picture ? `picture ${picture}` : other ? `composition ${other}` : form;
});

function choose(chosen: string): void {
    const [form, shown] = chosen.split(' ');
    set(
        form === 'composition'
            ? { form: 'picture', composition: shown }
            : { form: form || null, ...(shown && { media: shown }) },
    );
}

/** What it is painted with is dragged in the picture from now on. */
const frame = (): void => {
    composition.through = props.layer.id;
};

const fit = (fitting: string): void => {
    const { media: picture, composition: other } = paint.value!;
    set({ fitting, ...(picture ? { media: picture } : { composition: other }) });
};

const set = (change: object): void =>
    void composition.edit('set-gradient', {
        layers: [props.layer.id],
        of: props.part,
        form: paint.value?.form,
        ...change,
    });
</script>

<template>
    <label class="row">
        <span>{{ text }}</span>
        <select
            class="choice-field"
            :value="value"
            :data-paint="part"
            @change="choose(($event.target as HTMLSelectElement).value)"
        >
            <option value="">its colour</option>
            <option v-for="(title, form) in FORMS" :key="form" :value="form">{{ title }}</option>
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
    <template v-if="paint">
        <PropertyRow
            v-for="{ definition, title } in settings"
            :key="definition.name"
            :layer="layer"
            :definition="{ ...definition, title }"
            :state="inspection?.values[definition.name]"
        />
        <label v-if="paint.form === 'picture'" class="row">
            <span>Before zoom</span>
            <select
                class="choice-field"
                :value="paint.fitting ?? 'fill'"
                :data-paint-fitting="part"
                @change="fit(($event.target as HTMLSelectElement).value)"
            >
                <option value="fill">it covers all</option>
                <option value="fit">all of it is seen</option>
            </select>
        </label>
        <div v-if="canBeFramed" class="stops">
            <button type="button" class="frame" data-frame-paint @click="frame">Frame it in the picture</button>
        </div>
        <div v-if="paint.stops && paint.form !== 'picture'" class="stops">
            <IconButton
                :icon="Minus"
                :size="13"
                label="One colour fewer"
                :disabled="paint.stops <= 2"
                @click="set({ stops: paint.stops - 1 })"
            />
            {{ paint.stops }} colours
            <IconButton
                :icon="Plus"
                :size="13"
                label="One colour more"
                :disabled="paint.stops >= MOST_STOPS"
                data-more-colours
                @click="set({ stops: paint.stops + 1 })"
            />
        </div>
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
