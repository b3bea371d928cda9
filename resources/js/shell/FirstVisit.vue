<script setup lang="ts">
import { X } from 'lucide-vue-next';
import { computed } from 'vue';
import { useComposition } from '@/project/composition';
import { usePreferences } from '@/project/preferences';
import IconButton from './IconButton.vue';

const composition = useComposition();
const preferences = usePreferences();
/** There is nothing to try them on before there is a layer; an empty picture says itself what to begin with. */
const isShown = computed(() => !preferences.welcomed && !!composition.document?.layers?.length);
</script>

<template>
    <aside v-if="isShown" aria-label="Three things to try">
        <div class="head">
            <b>Three things to try</b
            ><IconButton :icon="X" :size="15" label="Dismiss" @click="preferences.welcomed = true" />
        </div>
        <ol>
            <li>Press Space to play, and again to stop.</li>
            <li>Drag something in the picture. Beside the pointer it says what that changes.</li>
            <li>Right-click a bead in the timeline to change the easing.</li>
        </ol>
    </aside>
</template>

<style scoped>
aside {
    position: absolute;
    right: 14px;
    top: 14px;
    width: 292px;
    padding: 6px 8px 12px 16px;
    border-radius: 12px;
    background: var(--raised);
    box-shadow: 0 6px 28px #2a223040;
    z-index: 6;
}
.head {
    display: flex;
    align-items: center;
    justify-content: space-between;
}
ol {
    margin: 2px 0 0;
    padding-left: 18px;
    color: var(--quiet);
}
li {
    margin: 4px 0;
}
</style>
