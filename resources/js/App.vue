<template>
    <ElConfigProvider :message="{ max: 3 }"><RouterView /></ElConfigProvider>
</template>
