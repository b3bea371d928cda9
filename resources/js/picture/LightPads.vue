<script setup lang="ts">
import { computed } from 'vue';
import type { Corner, Layer } from '@/api/answers';
import type { EditCall } from '@/api/edits';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import DrivePads from './DrivePads.vue';
import type { Drive, Way } from './driving';
import { ACROSS, AIM, drivesLight, type LightHow, NEARER } from './lightDriving';
import type { PictureView } from './view';

/** What drives a light by hand. */
const props = defineProps<{ layer: Layer; view: PictureView }>();

const composition = useComposition();
const playhead = usePlayhead();

const hasAim = computed(() => composition.glimpse?.lights?.some(({ layer, aim }) => layer === props.layer.id && aim));
const ways = computed(() => [ACROSS, NEARER, ...(hasAim.value ? [AIM] : [])]);

const request = (way: Way<LightHow>, by: Corner, how: Drive): EditCall =>
    drivesLight(props.layer.id, playhead.frame, way, by, how);
</script>

<template>
    <DrivePads :layer="layer" :view="view" :ways="ways" :request="request"><slot /></DrivePads>
</template>
