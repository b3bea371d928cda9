<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useMedia } from '@/project/media';
import { rateLabel, RATES } from '@/project/rates';

/** Asked before numbered pictures are brought in: they do not say at what rate they are shown. */
const media = useMedia();

const question = computed(() => media.question);
const open = computed({ get: () => question.value !== null, set: (shown) => !shown && question.value?.answer(null) });
const rate = ref('25/1');
const rates = computed(() => (RATES.includes(rate.value) ? RATES : [...RATES, rate.value]));
watch(question, (asked) => asked && (rate.value = media.usualRate()));
</script>

<template>
    <ElDialog v-model="open" title="Numbered pictures" width="440">
        <ul>
            <li v-for="name in question?.sequences" :key="name" dir="auto">{{ name }}</li>
        </ul>
        <p>They become one clip. At how many frames a second?</p>
        <ElSelect v-model="rate" :persistent="false" aria-label="Frames per second" data-sequence-rate>
            <ElOption v-for="one in rates" :key="one" :value="one" :label="`${rateLabel(one)} fps`" />
        </ElSelect>
        <template #footer>
            <ElButton @click="question?.answer(null)">Leave them</ElButton>
            <ElButton type="primary" data-bring-in @click="question?.answer(rate)">Bring them in</ElButton>
        </template>
    </ElDialog>
</template>

<style scoped>
ul {
    margin: 0;
    padding: 0;
    max-height: 140px;
    overflow: auto;
    list-style: none;
}
li {
    overflow: hidden;
    color: var(--quiet);
    text-overflow: ellipsis;
    white-space: nowrap;
}
</style>
