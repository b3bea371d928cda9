<script setup lang="ts">
import { ArrowLeftRight, Bookmark, Clapperboard, Library, Package, Search, Shapes, Type, X } from 'lucide-vue-next';
import { computed } from 'vue';
import IconButton from '@/shell/IconButton.vue';
import { DRAWERS, useKit } from './kit';
import BundlesDrawer from './BundlesDrawer.vue';
import KeptDrawer from './KeptDrawer.vue';
import MediaDrawer from './MediaDrawer.vue';
import SamplesDrawer from './SamplesDrawer.vue';
import ShapesDrawer from './ShapesDrawer.vue';
import TransitionsDrawer from './TransitionsDrawer.vue';
import WordsDrawer from './WordsDrawer.vue';

const KINDS = {
    media: { title: 'Media', icon: Clapperboard, drawer: MediaDrawer },
    words: { title: 'Words', icon: Type, drawer: WordsDrawer },
    shapes: { title: 'Shapes', icon: Shapes, drawer: ShapesDrawer },
    bundles: { title: 'Bundles', icon: Package, drawer: BundlesDrawer },
    transitions: { title: 'Transitions', icon: ArrowLeftRight, drawer: TransitionsDrawer },
    looks: { title: 'Kept', icon: Bookmark, drawer: KeptDrawer },
    shelf: { title: 'Samples', icon: Library, drawer: SamplesDrawer },
};

const kit = useKit();

function leave(event: KeyboardEvent): void {
    if (kit.search) {
        kit.search = '';
    } else {
        (event.target as HTMLElement).blur();
    }
}

/** A search goes through all drawers. */
const open = computed(() => (kit.search.trim() ? DRAWERS : [kit.drawer]));
</script>

<template>
    <div class="kit">
        <div class="search">
            <Search :size="14" aria-hidden="true" />
            <input
                v-model="kit.search"
                type="search"
                placeholder="Find in the Kit"
                aria-label="Find in the Kit"
                data-kit-search
                @keydown.esc="leave"
            />
            <IconButton v-if="kit.search" :icon="X" :size="13" label="Show all" @click="kit.search = ''" />
        </div>
        <nav class="drawers" role="tablist" aria-label="Drawers of the Kit">
            <button
                v-for="name in DRAWERS"
                :key="name"
                type="button"
                role="tab"
                :aria-selected="!kit.search && kit.drawer === name"
                :data-drawer="name"
                @click="
                    kit.drawer = name;
                    kit.search = '';
                "
            >
                <component :is="KINDS[name].icon" :size="15" :stroke-width="1.75" aria-hidden="true" />{{
                    KINDS[name].title
                }}
            </button>
        </nav>
        <div class="open">
            <section v-for="name in open" :key="name" :class="{ found: open.length > 1 }">
                <h2 v-if="open.length > 1">{{ KINDS[name].title }}</h2>
                <component :is="KINDS[name].drawer" />
            </section>
        </div>
    </div>
</template>

<style scoped>
.kit {
    display: flex;
    flex-direction: column;
    height: 100%;
}
.search {
    display: flex;
    align-items: center;
    gap: 7px;
    height: 34px;
    flex: none;
    margin: 8px 12px 4px;
    padding: 0 4px 0 10px;
    border: 1px solid var(--hairline);
    border-radius: 8px;
    background: var(--field);
    color: var(--quiet);
}
.search:focus-within {
    border-color: var(--accent);
}
.search input {
    flex: 1;
    min-width: 0;
    border: 0;
    outline: 0;
    background: none;
    color: var(--ink);
    font: inherit;
    font-size: 13px;
}
.search input::-webkit-search-cancel-button {
    display: none;
}
.search :deep(.icon-button) {
    width: 24px;
    height: 24px;
}
.drawers {
    display: flex;
    flex: none;
    padding: 2px 6px 6px;
}
.drawers button {
    display: flex;
    flex: 1;
    flex-direction: column;
    align-items: center;
    justify-content: center;
    gap: 3px;
    height: 42px;
    padding: 0 3px;
    border: 0;
    border-radius: 7px;
    background: none;
    color: var(--quiet);
    font-size: 10.75px;
    cursor: pointer;
}
.drawers button:hover {
    background: var(--hover);
}
.drawers button[aria-selected='true'] {
    background: var(--selected);
    color: var(--ink);
}
.open {
    flex: 1;
    min-height: 0;
    padding: 0 12px 8px;
    overflow-y: auto;
    scrollbar-width: thin;
}
h2 {
    margin: 6px 6px 4px;
    color: var(--quiet);
    font-size: 12px;
    font-weight: 500;
}
.found:not(:has(.item:not([hidden]), .upload)) {
    display: none;
}
</style>
