<script setup lang="ts">
import { reactive, ref } from 'vue';
import { get } from '@/api/client';
import { useComposition } from '@/project/composition';
import { useProject } from '@/project/project';
import { rateLabel, RATES } from '@/project/rates';

const open = defineModel<boolean>({ required: true });

const SIZES = [
    ['1920 × 1080', 1920, 1080],
    ['3840 × 2160', 3840, 2160],
    ['2560 × 1080', 2560, 1080],
    ['1080 × 1920', 1080, 1920],
    ['1080 × 1080', 1080, 1080],
] as const;

const composition = useComposition();
const project = useProject();
const problem = ref<string | null>(null);
const form = reactive({
    name: 'New composition',
    width: 1920,
    height: 1080,
    rate: '25/1',
    length: '10',
    transparent: false,
    background: '#000000',
});

async function make(): Promise<void> {
    try {
        const { length, transparent, background, ...fields } = form;
        // A bare number is one of seconds here, where nobody has counted frames yet.
        const text = /^\s*[\d.,]+\s*$/.test(length) ? `${length}s` : length;
        const time = await get<{ frame: number }>('/timecode', { rate: form.rate, text });
        problem.value = await composition.ask('add-composition', {
            ...fields,
            length: Math.max(1, time.frame),
            background: transparent ? 'transparent' : background,
        });
        open.value = problem.value !== null;
    } catch (error) {
        problem.value = (error as Error).message;
    }
}
</script>

<template>
    <ElDialog v-model="open" title="New composition" width="430" @open="problem = null">
        <ElForm label-width="90" label-position="left" @submit.prevent="make">
            <ElFormItem label="Name"><ElInput v-model="form.name" aria-label="Name" /></ElFormItem>
            <ElFormItem label="Picture">
                <div class="sizes">
                    <ElButton
                        v-for="[label, width, height] in SIZES"
                        :key="label"
                        size="small"
                        :type="form.width === width && form.height === height ? 'primary' : 'default'"
                        @click="Object.assign(form, { width, height })"
                        >{{ label }}</ElButton
                    >
                </div>
                <ElInputNumber
                    v-model="form.width"
                    :min="2"
                    :max="8192"
                    :controls="false"
                    aria-label="Width"
                    class="side"
                />
                <span class="by">×</span>
                <ElInputNumber
                    v-model="form.height"
                    :min="2"
                    :max="8192"
                    :controls="false"
                    aria-label="Height"
                    class="side"
                />
            </ElFormItem>
            <ElFormItem label="Frame rate">
                <ElSelect v-model="form.rate" :persistent="false" aria-label="Frame rate">
                    <ElOption v-for="rate in RATES" :key="rate" :value="rate" :label="`${rateLabel(rate)} fps`" />
                </ElSelect>
            </ElFormItem>
            <ElFormItem label="Length"
                ><ElInput v-model="form.length" aria-label="Length" class="side" /><span class="by"
                    >seconds, 2:10 or 4s + 6f</span
                ></ElFormItem
            >
            <ElFormItem label="Background">
                <ElColorPicker
                    v-model="form.background"
                    :disabled="form.transparent"
                    :predefine="project.swatches.map((swatch) => swatch.colour)"
                    :clearable="false"
                    aria-label="Background"
                />
                <ElCheckbox v-model="form.transparent" label="Transparent" class="clear" />
            </ElFormItem>
        </ElForm>
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
        <template #footer>
            <ElButton @click="open = false">Keep this one</ElButton>
            <ElButton type="primary" data-make @click="make">Make composition</ElButton>
        </template>
    </ElDialog>
</template>

<style scoped>
.sizes {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
    margin-bottom: 8px;
}
.sizes :deep(.el-button) {
    margin: 0;
}
.side {
    width: 92px;
}
.clear {
    margin-left: 12px;
}
.by {
    margin: 0 8px;
    color: var(--quiet);
}
.problem {
    color: var(--accent);
}
</style>
