<script setup lang="ts">
import { AudioLines, Clapperboard, Hexagon, Image, SwatchBook, LoaderCircle } from 'lucide-vue-next';
import { computed, onMounted, ref, type Component } from 'vue';
import type { Sample } from '@/api/answers';
import { get } from '@/api/client';
import { useAdding, type Drop } from '@/project/adding';
import { useMedia } from '@/project/media';
import KitItem from './KitItem.vue';
import { useKit } from './kit';

/** Samples to begin with, by subject. The first time one is asked for, it is drawn. */
const SIGNS: Record<string, Component> = {
    Clips: Clapperboard,
    Pictures: Image,
    Textures: SwatchBook,
    Logos: Hexagon,
    Sounds: AudioLines,
};

const adding = useAdding();
const kit = useKit();
const media = useMedia();
const samples = ref<Sample[]>([]);
const problem = ref<string | null>(null);
/** Those on their way. */
const coming = ref<string[]>([]);

const subjects = computed(() => {
    const found = samples.value.filter((sample) => kit.matches(sample.title) || kit.matches(sample.subject));
    return [...new Set(found.map((one) => one.subject))].map((subject) => ({
        subject,
        samples: found.filter((one) => one.subject === subject),
    }));
});

onMounted(async () => {
    try {
        samples.value = (await get<{ samples: Sample[] }>('/shelf')).samples;
    } catch (error) {
        problem.value = (error as Error).message;
    }
});

async function bring(sample: Sample, place: Drop): Promise<void> {
    if (coming.value.includes(sample.id)) {
        return;
    }
    coming.value.push(sample.id);
    const taken = await media.take(sample);
    coming.value = coming.value.filter((one) => one !== sample.id);
    if (taken) {
        await adding.addClip(taken, place);
    } else {
        problem.value = media.uploads.find((row) => row.name === sample.title)?.problem ?? null;
    }
}
</script>

<template>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <section v-for="{ subject, samples: list } in subjects" :key="subject">
        <h2>{{ subject }}</h2>
        <div class="samples">
            <KitItem
                v-for="sample in list"
                :key="sample.id"
                :label="sample.title"
                :hint="`${sample.title}, ${sample.about}: double-click to bring it in`"
                :data-sample="sample.id"
                @add="bring(sample, $event)"
            >
                <span class="row">
                    <component
                        :is="coming.includes(sample.id) ? LoaderCircle : SIGNS[subject]"
                        :size="20"
                        :stroke-width="1.5"
                        :class="{ coming: coming.includes(sample.id) }"
                        aria-hidden="true"
                    />
                    <!-- Drawn rather than written: the button is called by its name, and its hint says the rest. -->
                    <span class="about" :data-about="coming.includes(sample.id) ? 'on its way…' : sample.about" />
                </span>
            </KitItem>
        </div>
    </section>
</template>

<style scoped>
h2 {
    margin: 10px 6px 2px;
    font-size: 12.5px;
    font-weight: 600;
}
.samples {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 2px;
}
.row {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 26px;
    color: var(--quiet);
}
.row svg {
    flex: none;
}
.about::after {
    content: attr(data-about);
}
.about {
    font-size: 11px;
    line-height: 1.25;
}
.coming {
    animation: turn 1.2s linear infinite;
}
@keyframes turn {
    to {
        transform: rotate(360deg);
    }
}
@media (prefers-reduced-motion) {
    .coming {
        animation: none;
    }
}
.problem {
    margin: 6px;
    color: var(--accent);
    font-size: 12px;
}
</style>
