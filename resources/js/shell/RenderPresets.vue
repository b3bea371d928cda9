<script setup lang="ts">
import { Plus, X } from 'lucide-vue-next';
import { nextTick, ref } from 'vue';
import IconButton from './IconButton.vue';
import { useRenderChoice, type RenderPreset } from './renderChoice';

/** Choices for rendering that the producer keeps at hand under names. */
const choice = useRenderChoice();
const naming = ref(false);
const title = ref('');
const field = ref<HTMLInputElement | null>(null);

const isChosen = (preset: RenderPreset): boolean =>
    preset.name === choice.name &&
    preset.quality === choice.quality &&
    preset.scale === choice.scale &&
    preset.premultiplied === choice.premultiplied;

async function begin(): Promise<void> {
    naming.value = true;
    await nextTick();
    field.value?.focus();
}

function keep(): void {
    if (title.value.trim() !== '') {
        choice.keep(title.value.trim());
    }
    title.value = '';
    naming.value = false;
}
</script>

<template>
    <div class="presets">
        <span v-for="preset in choice.presets" :key="preset.title" class="preset" :class="{ chosen: isChosen(preset) }">
            <button type="button" dir="auto" :data-render-preset="preset.title" @click="choice.take(preset)">
                {{ preset.title }}
            </button>
            <IconButton :icon="X" :size="12" :label="`Forget ${preset.title}`" @click="choice.forget(preset.title)" />
        </span>
        <form v-if="naming" @submit.prevent="keep">
            <input
                ref="field"
                v-model="title"
                class="small-field"
                maxlength="60"
                placeholder="Name of these choices"
                aria-label="Name of these choices"
                data-preset-name
                @keydown.esc.stop="naming = false"
                @blur="keep"
            />
        </form>
        <button v-else type="button" class="keep" data-keep-preset @click="begin">
            <Plus :size="13" aria-hidden="true" />Keep these choices
        </button>
    </div>
</template>

<style scoped>
.presets {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    margin-bottom: 12px;
}
.preset {
    display: flex;
    align-items: center;
    max-width: 100%;
    height: 27px;
    padding-left: 4px;
    border: 1px solid var(--hairline);
    border-radius: 8px;
    background: var(--raised);
}
.chosen {
    border-color: var(--accent);
    background: var(--selected);
}
.preset button:first-child,
.keep {
    overflow: hidden;
    padding: 0 4px;
    border: 0;
    background: none;
    color: var(--ink);
    font: inherit;
    font-size: 13px;
    text-overflow: ellipsis;
    white-space: nowrap;
    cursor: pointer;
}
.preset :deep(.icon-button) {
    width: 22px;
    height: 22px;
}
.keep {
    display: flex;
    align-items: center;
    gap: 4px;
    height: 27px;
    color: var(--second);
}
</style>
