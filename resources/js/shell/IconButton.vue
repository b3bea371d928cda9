<script setup lang="ts">
import { ref, type Component } from 'vue';

defineOptions({ inheritAttrs: false });

/** An icon, or what is put into it, with its name as a tooltip. */
defineProps<{ icon?: Component; label: string; pressed?: boolean; disabled?: boolean; size?: number }>();

/** Once it is pressed its name has been read, and would lie over what it opened. */
const pressedJustNow = ref(false);
</script>

<template>
    <ElTooltip :content="label" :show-after="500" :hide-after="0" :enterable="false" :disabled="pressedJustNow">
        <button
            type="button"
            v-bind="$attrs"
            class="icon-button"
            :class="{ pressed }"
            :aria-label="label"
            :aria-pressed="pressed"
            :disabled="disabled"
            @click="pressedJustNow = true"
            @pointerleave="pressedJustNow = false"
        >
            <slot><component :is="icon" :size="size ?? 17" :stroke-width="1.75" aria-hidden="true" /></slot>
        </button>
    </ElTooltip>
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
