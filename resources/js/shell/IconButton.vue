<script setup lang="ts">
import { onBeforeUnmount, ref, type Component } from 'vue';
import { hint } from './hint';

/** An icon, or what is put into it, with its name as a tooltip. */
const props = defineProps<{ icon?: Component; label: string; pressed?: boolean; disabled?: boolean; size?: number }>();

const button = ref<HTMLButtonElement | null>(null);

function say(): void {
    hint.value = { target: button.value!, label: props.label };
}

/** Once it is pressed its name has been read, and would lie over what it opened. */
function hush(): void {
    if (hint.value?.target === button.value) {
        hint.value = null;
    }
}

onBeforeUnmount(hush);
</script>

<template>
    <button
        ref="button"
        type="button"
        class="icon-button"
        :class="{ pressed }"
        :aria-label="label"
        :aria-pressed="pressed"
        :disabled="disabled"
        @click="hush"
        @pointerenter="say"
        @pointerleave="hush"
        @focus="button?.matches(':focus-visible') && say()"
        @blur="hush"
    >
        <slot><component :is="icon" :size="size ?? 17" :stroke-width="1.75" aria-hidden="true" /></slot>
    </button>
</template>

<style scoped>
.icon-button {
    display: inline-flex;
    align-items: center;
    justify-content: center;
    width: 30px;
    height: 30px;
    flex: none;
    padding: 0;
    border: 0;
    border-radius: 8px;
    background: transparent;
    color: var(--ink);
    cursor: pointer;
}
.icon-button:hover:not(:disabled) {
    background: var(--hover);
}
.icon-button:disabled {
    color: var(--quiet);
    opacity: 0.45;
    cursor: default;
}
.pressed {
    color: var(--accent);
}
</style>
