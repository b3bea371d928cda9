<script setup lang="ts">
import type { ArgumentsOf, OfKeyframes } from '@/api/edits';
import { onClickOutside } from '@vueuse/core';
import { computed, onMounted, ref } from 'vue';
import type { Bead } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePreferences } from '@/project/preferences';
import type { KeyframesOf } from '@/project/selection';
import EasingChoices from './EasingChoices.vue';
import KeyframeActions from './KeyframeActions.vue';

export interface MenuTarget {
    bead: Bead;
    /** The keyframes that a choice is for: the one clicked, or all that are selected with it. */
    keyframes: KeyframesOf[];
    /** The frames of the first and the last of them, and the one that the last leads to. */
    from: number;
    last: number;
    to: number;
    x: number;
    y: number;
}

/** How keyframes run on to the next, and what can be done to several of them. */
const props = defineProps<{ target: MenuTarget }>();
const emit = defineEmits<{ close: [] }>();

const WIDTH = 428;
const HEIGHT = 460;

const composition = useComposition();
const preferences = usePreferences();
const menu = ref<HTMLElement | null>(null);

onClickOutside(menu, () => emit('close'));
onMounted(() => menu.value?.querySelector<HTMLElement>('.chosen, .choice')?.focus());

const place = computed(() => ({
    left: `${Math.max(8, Math.min(props.target.x, window.innerWidth - WIDTH - 8))}px`,
    top: `${Math.max(8, Math.min(props.target.y, window.innerHeight - HEIGHT - 8))}px`,
    width: `${WIDTH}px`,
}));
const count = computed(() => props.target.keyframes.reduce((sum, one) => sum + one.frames.length, 0));

function act(edit: OfKeyframes, args: object = {}): void {
    void composition.edit(edit, { keyframes: props.target.keyframes, ...args } as ArgumentsOf<OfKeyframes>);
    emit('close');
}
</script>

<template>
    <Teleport to="body">
        <div
            ref="menu"
            class="menu"
            role="dialog"
            aria-label="Easing and keyframes"
            :style="place"
            @keydown.esc.stop="emit('close')"
            @contextmenu.prevent
        >
            <div class="head" role="tablist">
                <button
                    v-for="tab in ['easing', 'keyframes'] as const"
                    :key="tab"
                    type="button"
                    role="tab"
                    :aria-selected="preferences.keyframeTab === tab"
                    :data-keyframe-tab="tab"
                    @click="preferences.keyframeTab = tab"
                >
                    {{ tab === 'easing' ? 'Easing' : count === 1 ? 'Keyframe' : `${count} keyframes` }}
                </button>
            </div>
            <EasingChoices v-if="preferences.keyframeTab === 'easing'" :target="target" @done="emit('close')" />
            <KeyframeActions v-else :bead="target.bead" :count="count" :length="target.last - target.from" @act="act" />
            <div class="foot">
                <button type="button" @click="act('set-pin', { pin: target.bead.pin === 'end' ? 'start' : 'end' })">
                    {{ target.bead.pin === 'end' ? 'Pin to the start' : 'Pin to the end' }}
                </button>
                <button type="button" @click="act('remove-keyframes')">
                    {{ count > 1 ? `Remove ${count} keyframes` : 'Remove keyframe' }}
                </button>
            </div>
        </div>
    </Teleport>
</template>

<style scoped>
.menu {
    position: fixed;
    z-index: 2100;
    padding: 8px 10px 10px;
    border-radius: 12px;
    background: var(--raised);
    box-shadow:
        0 10px 40px #2a223040,
        0 0 0 1px var(--hairline);
    font-size: 12px;
}
.head {
    display: flex;
    gap: 14px;
    margin-bottom: 8px;
    border-bottom: 1px solid var(--hairline);
}
.head button {
    height: 28px;
    padding: 0 2px;
    border: 0;
    border-bottom: 2px solid transparent;
    background: none;
    color: var(--quiet);
    font-size: 12.5px;
    cursor: pointer;
}
.head button[aria-selected='true'] {
    border-color: var(--accent);
    color: var(--ink);
}
.foot {
    display: flex;
    justify-content: space-between;
    margin-top: 8px;
}
.foot button {
    padding: 4px 6px;
    border: 0;
    border-radius: 6px;
    background: none;
    color: var(--second);
    font-size: 12px;
    cursor: pointer;
}
.foot button:hover {
    background: var(--hover);
}
</style>
