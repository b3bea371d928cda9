<script setup lang="ts">
import { computed } from 'vue';
import { useAdding } from '@/project/adding';
import { useComposition } from '@/project/composition';
import { rateLabel } from '@/project/rates';

/** Asked once, with the first clip of an empty composition: whose size and rate count? */
const adding = useAdding();
const composition = useComposition();

const clip = computed(() => adding.question);
const open = computed({ get: () => clip.value !== null, set: (shown) => !shown && (adding.question = null) });
</script>

<template>
    <ElDialog v-model="open" title="The clip and the composition differ" width="440">
        <table v-if="clip && composition.shown">
            <tbody>
                <tr>
                    <th>Clip</th>
                    <td>{{ clip.width }} × {{ clip.height }}</td>
                    <td>{{ rateLabel(clip.rate) }} fps</td>
                    <td>{{ clip.frames }} frames</td>
                </tr>
                <tr>
                    <th>Composition</th>
                    <td>{{ composition.shown.width }} × {{ composition.shown.height }}</td>
                    <td>{{ rateLabel(composition.shown.rate ?? '25/1') }} fps</td>
                    <td>{{ composition.shown.length }} frames</td>
                </tr>
            </tbody>
        </table>
        <p>Should the composition take the clip's size, frame rate and length, or should the clip be fitted into it?</p>
        <template #footer>
            <ElButton data-keep @click="adding.answer(false)">Fit the clip in</ElButton>
            <ElButton type="primary" data-match @click="adding.answer(true)">Match the clip</ElButton>
        </template>
    </ElDialog>
</template>

<style scoped>
table {
    border-spacing: 0;
    font-variant-numeric: tabular-nums;
}
th {
    padding: 2px 18px 2px 0;
    color: var(--quiet);
    font-weight: 400;
    text-align: left;
}
td {
    padding-right: 18px;
}
</style>
