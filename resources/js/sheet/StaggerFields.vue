<script setup lang="ts">
import { Dices } from 'lucide-vue-next';
import { ref } from 'vue';
import { useLayerActions } from '@/project/layerActions';
import IconButton from '@/shell/IconButton.vue';

/** Lets the selected layers begin one after another. */
const ORDERS = {
    chosen: 'as selected',
    reversed: 'reversed',
    middle: 'from the middle',
    place: 'by position',
    shuffled: 'at random',
} as const;

const actions = useLayerActions();
const by = ref(4);
const order = ref<keyof typeof ORDERS>('chosen');
const seed = ref(1);

function stagger(): void {
    void actions.stagger(by.value, order.value, seed.value);
}

function throwAgain(): void {
    seed.value++;
    stagger();
}
</script>

<template>
    <form @submit.prevent="stagger">
        <input v-model.number="by" class="small-field" type="number" aria-label="Frames between them" data-stagger-by />
        frames
        <select v-model="order" class="small-field" aria-label="In which order" data-stagger-order>
            <option v-for="(text, one) in ORDERS" :key="one" :value="one">{{ text }}</option>
        </select>
        <IconButton v-if="order === 'shuffled'" :icon="Dices" :size="15" label="Throw again" @click="throwAgain" />
        <ElButton size="small" native-type="submit" data-stagger>Stagger</ElButton>
    </form>
</template>

<style scoped>
form {
    display: flex;
    align-items: center;
    gap: 6px;
    padding: 2px 14px 8px 16px;
    font-size: 12.5px;
}
input {
    width: 50px;
}
select {
    flex: 1;
    min-width: 0;
}
</style>
