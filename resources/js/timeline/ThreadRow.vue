<script setup lang="ts">
import { ChevronsDownUp, ChevronsUpDown } from 'lucide-vue-next';
import { computed } from 'vue';
import type { Bead } from '@/api/answers';
import PropertyValue from '@/sheet/PropertyRow.vue';
import IconButton from '@/shell/IconButton.vue';
import type { PropertyRow } from './rows';
import ThreadLane from './ThreadLane.vue';
import { ROW_HEIGHT, TALL_HEIGHT } from './timeView';
import { useTogether } from './together';

/** A property's value and its thread; opened, the other threads of the layer can be seen in it, each as high as the lane. */
const props = defineProps<{
    row: PropertyRow;
    tall: boolean;
    /** The layer's other threads that are curves. */
    others: PropertyRow[];
}>();
const emit = defineEmits<{
    tall: [];
    menu: [row: PropertyRow, bead: Bead, event: MouseEvent];
    lasso: [event: PointerEvent];
}>();

/** By which threads are told apart, besides the layer's own. */
const DYES = ['woad', 'saffron', 'weld', 'cochineal', 'lichen', 'indigo', 'walnut', 'madder'];

const together = useTogether();
const dyes = computed(() => DYES.filter((dye) => dye !== (props.row.layer.label ?? 'madder')));
const dyeOf = (index: number): string => `var(--dye-${dyes.value[index % dyes.value.length]})`;
const isShown = (other: PropertyRow): boolean => together.isShown(props.row.key, other.definition.name);
const height = computed(() => (props.tall ? TALL_HEIGHT : ROW_HEIGHT));
</script>

<template>
    <div class="thread" :class="{ tall }" :style="{ height: `${height}px` }" :data-thread="row.definition.name">
        <div class="value">
            <PropertyValue compact class="own" :layer="row.layer" :definition="row.definition" :state="row.state" />
            <IconButton
                v-if="row.thread && row.thread.channels.length > 0"
                :icon="tall ? ChevronsDownUp : ChevronsUpDown"
                :size="12"
                :pressed="tall"
                class="taller"
                :label="tall ? 'Close this thread' : 'Open this thread'"
                data-taller
                @click="emit('tall')"
            />
            <div v-if="tall && others.length > 0" class="also" role="group" aria-label="Threads that are seen with it">
                <button
                    v-for="(other, index) in others"
                    :key="other.key"
                    type="button"
                    :aria-pressed="isShown(other)"
                    :style="{ '--dye': dyeOf(index) }"
                    :data-together="other.definition.name"
                    @click="together.toggle(row.key, other.definition.name)"
                >
                    <i aria-hidden="true" />{{ other.definition.title.split(' · ')[0] }}
                </button>
            </div>
        </div>
        <div v-if="row.thread" class="lanes">
            <ThreadLane
                :layer="row.layer"
                :thread="row.thread"
                :definition="row.definition"
                :height="height"
                @menu="(bead, event) => emit('menu', row, bead, event)"
                @lasso="emit('lasso', $event)"
            />
            <template v-for="(other, index) in tall ? others : []" :key="other.key">
                <ThreadLane
                    v-if="isShown(other) && other.thread"
                    over
                    :dye="dyeOf(index)"
                    :layer="row.layer"
                    :thread="other.thread"
                    :definition="other.definition"
                    :height="height"
                    @menu="(bead, event) => emit('menu', other, bead, event)"
                />
            </template>
        </div>
        <span v-else />
    </div>
</template>

<style scoped>
.thread {
    display: grid;
    grid-template-columns: var(--left) minmax(0, 1fr);
    background: var(--raised);
}
.value {
    position: relative;
    min-width: 0;
}
.tall .own {
    height: var(--row);
}
.taller {
    position: absolute;
    top: 4px;
    left: 2px;
    width: 20px;
    height: 22px;
    opacity: 0.45;
}
.taller:hover,
.taller.pressed {
    opacity: 1;
}
.also {
    display: flex;
    flex-wrap: wrap;
    align-content: flex-start;
    gap: 2px 4px;
    max-height: calc(100% - var(--row) - 4px);
    padding: 2px 8px 0 28px;
    overflow: hidden auto;
    scrollbar-width: thin;
}
.also button {
    display: flex;
    align-items: center;
    gap: 5px;
    height: 22px;
    padding: 0 7px 0 6px;
    border: 0;
    border-radius: 11px;
    background: none;
    color: var(--quiet);
    font: inherit;
    font-size: 11.5px;
    white-space: nowrap;
    cursor: pointer;
}
.also button:hover {
    background: var(--hover);
}
.also [aria-pressed='true'] {
    background: var(--selected);
    color: var(--ink);
}
.also i {
    width: 8px;
    height: 8px;
    border: 2px solid var(--dye);
    border-radius: 50%;
}
.also [aria-pressed='true'] i {
    background: var(--dye);
}
.lanes {
    position: relative;
    min-width: 0;
    border-left: 1px solid var(--hairline);
}
</style>
