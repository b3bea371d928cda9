<script setup lang="ts">
import { onBeforeUnmount, ref, watch } from 'vue';
import { hint } from './hint';

/** Says what a button does after the pointer has rested on it for a while. */
const AFTER = 500;

const shown = ref(false);
const said = ref<{ target: HTMLElement; label: string } | null>(null);
let waiting: ReturnType<typeof setTimeout> | undefined;

watch(hint, (wanted) => {
    clearTimeout(waiting);
    shown.value = false;
    if (wanted) {
        waiting = setTimeout(() => {
            said.value = wanted;
            // What has gone in the meantime has nothing to be said of it.
            shown.value = wanted.target.isConnected;
        }, AFTER);
    }
});
onBeforeUnmount(() => clearTimeout(waiting));
</script>

<template>
    <ElTooltip
        v-if="said"
        :key="said.label"
        :visible="shown"
        :content="said.label"
        virtual-triggering
        :virtual-ref="said.target"
        :enterable="false"
    />
</template>
