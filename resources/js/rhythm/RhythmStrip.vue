<script setup lang="ts">
import { isBundle } from '@/project/playing';
import { FlipHorizontal2 } from 'lucide-vue-next';
import { computed } from 'vue';
import { useSelection } from '@/project/selection';
import { useTimecode } from '@/project/timecode';
import IconButton from '@/shell/IconButton.vue';
import AccentField from './AccentField.vue';
import PhaseField from './PhaseField.vue';
import { usePhases } from './phases';

/** How the selected layer comes, stays and goes. Its room is kept while none is selected, so that the picture never moves. */
const phases = usePhases();
const selection = useSelection();
const timecode = useTimecode();

const reads = computed(() => {
    const times = phases.life.value?.reads ?? null;
    return times === null ? null : { text: `read ${times} times`, short: times < 2 };
});

function mirror(): void {
    void phases.set('leave', phases.mirrors.value ? null : { mirror: true });
}
</script>

<template>
    <div class="rhythm" role="group" aria-label="Arrive, stay, leave">
        <template v-if="phases.layer.value">
            <PhaseField :key="`arrive ${selection.layers.join()}`" side="arrive" />
            <div class="stay" data-rhythm>
                <span class="what">Stay</span>
                <span v-if="phases.life.value" class="length">{{ timecode.label(phases.life.value.stay) }}</span>
                <span
                    v-if="reads"
                    class="reads"
                    :class="{ short: reads.short }"
                    :title="
                        reads.short
                            ? 'Words are to be seen long enough to be read twice'
                            : 'How often the words can be read through'
                    "
                    data-reads
                    >{{ reads.text }}</span
                >
                <AccentField :key="selection.layers.join()" />
            </div>
            <IconButton
                :icon="FlipHorizontal2"
                :size="15"
                :pressed="phases.mirrors.value"
                :disabled="!phases.phase('arrive') && !phases.mirrors.value && !isBundle(phases.layer.value)"
                :label="
                    phases.mirrors.value ? 'Do not mirror the arrival' : 'Mirror to leave: as it arrives, backwards'
                "
                data-mirror
                @click="mirror"
            />
            <PhaseField :key="`leave ${selection.layers.join()}`" side="leave" />
        </template>
        <span v-else-if="selection.layers.length > 0" class="hint" data-no-rhythm
            >What shows nothing itself neither arrives nor leaves.</span
        >
        <span v-else class="hint">Select a layer to see how it arrives, stays and leaves.</span>
    </div>
</template>

<style scoped>
.rhythm {
    display: flex;
    align-items: center;
    gap: 8px;
    flex: none;
    height: 36px;
    padding: 0 14px;
    border-top: 1px solid var(--hairline);
    background: var(--surface);
    font-size: 12.5px;
}
.stay {
    display: flex;
    flex: 1;
    justify-content: center;
    align-items: center;
    gap: 10px;
    min-width: 0;
    height: 22px;
    border-inline: 1px solid var(--hairline);
    white-space: nowrap;
    overflow: hidden;
}
.hint,
.what {
    color: var(--quiet);
}
.length {
    font-variant-numeric: tabular-nums;
}
.reads {
    color: color-mix(in srgb, var(--good) 78%, var(--ink));
}
.reads.short {
    color: var(--warning-ink, var(--accent));
}
</style>
