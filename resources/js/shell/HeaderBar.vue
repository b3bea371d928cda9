<script setup lang="ts">
import { BookOpen, Clapperboard, Keyboard, Moon, Redo2, Sun, Undo2 } from 'lucide-vue-next';
import { computed } from 'vue';
import { useComposition } from '@/project/composition';
import { usePreferences } from '@/project/preferences';
import { useProject } from '@/project/project';
import { useWithin } from '@/project/within';
import CompositionSwitcher from './CompositionSwitcher.vue';
import { useGuide } from './guide';
import HistoryMenu from './HistoryMenu.vue';
import IconButton from './IconButton.vue';

const switching = defineModel<boolean>('switching', { default: false });
const emit = defineEmits<{ render: []; compose: []; projects: []; keys: [] }>();

const composition = useComposition();
const preferences = usePreferences();
const project = useProject();
const within = useWithin();
const guide = useGuide();

const saved = computed(
    () =>
        ({ saved: 'All changes kept', saving: 'Keeping…', unsaved: 'Not kept: the server does not answer' })[
            composition.saved
        ],
);
</script>

<template>
    <nav aria-label="Project">
        <svg class="mark" viewBox="0 0 28 28" aria-hidden="true">
            <path d="M4 20C9 20 9 8 14 8s5 12 10 12" />
            <circle cx="4" cy="20" r="2.6" />
            <circle cx="14" cy="8" r="2.6" />
            <circle cx="24" cy="20" r="2.6" />
        </svg>
        <h1 class="ricamo">Ricamo</h1>
        <button type="button" class="crumb project" dir="auto" :title="project.name" @click="emit('projects')">
            {{ project.name }}
        </button>
        <span class="sep" aria-hidden="true">▸</span>
        <template v-for="(one, index) in within.outer" :key="one.id">
            <button
                type="button"
                class="crumb"
                dir="auto"
                :title="`Back to ${one.name} (Esc)`"
                data-way-back
                @click="within.leave(index)"
            >
                {{ one.name }}
            </button>
            <span class="sep" aria-hidden="true">▸</span>
        </template>
        <CompositionSwitcher v-model="switching" @compose="emit('compose')" />
        <span class="saved" :class="composition.saved" role="status">{{ saved }}</span>
        <span class="space" />
        <IconButton
            :icon="Undo2"
            :disabled="!composition.history.undo"
            data-undo
            :label="composition.history.undo ? `Undo ${composition.history.undo} (Ctrl+Z)` : 'Nothing to undo'"
            @click="composition.undo()"
        />
        <IconButton
            :icon="Redo2"
            :disabled="!composition.history.redo"
            data-redo
            :label="composition.history.redo ? `Redo ${composition.history.redo} (Ctrl+Shift+Z)` : 'Nothing to redo'"
            @click="composition.redo()"
        />
        <HistoryMenu />
        <IconButton :icon="BookOpen" label="Guide (F1)" data-open-guide @click="guide.show()" />
        <IconButton :icon="Keyboard" label="Keys (?)" data-keys @click="emit('keys')" />
        <IconButton
            :icon="preferences.evening ? Sun : Moon"
            :label="preferences.evening ? 'Linen, the light theme' : 'Evening, the dark theme'"
            @click="preferences.evening = !preferences.evening"
        />
        <ElButton type="primary" class="render" data-render @click="emit('render')"
            ><Clapperboard :size="16" style="margin-right: 7px" />Render</ElButton
        >
    </nav>
</template>

<style scoped>
nav {
    display: flex;
    align-items: center;
    gap: 6px;
    height: 48px;
    flex: none;
    padding: 0 10px 0 14px;
    background: var(--raised);
    border-bottom: 1px solid var(--hairline);
}
.mark {
    width: 24px;
    height: 24px;
    flex: none;
}
.mark path {
    fill: none;
    stroke: var(--second);
    stroke-width: 2;
}
.mark circle {
    fill: var(--accent);
}
.ricamo {
    margin: 0;
    margin-right: 14px;
    font-size: 16px;
    font-weight: 650;
    letter-spacing: -0.01em;
}
.crumb {
    max-width: 240px;
    overflow: hidden;
    padding: 4px 7px;
    border: 0;
    border-radius: 7px;
    background: none;
    color: var(--quiet);
    font-size: 13px;
    text-overflow: ellipsis;
    white-space: nowrap;
    cursor: pointer;
}
.crumb:hover {
    background: var(--hover);
}
.sep {
    color: var(--quiet);
    font-size: 11px;
}
.saved {
    margin-left: 10px;
    color: var(--quiet);
    font-size: 12px;
    white-space: nowrap;
}
.saved.unsaved {
    color: var(--accent);
}
.space {
    flex: 1;
}
.render {
    margin-left: 8px;
}
</style>
