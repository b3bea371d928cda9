<script setup lang="ts">
import HintBubble from '@/shell/HintBubble.vue';
</script>

<template>
    <ElConfigProvider :message="{ max: 3 }"><RouterView /><HintBubble /></ElConfigProvider>
</template>
