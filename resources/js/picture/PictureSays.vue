<template>
    <p class="says" role="status"><slot /></p>
</template>

<style scoped>
.says {
    position: absolute;
    left: 50%;
    bottom: 6px;
    margin: 0;
    padding: 3px 12px;
    border-radius: 12px;
    background: #000000a0;
    color: #f4eee3;
    font-size: 12px;
    transform: translateX(-50%);
    pointer-events: none;
    white-space: nowrap;
}
</style>
