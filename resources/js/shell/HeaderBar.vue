<script setup lang="ts">
import { Clapperboard, Moon, Redo2, Sun, Undo2 } from 'lucide-vue-next';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { useComposition } from '@/project/composition';
import { usePreferences } from '@/project/preferences';
import { useRemoving } from '@/project/removing';
import IconButton from './IconButton.vue';

const emit = defineEmits<{ render: []; compose: []; projects: [] }>();

const composition = useComposition();
const preferences = usePreferences();
const router = useRouter();
const { take } = useRemoving();

const saved = computed(
    () =>
        ({ saved: 'All changes kept', saving: 'Keeping…', unsaved: 'Not kept: the server does not answer' })[
            composition.saved
        ],
);

async function removeThis(): Promise<void> {
    const { id, document } = composition;
    const removed = await take<{ next: number }>({ kind: 'composition', id }, document?.name ?? '', () =>
        composition.refreshSiblings(),
    );
    if (removed) {
        await router.push(`/compositions/${removed.next}`);
    }
}

function choose(command: number | string): void {
    if (command === 'new') {
        emit('compose');
    } else if (command === 'remove') {
        void removeThis();
    } else {
        void router.push(`/compositions/${command}`);
    }
}
</script>

<template>
    <header>
        <svg class="mark" viewBox="0 0 28 28" aria-hidden="true">
            <path d="M4 20C9 20 9 8 14 8s5 12 10 12" />
            <circle cx="4" cy="20" r="2.6" />
            <circle cx="14" cy="8" r="2.6" />
            <circle cx="24" cy="20" r="2.6" />
        </svg>
        <b class="ricamo">Ricamo</b>
        <button
            type="button"
            class="crumb project"
            dir="auto"
            :title="composition.project.name"
            @click="emit('projects')"
        >
            {{ composition.project.name }}
        </button>
        <span class="sep" aria-hidden="true">▸</span>
        <ElDropdown trigger="click" class="crumb-drop" @command="choose">
            <button type="button" class="crumb strong" dir="auto" :title="composition.shown?.name" data-compositions>
                {{ composition.shown?.name }}
            </button>
            <template #dropdown>
                <ElDropdownMenu>
                    <ElDropdownItem v-for="one in composition.siblings" :key="one.id" :command="one.id">{{
                        one.name
                    }}</ElDropdownItem>
                    <ElDropdownItem divided command="new" data-new-composition>New composition…</ElDropdownItem>
                    <ElDropdownItem command="remove" :disabled="composition.siblings.length < 2" data-remove-composition
                        >Remove this composition</ElDropdownItem
                    >
                </ElDropdownMenu>
            </template>
        </ElDropdown>
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
        <IconButton
            :icon="preferences.evening ? Sun : Moon"
            :label="preferences.evening ? 'Linen, the light theme' : 'Evening, the dark theme'"
            @click="preferences.evening = !preferences.evening"
        />
        <ElButton type="primary" class="render" data-render @click="emit('render')"
            ><Clapperboard :size="16" style="margin-right: 7px" />Render</ElButton
        >
    </header>
</template>

<style scoped>
header {
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
.strong {
    max-width: 320px;
    color: var(--ink);
    font-weight: 600;
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
