import { defineStore } from 'pinia';
import { ref } from 'vue';
import type {
    CompositionName,
    Media,
    NamedCurve,
    NamedLook,
    NamedMotion,
    NamedStyle,
    ProjectSummary,
    Step,
    Swatch,
} from '@/api/answers';
import { get } from '@/api/client';
import { windowId } from './window';

/** The project that the open composition belongs to: its other compositions, its media, its colours. */
export const useProject = defineStore('project', () => {
    const id = ref(0);
    const name = ref('');
    const revision = ref(0);
    const compositions = ref<CompositionName[]>([]);
    const media = ref<Media[]>([]);
    const swatches = ref<Swatch[]>([]);
    const curves = ref<NamedCurve[]>([]);
    const looks = ref<NamedLook[]>([]);
    const motions = ref<NamedMotion[]>([]);
    const styles = ref<NamedStyle[]>([]);

    function accept(summary: ProjectSummary): void {
        id.value = summary.id;
        name.value = summary.name;
        revision.value = summary.revision;
        compositions.value = summary.compositions;
        media.value = summary.media;
        swatches.value = summary.swatches;
        curves.value = summary.curves;
        looks.value = summary.looks;
        motions.value = summary.motions;
        styles.value = summary.styles;
    }

    async function refresh(): Promise<void> {
        accept(await get<ProjectSummary>(`/projects/${id.value}`));
    }

    /** What was done to the project, the latest first. */
    async function steps(): Promise<Step[]> {
        const { steps: found } = await get<{ steps: Step[] }>(`/projects/${id.value}/history`, {
            window: await windowId(),
        });
        return found;
    }

    return {
        id,
        name,
        revision,
        compositions,
        media,
        swatches,
        curves,
        looks,
        motions,
        styles,
        accept,
        refresh,
        steps,
    };
});
