<script setup lang="ts">
import { Download, FolderInput, Trash2 } from 'lucide-vue-next';
import { computed, ref } from 'vue';
import { useComposition } from '@/project/composition';
import IconButton from '@/shell/IconButton.vue';

/** The markers of the composition: got out as a file, brought in from one, or all taken away. */
const composition = useComposition();
const chooser = ref<HTMLInputElement | null>(null);
const problem = ref<string | null>(null);

const count = computed(() => composition.shown?.markers?.length ?? 0);

/** The answer is a file to keep, so the page stays. */
const getOut = (ending: string): void => location.assign(`/api/compositions/${composition.id}/markers.${ending}`);

async function bringIn(): Promise<void> {
    const file = chooser.value?.files?.[0];
    if (file) {
        problem.value = await composition.ask('import-markers', { text: await file.text() });
        chooser.value!.value = '';
    }
}
</script>

<template>
    <div class="markers">
        <span>{{ count === 0 ? 'None so far: M drops one.' : count === 1 ? 'One marker' : `${count} markers` }}</span>
        <input
            ref="chooser"
            type="file"
            accept=".vtt,.csv,text/vtt,text/csv"
            hidden
            data-markers-in
            @change="bringIn"
        />
        <IconButton :icon="FolderInput" :size="15" label="Import markers (WebVTT or CSV)" @click="chooser?.click()" />
        <ElDropdown :persistent="false" trigger="click" :disabled="count === 0" @command="getOut">
            <span
                ><IconButton
                    :icon="Download"
                    :size="15"
                    label="Export markers"
                    :disabled="count === 0"
                    data-markers-out
            /></span>
            <template #dropdown>
                <ElDropdownMenu>
                    <ElDropdownItem command="vtt">WebVTT</ElDropdownItem>
                    <ElDropdownItem command="csv">Table (CSV)</ElDropdownItem>
                </ElDropdownMenu>
            </template>
        </ElDropdown>
        <IconButton
            :icon="Trash2"
            :size="15"
            label="Remove all markers"
            :disabled="count === 0"
            @click="composition.edit('remove-markers', {})"
        />
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    </div>
</template>

<style scoped>
.markers {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 2px;
    padding: 0 10px 2px 16px;
}
.markers > span {
    flex: 1;
    color: var(--quiet);
    font-size: 12.5px;
}
.problem {
    width: 100%;
    margin: 2px 0;
    color: var(--accent);
    font-size: 12px;
}
</style>
