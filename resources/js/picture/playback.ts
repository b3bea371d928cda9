import { watch } from 'vue';
import { useComposition } from '@/project/composition';
import { useMedia } from '@/project/media';
import { usePlayhead } from '@/project/playhead';
import { seenIn, useFrameLists } from './frameLists';
import type { PictureStore } from './pictures';
import { Sound } from './sound';

/** How many frames ahead of the playhead pictures are fetched. */
const AHEAD = 24;

/** How many frames are evaluated before anything plays; more follow while it does. */
const BEFOREHAND = 500;

/** How many seconds are heard of a frame that is gone over. */
const SCRUBBED = 0.09;

/** Beyond this many seconds the sound's clock is not believed: it stands still where there is no sound device. */
const FARTHEST_APART = 0.3;

/** Plays at the composition's rate: a frame that is late is left out, time is never stretched. */
export function usePlayback(pictures: PictureStore): void {
    const composition = useComposition();
    const playhead = usePlayhead();
    const lists = useFrameLists();
    const media = useMedia();
    const sound = new Sound();
    let request = 0;
    let began = 0;
    let beganAt = 0;

    function fetchAhead(frame: number): void {
        const direction = playhead.speed < 0 ? -1 : 1;
        for (let step = 0; step <= AHEAD; step++) {
            const list = lists.at(frame + step * direction);
            seenIn(list).forEach((image) => void pictures.fetch(image.media, image.frame));
        }
    }

    function start(frame: number): void {
        began = performance.now();
        beganAt = frame;
        playhead.go(frame);
        void lists.want(frame, playhead.last + 1);
        void sound.play(frame / playhead.framesPerSecond, playhead.speed);
    }

    /** Seconds since playing began: by the sound where it runs, so that the two never drift apart. */
    function elapsed(now: number): number {
        const wall = Math.max(0, (now - began) / 1000);
        const heard = sound.elapsed();
        return heard !== null && Math.abs(heard - wall) < FARTHEST_APART ? Math.max(0, heard) : wall;
    }

    function tick(now: number): void {
        if (!playhead.playing) {
            return;
        }
        const frame = beganAt + Math.floor(elapsed(now) * playhead.framesPerSecond * playhead.speed + 1e-6);
        if (playhead.once && frame > playhead.once.to) {
            playhead.endOnce();
            return;
        }
        if (frame > playhead.last || frame < playhead.from) {
            atTheEnd(frame);
        } else if (lists.at(frame)) {
            playhead.frame = frame;
            fetchAhead(frame);
            void lists.want(frame, Math.min(playhead.last + 1, frame + 500));
        } else {
            void lists.want(frame, playhead.last + 1);
        }
        request = requestAnimationFrame(tick);
    }

    function atTheEnd(frame: number): void {
        const forward = frame > playhead.last;
        if (playhead.loop) {
            start(forward ? playhead.from : playhead.last);
        } else {
            playhead.playing = false;
            playhead.go(forward ? playhead.last : playhead.from);
        }
    }

    watch(
        () => [playhead.playing, playhead.speed] as const,
        ([playing]) => {
            cancelAnimationFrame(request);
            sound.stop();
            if (playing) {
                playhead.startedAt = playhead.frame;
                const atEnd = playhead.speed > 0 ? playhead.frame >= playhead.last : playhead.frame <= playhead.from;
                const outside = playhead.frame < playhead.from || playhead.frame > playhead.last;
                start(atEnd || outside ? (playhead.speed > 0 ? playhead.from : playhead.last) : playhead.frame);
                request = requestAnimationFrame(tick);
            }
        },
    );

    // Gone along by hand, each frame is heard as well as seen.
    watch(
        () => playhead.scrubbed,
        () => {
            if (!playhead.playing && navigator.userActivation?.hasBeenActive) {
                void sound.scrub(playhead.frame / playhead.framesPerSecond, SCRUBBED).catch(() => undefined);
            }
        },
    );

    // After a change everything is evaluated anew, in the background, so that playing begins at once.
    let idle = 0;
    watch(
        () =>
            [
                composition.id,
                composition.revision,
                composition.placed,
                media.list.filter((one) => one.state === 'ready').length,
            ] as const,
        ([id, revision, placed], previous) => {
            if (id !== previous?.[0] || revision !== previous[1] || placed !== previous[2]) {
                lists.forget();
            }
            clearTimeout(idle);
            if (!composition.id) {
                return;
            }
            idle = window.setTimeout(() => {
                void sound.prepare().catch(() => undefined);
                void lists
                    .want(playhead.frame, Math.min(playhead.last + 1, playhead.frame + BEFOREHAND))
                    .then(() => fetchAhead(playhead.frame));
            }, 150);
        },
        { immediate: true },
    );
}
