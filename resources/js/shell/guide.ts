import { defineStore } from 'pinia';
import { ref } from 'vue';

/** The pages of the guide, in the order in which one learns; their texts are loaded when they are read. */
export const GUIDE: [name: string, title: string][] = [
    ['first-graphic', 'The first graphic in five minutes'],
    ['arranging', 'Arranging'],
    ['keyframes', 'Keyframes and curves'],
    ['arrive-stay-leave', 'Arrive, stay, leave'],
    ['groups-and-bundles', 'Groups and bundles'],
    ['windows-masks-effects', 'Windows, masks and effects'],
    ['words-and-cascades', 'Words and cascades'],
    ['shapes-and-strokes', 'Shapes and strokes'],
    ['rendering', 'Rendering'],
];

/** The page about each part of the Sheet. */
const ABOUT: Record<string, string> = {
    'in-the-frame': 'arranging',
    placement: 'arranging',
    depth: 'arranging',
    animate: 'keyframes',
    form: 'shapes-and-strokes',
    corners: 'shapes-and-strokes',
    line: 'shapes-and-strokes',
    repeat: 'shapes-and-strokes',
    combine: 'shapes-and-strokes',
    type: 'words-and-cascades',
    plate: 'words-and-cascades',
    patchwork: 'words-and-cascades',
    cascades: 'words-and-cascades',
    framing: 'windows-masks-effects',
    'split-screen': 'windows-masks-effects',
    masks: 'windows-masks-effects',
    effects: 'windows-masks-effects',
};

/** Which page of the guide for producers is open, if any is. */
export const useGuide = defineStore('guide', () => {
    const open = ref<string | null>(null);
    const about = (section: string): string | null => ABOUT[section] ?? null;

    function show(name = 'first-graphic'): void {
        open.value = name;
    }

    return { open, about, show };
});
