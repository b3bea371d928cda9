<script setup lang="ts">
/** What is offered, which is scrolled, and beneath it what was chosen, which stays in sight. */
defineProps<{ hint?: string | null; problem: string | null }>();
</script>

<template>
    <div>
        <div class="offered"><slot /></div>
        <div class="placed"><slot name="placed" /></div>
        <p v-if="hint" class="hint">{{ hint }}</p>
        <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    </div>
</template>

<style scoped>
.offered {
    flex: 1;
    min-height: 80px;
    overflow-y: auto;
    scrollbar-width: thin;
}
.placed {
    flex: none;
    max-height: 50%;
    overflow-y: auto;
    scrollbar-width: thin;
}
.hint {
    flex: none;
    margin: 8px 0 0;
    color: var(--quiet);
    font-size: 12px;
}
.problem {
    flex: none;
    margin: 4px 0 0;
    color: var(--accent);
    font-size: 12px;
}
</style>
