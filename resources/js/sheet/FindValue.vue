<script setup lang="ts">
import { Search } from 'lucide-vue-next';
import IconButton from '@/shell/IconButton.vue';
import { useFinding } from './finding';

/** Finds a value by its name, or shows only what is animated. */
const finding = useFinding();

function leave(event: KeyboardEvent): void {
    if (finding.text) {
        finding.text = '';
    } else {
        (event.target as HTMLElement).blur();
    }
}
</script>

<template>
    <div class="find">
        <Search :size="13" aria-hidden="true" />
        <input
            v-model="finding.text"
            type="search"
            placeholder="Find a value"
            aria-label="Find a value"
            data-find-value
            @keydown.esc="leave"
        />
        <IconButton
            :pressed="finding.animatedOnly"
            label="Only what is animated"
            data-animated-only
            @click="finding.animatedOnly = !finding.animatedOnly"
            ><i class="bead" :class="{ on: finding.animatedOnly }"
        /></IconButton>
    </div>
</template>

<style scoped>
.find {
    display: flex;
    align-items: center;
    gap: 7px;
    height: 30px;
    padding: 0 8px 0 16px;
    border-top: 1px solid var(--hairline);
    color: var(--quiet);
}
input {
    flex: 1;
    min-width: 0;
    border: 0;
    outline: 0;
    background: none;
    color: var(--ink);
    font: inherit;
    font-size: 12.5px;
}
input::-webkit-search-cancel-button {
    display: none;
}
.find :deep(.icon-button) {
    width: 24px;
    height: 24px;
}
.bead {
    width: 10px;
    height: 10px;
    border: 1.75px solid currentcolor;
    border-radius: 50%;
}
.on {
    background: currentcolor;
}
</style>
