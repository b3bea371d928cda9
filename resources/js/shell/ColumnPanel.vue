<script setup lang="ts">
import { X } from 'lucide-vue-next';
import { onBeforeUnmount, onMounted, ref } from 'vue';
import IconButton from './IconButton.vue';
import { useOpened } from './opened';

/**
 * Choices that take a look at the picture, over the left column, so that the picture and the timeline stay whole. It closes by its
 * button, by Escape and by a press anywhere else.
 */
defineProps<{ title: string }>();
const emit = defineEmits<{ close: [] }>();

const panel = ref<HTMLElement | null>(null);
useOpened(ref(true), () => emit('close'));

const pressed = (event: PointerEvent): void => {
    if (!panel.value?.contains(event.target as Node)) {
        emit('close');
    }
};
const before = document.activeElement;
onMounted(() => {
    document.addEventListener('pointerdown', pressed, true);
    panel.value?.querySelector<HTMLElement>('input')?.focus();
});
onBeforeUnmount(() => {
    document.removeEventListener('pointerdown', pressed, true);
    if (document.activeElement === document.body || panel.value?.contains(document.activeElement)) {
        (before as HTMLElement | null)?.focus?.();
    }
});
</script>

<template>
    <Teleport to="#over-column">
        <section ref="panel" class="panel" role="dialog" :aria-label="title" data-column-panel>
            <header>
                <h2>{{ title }}</h2>
                <IconButton :icon="X" :size="16" label="Close" @click="emit('close')" />
            </header>
            <div class="body"><slot /></div>
        </section>
    </Teleport>
</template>

<style scoped>
.panel {
    display: flex;
    flex-direction: column;
    height: 100%;
    border-right: 1px solid var(--hairline);
    background: var(--raised);
    box-shadow: 6px 0 18px rgb(0 0 0 / 10%);
}
header {
    display: flex;
    flex: none;
    align-items: center;
    justify-content: space-between;
    height: 36px;
    padding: 0 8px 0 16px;
    border-bottom: 1px solid var(--hairline);
}
h2 {
    margin: 0;
    font-size: 14px;
    font-weight: 600;
}
.body {
    flex: 1;
    min-height: 0;
    padding: 10px 12px 14px 16px;
    overflow-y: auto;
    scrollbar-width: thin;
}
</style>
