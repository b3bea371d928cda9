<script setup lang="ts">
import type { ArgumentsOf, EditName } from '@/api/edits';
import { ref } from 'vue';
import { useComposition } from '@/project/composition';

/** Keeps something of a layer in the Kit by a name, for other layers. */
const props = defineProps<{ edit: EditName; what: object; called: string }>();

const composition = useComposition();
const name = ref('');
const problem = ref<string | null>(null);

async function keep(): Promise<void> {
    if (name.value.trim() !== '') {
        problem.value = await composition.ask(props.edit, { name: name.value.trim(), ...props.what } as ArgumentsOf);
        name.value = problem.value === null ? '' : name.value;
    }
}
</script>

<template>
    <form class="keep" @submit.prevent="keep">
        <input
            v-model="name"
            class="small-field"
            :placeholder="`Keep this ${called} as…`"
            :aria-label="`Name of the ${called}`"
            :data-keep="called"
        />
        <p v-if="problem" role="alert">{{ problem }}</p>
    </form>
</template>

<style scoped>
.keep {
    margin: 4px 14px 4px 16px;
}
.keep .small-field {
    width: 100%;
}
p {
    margin: 4px 0 0;
    color: var(--accent);
    font-size: 12px;
}
</style>
