<script setup lang="ts">
import { Glasses } from 'lucide-vue-next';
import { computed } from 'vue';
import { useComposition } from '@/project/composition';
import IconButton from '@/shell/IconButton.vue';
import { GRIDS, useViewSettings } from './viewSettings';

/** What is shown over the picture, or instead of it, while working. */
const composition = useComposition();
const looking = useViewSettings();

const hasReference = computed(() => composition.layers.some((layer) => layer.reference));
const WAYS = { off: 'Hidden', beside: 'Beside', over: 'Over it', wipe: 'Wipe' } as const;
</script>

<template>
    <ElPopover :persistent="false" trigger="click" placement="top-end" :width="286" :hide-after="0">
        <template #reference>
            <span><IconButton :icon="Glasses" label="View options" data-look /></span>
        </template>
        <div class="look" data-look-menu>
            <ElCheckbox v-model="looking.safe" label="Safe areas" />
            <ElCheckbox v-model="looking.rulers" label="Rulers, to pull guides from" />
            <div class="pair">
                <ElCheckbox v-model="looking.grid" label="Grid" />
                <select v-model.number="looking.spacing" class="choice-field" aria-label="Grid spacing">
                    <option v-for="each in GRIDS" :key="each" :value="each">{{ each }} px</option>
                </select>
            </div>
            <ElCheckbox v-model="looking.blur" label="Motion blur" />
            <ElCheckbox v-model="looking.surroundings" label="What lies around an open bundle" />
            <ElCheckbox v-model="looking.alphaAlone" label="Alpha alone" />
            <button
                v-if="(composition.shown?.guides ?? []).length > 0"
                type="button"
                class="text"
                @click="composition.edit('set-guides', { guides: [] })"
            >
                Remove all guides
            </button>
            <hr />
            <p class="title">Reference</p>
            <template v-if="hasReference">
                <ElRadioGroup v-model="looking.reference" size="small" aria-label="Reference">
                    <ElRadioButton v-for="(text, way) in WAYS" :key="way" :value="way">{{ text }}</ElRadioButton>
                </ElRadioGroup>
                <ElSlider
                    v-if="looking.reference === 'over' || looking.reference === 'wipe'"
                    v-model="looking.strength"
                    size="small"
                    :aria-label="looking.reference === 'over' ? 'Strength' : 'Where the wipe is'"
                />
            </template>
            <p v-else class="hint">Use a clip as reference from its menu in the timeline; it is never rendered.</p>
        </div>
    </ElPopover>
</template>

<style scoped>
.look {
    display: flex;
    flex-direction: column;
    gap: 2px;
}
.pair {
    display: flex;
    align-items: center;
    justify-content: space-between;
}
select {
    width: auto;
}
hr {
    width: 100%;
    margin: 8px 0;
    border: 0;
    border-top: 1px solid var(--hairline);
}
.title {
    margin: 0 0 6px;
    font-weight: 600;
}
.hint {
    margin: 0;
    color: var(--quiet);
    font-size: 12px;
    line-height: 1.45;
    text-align: left;
}
.text {
    align-self: flex-start;
    padding: 4px 0;
    border: 0;
    background: none;
    color: var(--second);
    font: inherit;
    font-size: 12.5px;
    text-decoration: underline;
    cursor: pointer;
}
</style>
