<script setup lang="ts">
import { Compass, Crosshair, Move, MoveVertical, RefreshCw } from 'lucide-vue-next';
import type { Corner, Layer } from '@/api/answers';
import type { EditCall } from '@/api/edits';
import { usePlayhead } from '@/project/playhead';
import DrivePads from './DrivePads.vue';
import type { Drive, Way } from './driving';
import type { PictureView } from './view';

/** What drives a camera by hand. */
const props = defineProps<{ layer: Layer; view: PictureView }>();

const playhead = usePlayhead();

type How = 'orbit' | 'across' | 'nearer' | 'aim' | 'roll';
const WAYS: Way<How>[] = [
    {
        how: 'orbit',
        label: 'Orbit',
        hint: 'Drag: around what it aims at. Shift: one way only; Alt: by 15°',
        icon: Compass,
        changes: ['orbitX', 'orbitY'],
    },
    {
        how: 'across',
        label: 'Across',
        hint: 'Drag: with its aim. Shift: level or upright only',
        icon: Move,
        changes: ['position', 'aim'],
    },
    { how: 'nearer', label: 'Nearer', hint: 'Drag up: nearer; down: farther away', icon: MoveVertical, changes: ['z'] },
    {
        how: 'aim',
        label: 'Aim',
        hint: 'Drag: it looks elsewhere from where it stands',
        icon: Crosshair,
        changes: ['aim'],
    },
    { how: 'roll', label: 'Roll', hint: 'Drag: rolled. Alt: by 15°', icon: RefreshCw, changes: ['rotation'] },
];

const request = (way: Way<How>, by: Corner, how: Drive): EditCall => [
    'drive-camera',
    { camera: props.layer.id, frame: playhead.frame, how: way.how, by, ...how },
];
</script>

<template>
    <DrivePads :layer="layer" :view="view" :ways="WAYS" :request="request"><slot /></DrivePads>
</template>
