<script setup lang="ts">
import { X } from 'lucide-vue-next';
import type { PropertyDefinition } from '@/api/answers';
import ValueField from '@/sheet/ValueField.vue';
import IconButton from '@/shell/IconButton.vue';

/** What a move or an accent is set to, in a line; what else belongs to it stands before its settings. */
defineProps<{ title: string; settings: PropertyDefinition[]; own: Record<string, unknown>; wide?: boolean }>();
const emit = defineEmits<{ set: [change: Record<string, number>]; drop: [] }>();
</script>

<template>
    <div class="part" :class="{ wide }">
        <span class="title">{{ title }}</span>
        <slot />
        <span v-for="setting in settings" :key="setting.name" class="one">
            <span class="setting">{{ setting.title }}</span>
            <ValueField
                :value="Number(own[setting.name] ?? setting.default)"
                label=""
                :name="setting.title"
                :unit="setting.unit"
                :step="setting.step"
                :least="setting.least"
                :most="setting.most"
                @set="emit('set', { [setting.name]: Number($event) })"
            />
        </span>
        <IconButton :icon="X" :size="13" :label="`Without ${title}`" @click="emit('drop')" />
    </div>
</template>

<style scoped>
.part {
    display: flex;
    align-items: center;
    flex-wrap: wrap;
    gap: 4px 6px;
    min-height: 32px;
    margin-top: 6px;
    padding-top: 6px;
    border-top: 1px solid var(--hairline);
}
.part :deep(.one) {
    display: flex;
    align-items: center;
    gap: 6px;
}
.part :deep(.value) {
    width: 74px;
    flex: none;
}
.wide :deep(.value) {
    width: 110px;
}
.icon-button {
    width: 26px;
    height: 26px;
    margin-left: auto;
}
.title {
    min-width: 62px;
}
.title,
.part :deep(.setting) {
    color: var(--quiet);
    font-size: 12.5px;
}
</style>
