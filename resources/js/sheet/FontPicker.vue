<script setup lang="ts">
import { Star } from 'lucide-vue-next';
import { computed, onMounted, ref } from 'vue';
import { get } from '@/api/client';
import { useComposition } from '@/project/composition';
import { usePreferences } from '@/project/preferences';

/** All fonts in the producer's own words: favourites and those used lately first, with what each has no characters for. */
const props = defineProps<{
    text: string;
    chosen: string;
    fonts: { face: string; family: string; style: string }[];
}>();
const emit = defineEmits<{ attempt: [face: string]; stop: []; choose: [face: string] }>();

interface Sample {
    path: string;
    width: number;
    /** Characters that another font helps out with, and those that none has. */
    taken: string[];
    lost: string[];
    /** What can be varied in it. */
    axes: { tag: string; least: number; default: number; most: number }[];
}

const composition = useComposition();
const preferences = usePreferences();
const wanted = ref('');
const samples = ref<Record<string, Sample>>({});
const fallback = ref('');

const found = computed(() => {
    const text = wanted.value.trim().toLowerCase();
    return props.fonts.filter(({ family, style }) => `${family} ${style}`.toLowerCase().includes(text));
});
const groups = computed(() => {
    const { favouriteFonts, recentFonts } = preferences;
    const isFavourite = (face: string): boolean => favouriteFonts.includes(face);
    const recent = recentFonts
        .map((face) => found.value.find((one) => one.face === face))
        .filter((one) => one && !isFavourite(one.face)) as typeof props.fonts;
    return [
        { title: 'Favourites', fonts: found.value.filter(({ face }) => isFavourite(face)) },
        { title: 'Used lately', fonts: recent },
        { title: 'All', fonts: found.value.filter(({ face }) => !isFavourite(face) && !recentFonts.includes(face)) },
    ].filter(({ fonts }) => fonts.length > 0);
});

function toggle(face: string): void {
    const { favouriteFonts } = preferences;
    preferences.favouriteFonts = favouriteFonts.includes(face)
        ? favouriteFonts.filter((one) => one !== face)
        : [...favouriteFonts, face];
}

const MOST_RECENT = 6;

function choose(face: string): void {
    preferences.recentFonts = [face, ...preferences.recentFonts.filter((one) => one !== face)].slice(0, MOST_RECENT);
    emit('choose', face);
}

onMounted(async () => {
    try {
        const answer = await get<{ samples: Record<string, Sample>; fallback: string }>(
            `/compositions/${composition.id}/fonts?text=${encodeURIComponent(props.text.slice(0, 400))}`,
        );
        samples.value = answer.samples;
        fallback.value = answer.fallback;
    } catch {
        // Their names are enough to choose by.
    }
});
</script>

<template>
    <div class="picker">
        <input
            v-model="wanted"
            class="small-field"
            type="search"
            placeholder="Find a font"
            aria-label="Find a font"
            data-find-font
        />
        <div class="all">
            <section v-for="group in groups" :key="group.title">
                <h2>{{ group.title }}</h2>
                <div
                    v-for="font in group.fonts"
                    :key="font.face"
                    class="font"
                    :class="{ chosen: font.face === chosen }"
                >
                    <button
                        type="button"
                        class="sample"
                        :data-font="font.face"
                        @pointerenter="emit('attempt', font.face)"
                        @pointerleave="emit('stop')"
                        @click="choose(font.face)"
                    >
                        <svg
                            v-if="samples[font.face]"
                            :viewBox="`0 -900 ${Math.max(1, samples[font.face]!.width)} 1250`"
                            preserveAspectRatio="xMinYMid meet"
                            aria-hidden="true"
                        >
                            <path :d="samples[font.face]!.path" fill="currentcolor" />
                        </svg>
                        <span class="name"
                            >{{ font.family }} {{ font.style
                            }}{{
                                samples[font.face]?.axes.length
                                    ? ` · ${samples[font.face]!.axes.map(({ tag, least, most }) => `${tag} ${least}–${most}`).join(', ')}`
                                    : ''
                            }}</span
                        >
                        <span v-if="samples[font.face]?.taken.length" class="missing"
                            >{{ samples[font.face]!.taken.join(' ') }} from {{ fallback }}</span
                        >
                        <span v-if="samples[font.face]?.lost.length" class="missing"
                            >{{ samples[font.face]!.lost.join(' ') }} cannot be shown</span
                        >
                    </button>
                    <button
                        type="button"
                        class="star"
                        :class="{ on: preferences.favouriteFonts.includes(font.face) }"
                        :aria-label="`${font.family} ${font.style} among the favourites`"
                        :aria-pressed="preferences.favouriteFonts.includes(font.face)"
                        @click="toggle(font.face)"
                    >
                        <Star :size="14" aria-hidden="true" />
                    </button>
                </div>
            </section>
            <p v-if="groups.length === 0">No font by that name.</p>
        </div>
    </div>
</template>

<style scoped>
input {
    width: 100%;
    margin-bottom: 6px;
}
h2 {
    margin: 8px 0 2px;
    color: var(--quiet);
    font-size: 12.5px;
    font-weight: 500;
}
.font {
    display: flex;
    align-items: center;
    border-radius: 9px;
}
.font:hover {
    background: var(--hover);
}
.chosen {
    background: var(--selected);
}
.sample {
    display: grid;
    flex: 1;
    gap: 1px;
    min-width: 0;
    padding: 5px 8px;
    border: 0;
    background: none;
    color: var(--ink);
    font: inherit;
    text-align: left;
    cursor: pointer;
}
svg {
    width: 100%;
    height: 26px;
}
.name,
.missing {
    color: var(--quiet);
    font-size: 11.5px;
}
.missing {
    color: var(--warning-ink, var(--accent));
}
.star {
    display: grid;
    place-items: center;
    width: 28px;
    height: 28px;
    margin-right: 4px;
    border: 0;
    background: none;
    color: var(--hairline);
    cursor: pointer;
}
.star svg {
    width: 14px;
    height: 14px;
}
.star:hover,
.star.on {
    color: var(--accent);
}
.star.on :deep(svg) {
    fill: currentcolor;
}
p {
    margin: 8px 2px;
    color: var(--quiet);
}
</style>
