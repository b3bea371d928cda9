<script setup lang="ts">
import { ref, watch } from 'vue';

/** A name that is typed where it stands. What comes in meanwhile does not put the old one back; an empty one is none. */
const props = defineProps<{ name: string }>();
const emit = defineEmits<{ rename: [name: string] }>();

const field = ref<HTMLInputElement | null>(null);
const text = ref(props.name);

watch(
    () => props.name,
    (name) => {
        if (document.activeElement !== field.value) {
            text.value = name;
        }
    },
);

function keep(): void {
    const name = text.value.trim();
    if (name && name !== props.name) {
        emit('rename', name);
    } else {
        text.value = props.name;
    }
}
</script>

<template>
    <input ref="field" v-model="text" dir="auto" @blur="keep" @keydown.enter="field?.blur()" />
</template>
