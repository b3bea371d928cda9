<script setup lang="ts">
import { computed, ref } from 'vue';
import { KEYS } from './keys';

const open = defineModel<boolean>({ required: true });
const search = ref('');

const found = computed(() => {
    const wanted = search.value.trim().toLocaleLowerCase();
    return KEYS.map(({ place, keys }) => ({
        place,
        keys: keys.filter(([name, does]) => `${place} ${name} ${does}`.toLocaleLowerCase().includes(wanted)),
    })).filter(({ keys }) => keys.length > 0);
});
</script>

<template>
    <ElDialog v-model="open" title="Keys" width="720" top="9vh" @open="search = ''">
        <ElInput
            v-model="search"
            placeholder="Find a key, or what it does"
            aria-label="Find a key"
            data-find-key
            autofocus
        />
        <div class="places" tabindex="0">
            <div class="columns">
                <section v-for="{ place, keys } in found" :key="place">
                    <h3>{{ place }}</h3>
                    <dl>
                        <template v-for="[name, does] in keys" :key="name">
                            <dt>
                                <kbd>{{ name }}</kbd>
                            </dt>
                            <dd>{{ does }}</dd>
                        </template>
                    </dl>
                </section>
            </div>
            <p v-if="found.length === 0" class="none">No key does that.</p>
        </div>
    </ElDialog>
</template>

<style scoped>
.places {
    max-height: 66vh;
    margin-top: 14px;
    overflow-y: auto;
}
.columns {
    columns: 2;
    column-gap: 28px;
}
section {
    break-inside: avoid;
    padding-bottom: 12px;
}
h3 {
    margin: 0 0 5px;
    color: var(--quiet);
    font-size: 12px;
    font-weight: 500;
}
dl {
    display: grid;
    grid-template-columns: 118px minmax(0, 1fr);
    gap: 5px 10px;
    margin: 0;
    font-size: 13px;
    line-height: 1.35;
}
dd {
    margin: 0;
}
kbd {
    font: inherit;
    font-weight: 600;
}
.none {
    color: var(--quiet);
}
</style>
