<script setup lang="ts">
import { computed } from 'vue';
import { useGuide } from './guide';
import { PAGES } from './guidePages';

/** The guide beside the picture: its pages by name, and the one that is open. */
const guide = useGuide();
const isOpen = computed({
    get: () => guide.open !== null,
    set: (open) => (guide.open = open ? guide.open : null),
});
const page = computed(() => PAGES.find(({ name }) => name === guide.open));
</script>

<template>
    <ElDrawer v-model="isOpen" title="Guide" size="560px" :modal="false" modal-penetrable class="guide">
        <div v-if="page" class="guide-body" data-guide-panel>
            <nav aria-label="Pages of the guide">
                <button
                    v-for="one in PAGES"
                    :key="one.name"
                    type="button"
                    :aria-current="one.name === guide.open ? 'page' : undefined"
                    :data-guide-page="one.name"
                    @click="guide.show(one.name)"
                >
                    {{ one.title }}
                </button>
            </nav>
            <!-- Our own pages, which ship with the application. -->
            <!-- eslint-disable-next-line vue/no-v-html -->
            <article :key="page.name" tabindex="0" v-html="page.html" />
        </div>
    </ElDrawer>
</template>

<style scoped>
.guide-body {
    display: grid;
    grid-template-columns: 132px minmax(0, 1fr);
    gap: 18px;
    height: 100%;
}
nav {
    display: flex;
    flex-direction: column;
    gap: 2px;
}
nav button {
    padding: 5px 8px;
    border: 0;
    border-radius: 7px;
    background: none;
    color: var(--quiet);
    font: inherit;
    font-size: 12.5px;
    line-height: 1.3;
    text-align: left;
    cursor: pointer;
}
nav button:hover {
    background: var(--hover);
}
nav button[aria-current] {
    background: var(--selected);
    color: var(--ink);
}
article {
    min-height: 0;
    overflow-y: auto;
    font-size: 13.5px;
    line-height: 1.55;
    outline: none;
    scrollbar-width: thin;
}
article :deep(h2) {
    margin: 0 0 10px;
    font-size: 19px;
    font-weight: 650;
}
article :deep(img) {
    width: 100%;
    border-radius: 8px;
    box-shadow: 0 0 0 1px var(--hairline);
}
article :deep(ol),
article :deep(ul) {
    padding-left: 20px;
}
article :deep(li) {
    margin: 5px 0;
}
article :deep(code) {
    padding: 1px 4px;
    border-radius: 4px;
    background: var(--hover);
}
</style>
