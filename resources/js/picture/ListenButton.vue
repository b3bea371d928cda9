<script setup lang="ts">
import { Volume1, Volume2, VolumeX } from 'lucide-vue-next';
import { computed } from 'vue';
import IconButton from '@/shell/IconButton.vue';
import { useListening } from './listening';

/** How loud this window plays: a click silences it, a slider opens beneath the pointer. */
const listening = useListening();
const icon = computed(() => {
    if (listening.volume === 0) {
        return VolumeX;
    }
    return listening.volume < 0.5 ? Volume1 : Volume2;
});
const says = computed(() =>
    listening.silent ? 'Listen again' : `Listening at ${listening.level} %; click for silence, in this window only`,
);
</script>

<template>
    <ElPopover :persistent="false" trigger="hover" placement="top" :width="190" :show-after="250" :hide-after="150">
        <template #reference>
            <span>
                <IconButton
                    :icon="icon"
                    :label="says"
                    :pressed="listening.silent"
                    data-listening
                    @click="listening.silent = !listening.silent"
                />
            </span>
        </template>
        <ElSlider
            v-model="listening.level"
            size="small"
            aria-label="Listening level"
            :disabled="listening.silent"
            :format-tooltip="(level: number) => `${level} %`"
        />
        <p>In this window only; renders keep their level.</p>
    </ElPopover>
</template>

<style scoped>
p {
    margin: 2px 0 0;
    color: var(--quiet);
    font-size: 12px;
    text-align: left;
}
</style>
