<script setup lang="ts">
import { computed, ref, useTemplateRef, watch } from 'vue';
import { useNaming } from '@/project/naming';

/** Asks what something is to be called; what is suggested is typed over at once. */
const naming = useNaming();
const name = ref('');
const field = useTemplateRef('field');
const asked = computed(() => naming.question);

watch(asked, (question) => (name.value = question?.suggestion ?? name.value));

function answer(): void {
    if (name.value.trim() !== '') {
        asked.value?.answer(name.value.trim());
    }
}
</script>

<template>
    <ElDialog
        :model-value="asked !== null"
        :title="asked?.title"
        width="380"
        @opened="field?.select()"
        @close="asked?.answer(null)"
    >
        <form class="naming" @submit.prevent="answer">
            <input ref="field" v-model="name" class="small-field" aria-label="Name" data-name autofocus />
        </form>
        <template #footer>
            <ElButton @click="asked?.answer(null)">Cancel</ElButton>
            <ElButton type="primary" :disabled="name.trim() === ''" data-named @click="answer">{{
                asked?.done
            }}</ElButton>
        </template>
    </ElDialog>
</template>

<style scoped>
.naming .small-field {
    width: 100%;
}
</style>
