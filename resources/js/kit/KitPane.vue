<script setup lang="ts">
import { ref } from 'vue';
import MediaDrawer from './MediaDrawer.vue';
import ShapesDrawer from './ShapesDrawer.vue';
import WordsDrawer from './WordsDrawer.vue';

const open = ref(['media', 'words', 'shapes']);
</script>

<template>
    <div class="kit">
        <ElCollapse v-model="open">
            <ElCollapseItem name="media" title="Media"><MediaDrawer /></ElCollapseItem>
            <ElCollapseItem name="words" title="Words"><WordsDrawer /></ElCollapseItem>
            <ElCollapseItem name="shapes" title="Shapes"><ShapesDrawer /></ElCollapseItem>
        </ElCollapse>
    </div>
</template>

<style scoped>
.kit {
    height: 100%;
    overflow-y: auto;
    scrollbar-width: thin;
}
.kit :deep(.el-collapse) {
    border: 0;
    --el-collapse-header-height: 34px;
    --el-collapse-header-bg-color: transparent;
    --el-collapse-content-bg-color: transparent;
}
.kit :deep(.el-collapse-item__header) {
    padding: 0 10px 0 16px;
    color: var(--quiet);
    font-size: 12px;
    font-weight: 500;
}
.kit :deep(.el-collapse-item__content) {
    padding: 0 12px 8px;
}
</style>
