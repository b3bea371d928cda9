<script setup lang="ts">
import { Download, FolderInput, HardDrive, Trash2 } from 'lucide-vue-next';
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import type { Named } from '@/api/answers';
import { get, post } from '@/api/client';
import { useProject } from '@/project/project';
import { useRemoving } from '@/project/removing';
import IconButton from './IconButton.vue';
import { useOpening } from './opening';

interface Project extends Named {
    compositions: Named[];
}

const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ room: [] }>();
const current = useProject();
const router = useRouter();
const { take } = useRemoving();
const opening = useOpening();
const projects = ref<Project[]>([]);
const name = ref('');
const problem = ref<string | null>(null);
const chooser = ref<HTMLInputElement | null>(null);

async function load(): Promise<void> {
    try {
        projects.value = (await get<{ projects: Project[] }>('/projects')).projects;
        problem.value = null;
    } catch (error) {
        problem.value = (error as Error).message;
    }
}

function go(id: number): void {
    open.value = false;
    void router.push(`/compositions/${id}`);
}

async function make(): Promise<void> {
    try {
        const made = await post<{ composition: number }>('/projects', { name: name.value });
        name.value = '';
        go(made.composition);
    } catch (error) {
        problem.value = (error as Error).message;
    }
}

/** The answer is a file to keep, so the page stays. */
function getOut(id: number, ending: string): void {
    location.assign(`/api/projects/${id}/export.${ending}`);
}

async function removeProject(project: Project): Promise<void> {
    const removed = await take({ kind: 'project', id: project.id }, project.name, load);
    if (removed && project.id === current.id) {
        const next = projects.value[0]?.compositions[0];
        if (next) {
            void router.push(`/compositions/${next.id}`);
        } else {
            location.assign('/');
        }
    }
}

async function bringIn(): Promise<void> {
    const file = chooser.value?.files?.[0];
    if (chooser.value && file) {
        chooser.value.value = '';
        const made = await opening.open(file);
        if (made !== null) {
            go(made);
        }
    }
}

function room(): void {
    open.value = false;
    emit('room');
}
</script>

<template>
    <ElDialog v-model="open" title="Projects" width="500" @open="load">
        <ul>
            <li v-for="project in projects" :key="project.id" class="project">
                <div class="head">
                    <b dir="auto" :title="project.name">{{ project.name }}</b>
                    <ElDropdown
                        :persistent="false"
                        trigger="click"
                        @command="(ending: string) => getOut(project.id, ending)"
                    >
                        <button
                            type="button"
                            class="get"
                            :aria-label="`Get ${project.name} out as a file`"
                            title="Export as a file"
                            data-export
                        >
                            <Download :size="15" :stroke-width="1.75" aria-hidden="true" />
                        </button>
                        <template #dropdown>
                            <ElDropdownMenu>
                                <ElDropdownItem command="ricamo">With its media (.ricamo)</ElDropdownItem>
                                <ElDropdownItem command="json">Only the document (.json)</ElDropdownItem>
                            </ElDropdownMenu>
                        </template>
                    </ElDropdown>
                    <IconButton
                        :icon="Trash2"
                        :size="15"
                        :label="`Remove ${project.name}`"
                        @click="removeProject(project)"
                    />
                </div>
                <button
                    v-for="one in project.compositions"
                    :key="one.id"
                    type="button"
                    class="composition"
                    dir="auto"
                    @click="go(one.id)"
                >
                    {{ one.name }}
                </button>
            </li>
        </ul>
        <p v-if="projects.length === 0 && !problem" class="empty">There is no project.</p>
        <p v-if="problem || opening.problem" class="problem" role="alert">{{ problem ?? opening.problem }}</p>
        <form class="new" @submit.prevent="make">
            <ElInput v-model="name" placeholder="Name of a new project" aria-label="Name of a new project" />
            <ElButton native-type="submit" type="primary" :disabled="!name.trim()">Make project</ElButton>
        </form>
        <div class="foot">
            <input ref="chooser" type="file" accept=".ricamo,.json" hidden data-open-project @change="bringIn" />
            <ElButton text :loading="opening.part !== null" @click="chooser?.click()">
                <FolderInput :size="15" class="icon" />{{ opening.says }}
            </ElButton>
            <ElButton v-if="opening.part !== null" text @click="opening.cancel()">Cancel</ElButton>
            <ElButton text data-room @click="room"><HardDrive :size="15" class="icon" />Room on the disk…</ElButton>
        </div>
    </ElDialog>
</template>

<style scoped>
ul {
    max-height: 50vh;
    margin: 0 0 16px;
    padding: 0;
    overflow-y: auto;
    list-style: none;
}
.project {
    padding: 6px 0 8px;
    border-bottom: 1px solid var(--hairline);
}
.head {
    display: flex;
    align-items: center;
    gap: 2px;
}
b {
    flex: 1;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.get {
    display: grid;
    place-items: center;
    width: 28px;
    height: 28px;
    border: 0;
    border-radius: 7px;
    background: none;
    color: var(--ink);
    cursor: pointer;
}
.get:hover {
    background: var(--hover);
}
.composition {
    display: block;
    max-width: 100%;
    overflow: hidden;
    padding: 3px 8px;
    border: 0;
    border-radius: 6px;
    background: none;
    color: var(--second);
    text-overflow: ellipsis;
    white-space: nowrap;
    cursor: pointer;
}
.composition:hover {
    background: var(--hover);
}
.new,
.foot {
    display: flex;
    gap: 8px;
}
.foot {
    margin-top: 12px;
    padding-top: 8px;
}
.icon {
    margin-right: 7px;
}
.empty {
    color: var(--quiet);
}
.problem {
    color: var(--accent);
}
</style>
