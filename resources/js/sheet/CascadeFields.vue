<script setup lang="ts">
import type { ArgumentsOf } from '@/api/edits';
import { FlipHorizontal2, Plus } from 'lucide-vue-next';
import { computed, ref } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import ColumnPanel from '@/shell/ColumnPanel.vue';
import AttachedList from './AttachedList.vue';
import CascadePicker from './CascadePicker.vue';
import CascadeTiming from './CascadeTiming.vue';
import type { Attached } from './properties';

/** The cascades of words, or of a group: how their parts come, go and move one after another. */
const props = defineProps<{ layer: Layer }>();

const composition = useComposition();
const choosing = ref(false);

const list = computed(() => ('cascades' in props.layer ? (props.layer.cascades ?? []) : []) as unknown as Attached[]);
const arrival = computed(() => list.value.find((one) => one.as === 'arrive'));
const isMirrored = computed(() => list.value.some((one) => one.mirrors !== undefined));

function titleOf(one: Attached): string {
    const what = { arrive: 'Arrive', leave: 'Leave', accent: 'During the stay' }[String(one.as)];
    return what ? `${what}, by ${one.units}` : 'Leave as it arrives';
}

const set = (cascades: Attached[]): void =>
    void composition.edit('set-cascades', { layers: [props.layer.id], cascades: withoutLost(cascades) });

/** What mirrors one that is gone goes, too. */
const withoutLost = (cascades: Attached[]): Attached[] =>
    cascades.filter((one) => one.mirrors === undefined || cascades.some((other) => other.id === one.mirrors));

/** It leaves as it arrives, backwards, in place of another leaving. */
function mirror(): void {
    const next = 1 + Math.max(0, ...list.value.map((one) => Number(one.id.slice(1))));
    set([...list.value.filter((one) => one.as !== 'leave'), { id: `c${next}`, mirrors: arrival.value!.id }]);
}

function add(args: ArgumentsOf<'add-cascade'>): void {
    choosing.value = false;
    void composition.edit('add-cascade', args);
}
</script>

<template>
    <AttachedList v-slot="{ one, change }" :layer="layer" :list="list" :title-of="titleOf" @set="set">
        <ElCheckbox
            v-if="one.mirrors"
            :model-value="!!one.sameOrder"
            label="First in, first out"
            class="same"
            data-same-order
            @change="(on) => change({ sameOrder: !!on })"
        />
        <CascadeTiming v-else :layer="layer" :cascade="one" :change="change" />
    </AttachedList>
    <div class="foot">
        <button type="button" class="add-one" data-add-cascade @click="choosing = true">
            <Plus :size="14" aria-hidden="true" />Add a cascade
        </button>
        <ColumnPanel v-if="choosing" title="Add a cascade" @close="choosing = false">
            <CascadePicker :layer="layer" @choose="add" />
        </ColumnPanel>
        <button v-if="arrival && !isMirrored" type="button" class="add-one" data-mirror-cascade @click="mirror">
            <FlipHorizontal2 :size="14" aria-hidden="true" />Leave as it arrives
        </button>
    </div>
</template>

<style scoped>
.same {
    height: 24px;
    margin: 0 14px 2px 16px;
}
.foot {
    display: flex;
    flex-wrap: wrap;
    gap: 0 6px;
    padding: 0 14px 5px 12px;
}
.foot button {
    margin: 0;
}
</style>
