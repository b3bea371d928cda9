<script setup lang="ts">
import { computed } from 'vue';

const props = defineProps<{ value: string; name: string }>();
const emit = defineEmits<{ try: [value: string]; set: [value: string] }>();

/** The colours of the composition's own palette come first. */
const SWATCHES = ['#f3e3c3', '#2f5d50', '#c0392b', '#24557a', '#c9973f', '#1d2430', '#ffffff', '#000000'];

const hex = computed({
    get: () => props.value,
    set: (chosen: string | null) => emit('set', (chosen ?? '#00000000').toLowerCase()),
});

function typed(event: Event): void {
    const text = (event.target as HTMLInputElement).value.trim();
    emit('set', text.startsWith('#') ? text.toLowerCase() : `#${text.toLowerCase()}`);
}
</script>

<template>
    <div class="colour">
        <ElColorPicker
            v-model="hex"
            show-alpha
            color-format="hex"
            :predefine="SWATCHES"
            :aria-label="name"
            @active-change="(colour: string | null) => colour && emit('try', colour.toLowerCase())"
        />
        <input
            :value="value"
            :aria-label="`${name} as hex`"
            spellcheck="false"
            @change="typed"
            @keydown.enter="($event.target as HTMLInputElement).blur()"
        />
    </div>
</template>

<style scoped>
.colour {
    display: flex;
    flex: 1;
    min-width: 0;
    align-items: center;
    gap: 6px;
    height: 26px;
    border-radius: 6px;
    background: var(--field);
    box-shadow: inset 0 0 0 1px var(--hairline);
}
.colour :deep(.el-color-picker) {
    display: flex;
    height: 26px;
}
.colour :deep(.el-color-picker__trigger) {
    width: 26px;
    height: 26px;
    padding: 4px;
    border: 0;
}
.colour :deep(.el-color-picker__color) {
    border-radius: 50%;
    overflow: hidden;
}
.colour :deep(.el-color-picker__icon) {
    display: none;
}
input {
    width: 100%;
    min-width: 0;
    border: 0;
    background: none;
    color: var(--ink);
    font-size: 13px;
    outline: none;
}
</style>
