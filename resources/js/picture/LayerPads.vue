<script setup lang="ts">
import { MoveVertical, RefreshCw, Rotate3d } from 'lucide-vue-next';
import type { Corner, Layer } from '@/api/answers';
import type { EditCall } from '@/api/edits';
import { usePlayhead } from '@/project/playhead';
import DrivePads from './DrivePads.vue';
import type { Drive, Way } from './driving';
import type { PictureView } from './view';

/** What turns a layer about its three axes by hand, and leads it away, where its space is looked at from elsewhere. */
const props = defineProps<{ layer: Layer; view: PictureView }>();

const playhead = usePlayhead();

type How = 'tilt' | 'turn' | 'depth';
const WAYS: Way<How>[] = [
    {
        how: 'tilt',
        label: 'Tilt',
        hint: 'Drag: tilted. Shift: about one axis; Alt: by 15°',
        icon: Rotate3d,
        changes: ['tiltX', 'tiltY'],
    },
    { how: 'turn', label: 'Turn', hint: 'Drag sideways: turned. Alt: by 15°', icon: RefreshCw, changes: ['rotation'] },
    {
        how: 'depth',
        label: 'Away',
        hint: 'Drag up: farther away; down: nearer',
        icon: MoveVertical,
        changes: ['z'],
    },
];

const request = (way: Way<How>, by: Corner, how: Drive): EditCall => [
    'tilt-layers',
    { layers: [props.layer.id], frame: playhead.frame, how: way.how, by, ...how },
];
</script>

<template>
    <DrivePads :layer="layer" :view="view" :ways="WAYS" :request="request"><slot /></DrivePads>
</template>
