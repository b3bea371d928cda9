<script setup lang="ts">
import { ChevronDown } from 'lucide-vue-next';
import { computed, ref, watch } from 'vue';
import { get } from '@/api/client';
import { useVocabulary } from '@/project/vocabulary';
import { useOpened } from '@/shell/opened';
import { easingLabel } from './easingLabel';
import EasingPicker from './EasingPicker.vue';

/** An easing as a field: its name, and by a click all that there are, a free curve and those that the project keeps. */
const props = defineProps<{
    easing: string;
    label: string;
    without?: string[];
    /** Whether it stands in something that is open over the page itself, and closes with a click outside. */
    nested?: boolean;
}>();
const emit = defineEmits<{ attempt: [easing: string]; leave: []; set: [easing: string] }>();

defineOptions({ inheritAttrs: false });

const vocabulary = useVocabulary();
const open = ref(false);
useOpened(open);
const known = computed(() => vocabulary.words.easings.find(({ text }) => text === props.easing));
const curve = ref<[number, number, number, number] | null>(null);

/** Its handles, which are asked for once it is opened; what is pulled itself stays under the hand. */
watch([open, () => props.easing], async ([isOpen, text]) => {
    if (isOpen) {
        try {
            const answer = await get<{ curve: typeof curve.value }>(`/easing?text=${encodeURIComponent(text)}`);
            curve.value = text === props.easing ? answer.curve : curve.value;
        } catch {
            // The names and the strength are enough to choose by.
        }
    }
});

function set(easing: string, done: boolean): void {
    open.value = !done;
    emit('set', easing);
}
</script>

<template>
    <ElPopover
        v-model:visible="open"
        :persistent="false"
        :teleported="!nested"
        trigger="click"
        placement="top"
        :width="440"
        :hide-after="0"
        @hide="emit('leave')"
    >
        <template #reference>
            <button
                v-bind="$attrs"
                type="button"
                class="choice-button easing-field"
                :aria-label="`${label}: ${easing}`"
                :title="label"
                aria-haspopup="true"
            >
                <span>{{ known?.name ?? easingLabel(easing) }}</span>
                <ChevronDown :size="13" aria-hidden="true" />
            </button>
        </template>
        <EasingPicker
            :easing="easing"
            :curve="curve"
            :without="without"
            @attempt="emit('attempt', $event)"
            @leave="emit('leave')"
            @set="set($event, false)"
            @choose="set($event, true)"
        />
    </ElPopover>
</template>

<style scoped>
.easing-field {
    flex: 1;
}
</style>
