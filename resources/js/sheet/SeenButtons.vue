<script setup lang="ts">
import { ArrowLeftToLine, ArrowRightToLine } from 'lucide-vue-next';
import { usePlayhead } from '@/project/playhead';
import { useSeen } from '@/project/seen';
import IconButton from '@/shell/IconButton.vue';

/** To both ends of the time in which what is selected is seen. */
const playhead = usePlayhead();
const seen = useSeen();
</script>

<template>
    <span v-if="seen" class="seen">
        <IconButton
            :icon="ArrowLeftToLine"
            :size="15"
            label="To its first visible frame (Shift+Home)"
            @click="playhead.go(seen[0])"
        />
        <IconButton
            :icon="ArrowRightToLine"
            :size="15"
            label="To its last visible frame (Shift+End)"
            @click="playhead.go(seen[1])"
        />
    </span>
</template>

<style scoped>
.seen {
    display: inline-flex;
    gap: 2px;
}
.seen :deep(.icon-button) {
    width: 26px;
    height: 24px;
}
</style>
