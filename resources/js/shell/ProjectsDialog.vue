<script setup lang="ts">
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import type { Named } from '@/api/answers';
import { get, post } from '@/api/client';

interface Project extends Named {
    compositions: Named[];
}

const open = defineModel<boolean>({ required: true });
const router = useRouter();
const projects = ref<Project[]>([]);
const name = ref('');
const problem = ref<string | null>(null);

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
</script>

<template>
    <ElDialog v-model="open" title="Projects" width="460" @open="load">
        <ul>
            <li v-for="project in projects" :key="project.id">
                <b dir="auto">{{ project.name }}</b>
                <button v-for="one in project.compositions" :key="one.id" type="button" dir="auto" @click="go(one.id)">
                    {{ one.name }}
                </button>
            </li>
        </ul>
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
        <form class="new" @submit.prevent="make">
            <ElInput v-model="name" placeholder="Name of a new project" aria-label="Name of a new project" />
            <ElButton native-type="submit" type="primary" :disabled="!name.trim()">Make project</ElButton>
        </form>
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
li {
    padding: 8px 0;
    border-bottom: 1px solid var(--hairline);
}
b {
    display: block;
    margin-bottom: 2px;
}
button {
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
li button:hover {
    background: var(--hover);
}
.new {
    display: flex;
    gap: 8px;
}
.problem {
    color: var(--accent);
}
</style>
