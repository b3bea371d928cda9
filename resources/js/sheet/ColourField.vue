<script setup lang="ts">
import { ref } from 'vue';

/** A colour: tried while it is being picked, kept when the picker is closed, given up with Escape. */
const props = defineProps<{ value: string; name: string }>();
const emit = defineEmits<{ try: [value: string]; set: [value: string]; abandon: [] }>();

/** The colours of the demo's palette, and the two that every job needs. */
const SWATCHES = ['#f3e3c3', '#2f5d50', '#c0392b', '#24557a', '#c9973f', '#1d2430', '#ffffff', '#000000'];
const CLEAR = '#00000000';

const open = ref(false);
const panel = ref<{ update: () => void } | null>(null);
/** What has been picked so far; null while nothing was. */
const picked = ref<string | null>(null);
const before = ref('');

function begin(): void {
    before.value = props.value;
    picked.value = null;
}

function pick(colour: string | null): void {
    const chosen = (colour ?? CLEAR).toLowerCase().replace(/^(#.{6})ff$/, '$1');
    if (open.value && chosen !== (picked.value ?? before.value)) {
        picked.value = chosen;
        emit('try', chosen);
    }
}

function keep(): void {
    const chosen = picked.value;
    picked.value = null;
    if (chosen !== null && chosen !== before.value) {
        emit('set', chosen);
    }
}

function giveUp(): void {
    picked.value = null;
    open.value = false;
    emit('abandon');
}

function typed(event: Event): void {
    const text = (event.target as HTMLInputElement).value.trim().toLowerCase();
    emit('set', text.startsWith('#') ? text : `#${text}`);
}
</script>

<template>
    <div class="colour">
        <ElPopover
            v-model:visible="open"
            trigger="click"
            width="auto"
            placement="bottom-start"
            @before-enter="begin"
            @show="panel?.update()"
            @hide="keep"
        >
            <template #reference>
                <button type="button" class="swatch" :aria-label="`Pick ${name.toLowerCase()}`" data-pick>
                    <i :style="{ background: picked ?? value }" />
                </button>
            </template>
            <div data-picker @keydown.esc.stop.prevent="giveUp">
                <ElColorPickerPanel
                    ref="panel"
                    :model-value="picked ?? value"
                    show-alpha
                    color-format="hex"
                    :predefine="SWATCHES"
                    :border="false"
                    @update:model-value="pick"
                />
                <button type="button" class="clear" @click="pick(CLEAR)">No colour</button>
            </div>
        </ElPopover>
        <input
            :value="value"
            :placeholder="value === '' ? 'mixed' : ''"
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
    height: 22px;
    border-radius: 6px;
    background: var(--field);
    box-shadow: inset 0 0 0 1px var(--hairline);
}
.swatch {
    display: grid;
    place-items: center;
    width: 28px;
    height: 22px;
    flex: none;
    padding: 0;
    border: 0;
    background: none;
    cursor: pointer;
}
.swatch::before {
    content: '';
    grid-area: 1 / 1;
    width: 18px;
    height: 18px;
    border-radius: 50%;
    background: repeating-conic-gradient(#b9b2a4 0 25%, #fff 0 50%) 0 0 / 9px 9px;
}
.swatch i {
    grid-area: 1 / 1;
    width: 18px;
    height: 18px;
    border-radius: 50%;
    box-shadow: inset 0 0 0 1px #2a223055;
    z-index: 1;
}
.clear {
    margin: 0 12px 2px;
    padding: 4px 6px;
    border: 0;
    border-radius: 6px;
    background: none;
    color: var(--second);
    font-size: 12px;
    cursor: pointer;
}
.clear:hover {
    background: var(--hover);
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
