import { useEventListener } from '@vueuse/core';
import { computed, onBeforeUnmount, ref, watch } from 'vue';
import type { Media } from '@/api/answers';
import { perSecond } from '@/project/rates';
import { useListening } from './listening';

const FASTEST = 4;

/** Plays one clip by itself, at its own rate: a frame that is late is left out. Heard where it goes forwards at its own speed. */
export function useClipPlayback(clip: () => Media) {
    const listening = useListening();
    const frame = ref(0);
    const playing = ref(false);
    const speed = ref(1);
    const rate = computed(() => perSecond(clip().rate));
    const last = computed(() => clip().frames - 1);
    const sound = clip().sound ? new Audio(`${clip().previews}/sound.ogg`) : null;
    let request = 0;
    let began = 0;
    let beganAt = 0;
    let until = 0;

    /** Goes to a frame; what plays goes on from there. */
    function go(to: number): void {
        frame.value = Math.max(0, Math.min(last.value, Math.round(to)));
        if (playing.value) {
            begin();
        }
    }

    function begin(): void {
        [began, beganAt] = [performance.now(), frame.value];
        sound?.pause();
        if (sound && speed.value === 1) {
            sound.volume = listening.volume;
            sound.currentTime = frame.value / rate.value;
            void sound.play().catch(() => undefined);
        }
    }

    function tick(now: number): void {
        const at = beganAt + Math.floor(((now - began) / 1000) * rate.value * speed.value + 1e-6);
        if (at > until || at < 0) {
            frame.value = at < 0 ? 0 : until;
            playing.value = false;
            return;
        }
        frame.value = at;
        request = requestAnimationFrame(tick);
    }

    /** @param to the last frame that is shown; that of the clip where none is said */
    function play(by = 1, to = last.value): void {
        stop();
        speed.value = by;
        until = to;
        if (by > 0 && frame.value >= to) {
            frame.value = 0;
        }
        playing.value = true;
        begin();
        request = requestAnimationFrame(tick);
    }

    function stop(): void {
        playing.value = false;
        cancelAnimationFrame(request);
        sound?.pause();
    }

    /** Forwards or backwards; again: faster. */
    function shuttle(direction: 1 | -1): void {
        const isFaster = playing.value && Math.sign(speed.value) === direction;
        play(isFaster ? Math.max(-FASTEST, Math.min(FASTEST, speed.value * 2)) : direction);
    }

    watch(playing, (now) => now || stop());
    watch(
        () => listening.volume,
        (volume) => sound && (sound.volume = volume),
    );
    useEventListener(document, 'visibilitychange', () => document.hidden && stop());
    onBeforeUnmount(stop);

    return { frame, playing, go, play, stop, shuttle, rate, last };
}
