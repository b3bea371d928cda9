import { defineStore } from 'pinia';
import { computed, ref, watch } from 'vue';
import { useCameras } from '@/project/cameras';
import { useComposition } from '@/project/composition';

export type Sight = 'camera' | 'front' | 'above' | 'side' | 'free';

export const SIGHTS: { sight: Sight; title: string }[] = [
    { sight: 'camera', title: 'Through the camera' },
    { sight: 'front', title: 'From the front' },
    { sight: 'above', title: 'From above' },
    { sight: 'side', title: 'From the right' },
    { sight: 'free', title: 'Freely turned' },
];

/** Degrees that the space is turned for each pixel of the screen that the pointer goes. */
const TURN = 0.4;
const [LEAST, MOST] = [0.05, 20];

/** From where a space is looked at while working; what is rendered is always seen through the camera. */
export const useVantage = defineStore('vantage', () => {
    const cameras = useCameras();
    const composition = useComposition();
    const sight = ref<Sight>('camera');
    const up = ref(25);
    const around = ref(35);
    const zoom = ref(1);

    const isElsewhere = computed(() => sight.value !== 'camera' && cameras.haveSpace);
    /** As the server is asked for it; null where it is looked through the camera. */
    const asked = computed(() =>
        !isElsewhere.value
            ? null
            : {
                  sight: sight.value,
                  zoom: zoom.value,
                  ...(sight.value === 'free' && { up: up.value, around: around.value }),
              },
    );
    watch(
        () => composition.id,
        () => (sight.value = 'camera'),
    );

    const zoomBy = (factor: number): void =>
        void (zoom.value = Math.min(MOST, Math.max(LEAST, Math.round(zoom.value * factor * 1000) / 1000)));

    function turnBy(dx: number, dy: number): void {
        around.value = Math.round((around.value - dx * TURN) * 10) / 10;
        up.value = Math.min(90, Math.max(-90, Math.round((up.value + dy * TURN) * 10) / 10));
    }

    return { sight, asked, isElsewhere, zoomBy, turnBy };
});
