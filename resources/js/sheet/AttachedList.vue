<script setup lang="ts">
import { ArrowUp, Eye, EyeOff, X } from 'lucide-vue-next';
import { computed, ref } from 'vue';
import type { Layer, PropertyDefinition } from '@/api/answers';
import { useComposition } from '@/project/composition';
import IconButton from '@/shell/IconButton.vue';
import BeadButton from './BeadButton.vue';
import type { Attached } from './properties';
import PropertyRow from './PropertyRow.vue';
import { useWholeBead } from './wholeBead';

/** What a layer has of one sort, in order, with their settings: each can be dragged to another place or moved up, switched off and taken away. */
const props = defineProps<{ layer: Layer; list: Attached[]; titleOf: (one: Attached) => string }>();
const emit = defineEmits<{ set: [list: Attached[]] }>();

const composition = useComposition();
const inspection = computed(() => composition.glimpse?.inspections.find((one) => one.layer === props.layer.id));

/** Named without what they belong to, which stands above them. */
const settings = (one: Attached): { definition: PropertyDefinition; title: string }[] =>
    (inspection.value?.attached ?? [])
        .filter(({ name }) => name.startsWith(`${one.id}.`) && !inspection.value?.idle.includes(name))
        .map((definition) => ({ definition, title: definition.title.split(' · ')[0]! }));

/** Points that there are many of are dragged in the picture rather than typed. */
const isOneOfMany = ({ definition }: { definition: PropertyDefinition }): boolean =>
    /\.point\d+$/.test(definition.name);
const singly = (one: Attached) => settings(one).filter((setting) => !isOneOfMany(setting));
const points = (one: Attached) => settings(one).filter(isOneOfMany);

/** All of its settings at once. */
const bead = useWholeBead(
    () => props.layer.id,
    () => inspection.value,
);
const names = (one: Attached): string[] => settings(one).map(({ definition }) => definition.name);

const changed = (index: number, change: object): Attached[] =>
    props.list.map((one, at) => (at === index ? { ...one, ...change } : one));

/** The one that is dragged by its title, and the one that it would come to stand at. */
const dragged = ref<number | null>(null);
const over = ref<number | null>(null);

function move(from: number, to: number): void {
    const list = [...props.list];
    const [one] = list.splice(from, 1);
    list.splice(to, 0, one!);
    emit('set', list);
}

function grab(index: number, event: DragEvent): void {
    dragged.value = index;
    event.dataTransfer?.setData('text/plain', props.titleOf(props.list[index]!));
}

function onOver(index: number, event: DragEvent): void {
    if (dragged.value !== null) {
        event.preventDefault();
        over.value = index;
    }
}

function drop(index: number): void {
    const from = dragged.value;
    dragged.value = over.value = null;
    if (from !== null && from !== index) {
        move(from, index);
    }
}
</script>

<template>
    <div
        v-for="(one, index) in list"
        :key="one.id"
        class="one"
        :class="{ off: one.on === false, target: over === index && dragged !== index }"
        :data-attached="one.id"
        @dragover="onOver(index, $event)"
        @drop.stop.prevent="drop(index)"
    >
        <div
            class="title"
            :draggable="list.length > 1"
            data-attached-title
            @dragstart="grab(index, $event)"
            @dragend="dragged = over = null"
        >
            <b>{{ titleOf(one) }}</b>
            <BeadButton
                v-if="settings(one).length > 1"
                :state="bead.state(names(one))"
                :name="`all of ${titleOf(one)}`"
                data-whole
                @toggle="bead.toggle(names(one))"
            />
            <IconButton
                v-if="index > 0"
                :icon="ArrowUp"
                :size="13"
                :label="`${titleOf(one)} earlier`"
                @click="move(index, index - 1)"
            />
            <IconButton
                :icon="one.on === false ? EyeOff : Eye"
                :size="14"
                :label="one.on === false ? `Switch ${titleOf(one)} on` : `Switch ${titleOf(one)} off`"
                data-switch
                @click="emit('set', changed(index, { on: one.on === false }))"
            />
            <IconButton
                :icon="X"
                :size="13"
                :label="`Without ${titleOf(one)}`"
                data-without
                @click="
                    emit(
                        'set',
                        list.filter((_, at) => at !== index),
                    )
                "
            />
        </div>
        <slot :one="one" :change="(change: object) => emit('set', changed(index, change))" />
        <PropertyRow
            v-for="{ definition, title } in singly(one)"
            :key="definition.name"
            :layer="layer"
            :definition="{ ...definition, title }"
            :state="inspection?.values[definition.name]"
        />
        <details v-if="points(one).length > 0" data-attached-points>
            <summary>{{ points(one).length }} points</summary>
            <PropertyRow
                v-for="{ definition, title } in points(one)"
                :key="definition.name"
                :layer="layer"
                :definition="{ ...definition, title }"
                :state="inspection?.values[definition.name]"
            />
        </details>
    </div>
</template>

<style scoped>
.one {
    padding-bottom: 4px;
}
.one + .one {
    border-top: 1px dashed var(--hairline);
}
.off {
    opacity: 0.55;
}
.target {
    box-shadow: inset 0 2px var(--second);
}
.title[draggable='true'] {
    cursor: grab;
}
.title {
    display: flex;
    align-items: center;
    height: 28px;
    padding: 0 8px 0 16px;
}
b {
    flex: 1;
    font-weight: 600;
}
summary {
    padding: 3px 16px;
    color: var(--quiet);
    font-size: 13px;
    cursor: pointer;
}
.title :deep(.icon-button) {
    width: 26px;
    height: 24px;
}
</style>
