import { useEventListener, watchDebounced } from '@vueuse/core';
import { computed, onMounted, ref, watch, type Ref } from 'vue';
import type { DisplayList } from '@/api/displayList.gen';
import { useComposition } from '@/project/composition';
import { useMedia } from '@/project/media';
import { usePlayhead } from '@/project/playhead';
import { seenIn, useFrameLists } from './frameLists';
import { KeepingUp } from './keepingUp';
import { useViewSettings } from './viewSettings';
import { alphaAlone, placeReference } from './viewModes';
import { Painter, type View } from './paint';
import { usePaths } from './paths';
import type { PictureStore } from './pictures';
import { useSurroundings } from './surroundings';
import type { PictureView } from './view';
import { onNoWarping } from './warping';

/** How long, in milliseconds, nothing may change before a picture counts as standing still. */
const STILL = 180;

/** Draws the present frame whenever anything that shows in it has changed. */
export function useCanvas(canvas: Ref<HTMLCanvasElement | null>, view: PictureView, pictures: PictureStore) {
    const composition = useComposition();
    const playhead = usePlayhead();
    const lists = useFrameLists();
    const media = useMedia();
    const looking = useViewSettings();
    const painter = new Painter(usePaths(), (id, frame) => pictures.get(id, frame));
    const keepingUp = new KeepingUp();
    const pixelRatio = ref(window.devicePixelRatio);
    useEventListener(window, 'resize', () => (pixelRatio.value = window.devicePixelRatio));

    const list = computed<DisplayList | undefined>(() => {
        void lists.arrivals;
        const glimpsed = composition.glimpse?.list;
        if (composition.trial !== null) {
            return glimpsed;
        }
        return !playhead.playing && glimpsed?.frame === playhead.frame
            ? glimpsed
            : (lists.at(playhead.frame) ?? glimpsed);
    });
    const surroundings = useSurroundings();
    /** Whether everything on this frame is there to be seen. */
    const complete = computed(() => {
        void pictures.arrivals.value;
        return !!list.value && seenIn(list.value).every((image) => pictures.has(image.media, image.frame));
    });

    /** Where the picture stands still, it is shown as its files hold it, pixel for pixel. */
    watchDebounced(
        [list, () => playhead.playing, view.view, pixelRatio],
        () => {
            const scale = view.view.value.scale * pixelRatio.value;
            void pictures.originals.want(
                playhead.playing
                    ? []
                    : seenIn(list.value).map(({ media: id, frame, matrix: [a, b, c, d] }) => ({
                          media: id,
                          frame,
                          scale: scale * Math.max(Math.hypot(a!, b!), Math.hypot(c!, d!)),
                      })),
            );
        },
        { debounce: STILL, immediate: true },
    );

    let scheduled = 0;
    function schedule(): void {
        scheduled ||= requestAnimationFrame(draw);
    }

    function drawNow(): void {
        cancelAnimationFrame(scheduled);
        draw();
    }

    function draw(): void {
        scheduled = 0;
        const target = canvas.value;
        const shown = list.value;
        if (!target || view.width.value === 0) {
            return;
        }
        const ratio = pixelRatio.value;
        const [width, height] = [Math.round(view.width.value * ratio), Math.round(view.height.value * ratio)];
        if (target.width !== width || target.height !== height) {
            target.width = width;
            target.height = height;
        }
        const context = target.getContext('2d')!;
        context.setTransform(1, 0, 0, 1, 0, 0);
        context.clearRect(0, 0, width, height);
        if (shown) {
            const { scale, x, y } = view.view.value;
            if (surroundings.value) {
                painter.paintAround(context, surroundings.value, { scale: scale * ratio, x: x * ratio, y: y * ratio });
            }
            if (playhead.playing) {
                keepingUp.drawn(performance.now(), playhead.framesPerSecond * Math.abs(playhead.speed));
            }
            painter.mostSamples = !looking.blur ? 1 : playhead.playing ? keepingUp.samples : Infinity;
            const at: View = { scale: scale * ratio, x: x * ratio, y: y * ratio };
            if (playhead.playing || surroundings.value) {
                painter.paint(context, shown, at);
            } else {
                painter.paintAgain(context, shown, at, `${composition.id} ${pictures.arrivals.value}`);
            }
            if (composition.through && composition.glimpse?.beyond) {
                painter.paint(context, composition.glimpse.beyond, {
                    scale: scale * ratio,
                    x: x * ratio,
                    y: y * ratio,
                });
            }
            paintLooks(context, shown, { scale: scale * ratio, x: x * ratio, y: y * ratio });
        }
    }

    /** The reference over or beside the picture, or its alpha alone. */
    function paintLooks(context: CanvasRenderingContext2D, shown: DisplayList, at: View): void {
        if (looking.alphaAlone) {
            alphaAlone(context, shown, at);
        }
        if (!shown.reference?.length || looking.reference === 'off') {
            return;
        }
        const { width, height } = context.canvas;
        const sheet = new OffscreenCanvas(width, height);
        painter.paintReference(sheet.getContext('2d')!, shown, at);
        placeReference(context, sheet, shown, at, looking);
    }

    watch(
        [
            () => [looking.alphaAlone, looking.blur, looking.reference, looking.strength],
            () => composition.glimpse?.beyond,
            surroundings,
            () => playhead.playing,
            pictures.arrivals,
            view.view,
            view.width,
            view.height,
            pixelRatio,
            () => media.list,
        ],
        schedule,
    );
    // What comes of a drag is drawn before anything else is told of it, and ready when the next frame is put together.
    watch(list, () => (playhead.playing ? schedule() : drawNow()), { flush: 'sync' });
    watch(
        () => playhead.playing,
        () => keepingUp.stopped(),
    );
    watch(
        () => [composition.id, composition.revision],
        () => keepingUp.forget(),
    );
    onMounted(schedule);
    onNoWarping((reason) => {
        composition.problem = `What is warped is shown as it is, though rendered right: ${reason}`;
    });

    return { list, complete };
}
