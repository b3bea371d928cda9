import { useLocalStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { watchEffect } from 'vue';

/** How the producer likes the window; kept by the browser. */
export const usePreferences = defineStore('preferences', () => {
    const left = useLocalStorage('ricamo.left', 312);
    const lower = useLocalStorage('ricamo.lower', 252);
    const evening = useLocalStorage('ricamo.evening', false);
    const drawer = useLocalStorage<'sheet' | 'kit'>('ricamo.drawer', 'sheet');
    /** Parts of the Sheet that are folded though something is in them, and that are open though nothing is. */
    const folded = useLocalStorage<string[]>('ricamo.folded', []);
    const unfolded = useLocalStorage<string[]>('ricamo.unfolded', []);
    /** How far from the frame's edge things are placed, in pixels. */
    const margin = useLocalStorage('ricamo.margin', 60);
    /** Whether they are placed along the title-safe area instead. */
    const inSafe = useLocalStorage('ricamo.in-safe', false);
    /** Whether several layers are put into the frame as one block. */
    const asBlock = useLocalStorage('ricamo.as-block', false);
    /** What becomes of layers in a picture of another size. */
    const resizing = useLocalStorage<'scale' | 'middle' | 'corner'>('ricamo.resizing', 'scale');
    /** Seconds that a still picture stays when it is added. */
    const stillLasts = useLocalStorage('ricamo.still-lasts', 5);
    /** Properties whose threads are opened tall. */
    const tall = useLocalStorage<string[]>('ricamo.tall', []);
    /** What the menu of a keyframe shows first. */
    const keyframeTab = useLocalStorage<'easing' | 'keyframes'>('ricamo.keyframe-tab', 'easing');
    /** Fonts by their ids: marked, and used last. */
    const favouriteFonts = useLocalStorage<string[]>('ricamo.favourite-fonts', []);
    const recentFonts = useLocalStorage<string[]>('ricamo.recent-fonts', []);
    const welcomed = useLocalStorage('ricamo.welcomed', false);

    watchEffect(() => document.documentElement.classList.toggle('dark', evening.value));

    /** What one key puts on both ends of layers: what they last were made to arrive by. */
    const preferred = useLocalStorage<object>('ricamo.preferred', { moves: [{ move: 'fade' }] });

    return {
        preferred,
        left,
        lower,
        unfolded,
        evening,
        drawer,
        folded,
        margin,
        inSafe,
        asBlock,
        resizing,
        stillLasts,
        tall,
        keyframeTab,
        welcomed,
        favouriteFonts,
        recentFonts,
    };
});
