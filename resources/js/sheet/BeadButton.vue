<script setup lang="ts">
import { computed } from 'vue';
import type { PropertyState } from '@/api/answers';

const props = defineProps<{ state: PropertyState | undefined; name: string }>();
const emit = defineEmits<{ toggle: [] }>();

const says = computed(() => {
    if (props.state?.keyframe) {
        return `Remove this keyframe of ${props.name}`;
    }
    return props.state?.animated
        ? `Add a keyframe of ${props.name} here`
        : `Animate ${props.name}: add a keyframe here`;
});
</script>

<template>
    <button
        type="button"
        class="bead"
        :class="{ animated: state?.animated, keyframe: state?.keyframe }"
        :aria-label="says"
        :title="says"
        :aria-pressed="!!state?.keyframe"
        @click="emit('toggle')"
    >
        <i />
    </button>
</template>

<style scoped>
.bead {
    display: grid;
    place-items: center;
    width: 24px;
    height: 22px;
    flex: none;
    padding: 0;
    border: 0;
    background: none;
    cursor: pointer;
}
i {
    width: 11px;
    height: 11px;
    border: 1.5px dashed var(--quiet);
    border-radius: 50%;
    opacity: 0.6;
}
.bead:hover i {
    opacity: 1;
    border-color: var(--accent);
}
.animated i {
    border: 2px solid var(--accent);
    opacity: 1;
}
.keyframe i {
    background: var(--accent);
}
</style>
