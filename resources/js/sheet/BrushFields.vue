<script setup lang="ts">
import { ChevronRight, Dices } from 'lucide-vue-next';
import { computed, ref } from 'vue';
import type { Layer } from '@/api/answers';
import type { ArgumentsOf, EditRequest } from '@/api/edits';
import FilmTiles from '@/picture/FilmTiles.vue';
import { useComposition } from '@/project/composition';
import { useTrying } from '@/project/trying';
import { useVocabulary } from '@/project/vocabulary';
import ColumnPanel from '@/shell/ColumnPanel.vue';
import IconButton from '@/shell/IconButton.vue';
import type { Attached } from './properties';
import PropertyRow from './PropertyRow.vue';

/** With what the outline of a layer is drawn: a plain line, or a brush, chosen by small pictures of that very line. */
const props = defineProps<{ layer: Layer }>();

const composition = useComposition();
const trying = useTrying();
const vocabulary = useVocabulary();
const choosing = ref(false);

const brush = computed(() => ('brush' in props.layer ? props.layer.brush : undefined) as Attached | undefined);
const inspection = computed(() => composition.glimpse?.inspections.find((one) => one.layer === props.layer.id));
const settings = computed(() =>
    (inspection.value?.attached ?? [])
        .filter(({ name }) => name.startsWith('b1.'))
        .map((definition) => ({ ...definition, title: definition.title.split(' · ')[0]! })),
);

/** A brush to choose, and what it is as documents hold it; null for a plain line. */
interface Choice {
    name: string;
    title: string;
    brush: Brush;
}
type Brush = ArgumentsOf<'set-brush'>['brush'];

const choices = computed<Choice[]>(() => [
    { name: 'plain', title: 'Plain', brush: null },
    ...vocabulary.words.brushes
        .filter(({ name }) => name !== 'own')
        .map(({ name, title }) => ({ name, title, brush: { form: name } as Brush })),
]);
/** Any shape or picture of the composition can be set along a line. */
const marks = computed<Choice[]>(() =>
    composition.layers
        .filter((one) => one.id !== props.layer.id && vocabulary.can(one, 'marks'))
        .map(({ id, name }) => ({ name: `like-${id}`, title: name, brush: { form: 'own', from: id } as Brush })),
);
const called = computed(() => {
    const form = brush.value?.form;
    return form === 'own' ? 'One’s own' : (choices.value.find(({ name }) => name === (form ?? 'plain'))?.title ?? '');
});

const args = (next: Brush): ArgumentsOf<'set-brush'> => ({ layers: [props.layer.id], brush: next });
const editOf = (choice: Choice): EditRequest => ({ edit: 'set-brush', args: args(choice.brush) });

function close(): void {
    trying.stop();
    choosing.value = false;
}

function choose(choice: Choice): void {
    close();
    if (choice.name !== (brush.value?.form ?? 'plain')) {
        set(choice.brush);
    }
}

const set = (next: Brush): void => void composition.edit('set-brush', args(next));

function throwAgain(): void {
    set({ ...brush.value, seed: Number(brush.value?.seed ?? 1) + 1 } as Brush);
}
</script>

<template>
    <div class="brush">
        <span>Brush</span>
        <button
            type="button"
            class="choice-button"
            aria-haspopup="dialog"
            :aria-label="`Brush: ${called}`"
            :data-brush="brush?.form ?? 'plain'"
            @click="choosing = true"
        >
            <span>{{ called }}</span><ChevronRight :size="13" aria-hidden="true" />
        </button>
        <IconButton v-if="brush" :icon="Dices" :size="15" label="Throw again" data-throw-brush @click="throwAgain" />
    </div>
    <!-- From just before it leaves, where most of a line is drawn that draws itself. -->
    <ColumnPanel v-if="choosing" title="Brush" @close="close">
        <template
            v-for="[heading, all] in [
                ['', choices],
                ['Made of a layer', marks],
            ] as [string, Choice[]][]"
            :key="heading"
        >
            <h2 v-if="heading && all.length > 0">{{ heading }}</h2>
            <FilmTiles
                v-if="all.length > 0"
                :choices="all"
                kind="brush-choice"
                :layer="layer.id"
                role="leave"
                :still="0"
                :edit-of="editOf"
                :chosen="[String(brush?.form ?? 'plain')]"
                @attempt="(one) => trying.show('set-brush', args(one.brush))"
                @stop="trying.stop"
                @choose="choose"
            />
        </template>
    </ColumnPanel>
    <PropertyRow
        v-for="definition in settings"
        :key="definition.name"
        :layer="layer"
        :definition="definition"
        :state="inspection?.values[definition.name]"
    />
</template>

<style scoped>
.brush {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr) auto;
    align-items: center;
    gap: 6px;
    padding: 2px 14px 2px 16px;
}
.brush .icon-button {
    width: 26px;
    height: 24px;
}
h2 {
    margin: 12px 0 4px;
    color: var(--quiet);
    font-size: 12.5px;
    font-weight: 500;
}
</style>
