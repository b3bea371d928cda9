import type { Operation as PatchOperation } from 'fast-json-patch';
import type { DisplayList } from './displayList.gen';
import type {
    AdjustingLayer,
    BundleLayer,
    CameraLayer,
    Composition,
    FootageLayer,
    GroupLayer,
    LightLayer,
    ShapeLayer,
    SoundLayer,
    TextLayer,
    WindowLayer,
} from './project.gen';

export type Layer =
    | AdjustingLayer
    | BundleLayer
    | CameraLayer
    | FootageLayer
    | GroupLayer
    | LightLayer
    | ShapeLayer
    | SoundLayer
    | TextLayer
    | WindowLayer;
export type LayerKind = Layer['kind'];
export type Value = number | boolean | string | [number, number];
export type Corner = [number, number];

export interface PropertyDefinition {
    name: string;
    /** Its type of value; fields are chosen by `axes` where a type has some. */
    type: string;
    default: Value;
    least: number | null;
    /** What it is called where it is no amount. */
    leastCalled: string | null;
    /** What its title alone does not tell. */
    hint: string | null;
    most: number | null;
    title: string;
    /** The part of the Sheet that it stands in; null for a setting of something that stands in one itself. */
    section: string | null;
    unit: string;
    /** What one step of the arrow keys or of scrubbing changes. */
    step: number;
    /** What its numbers are called, where it has one along each axis. */
    axes: string[];
}

export interface EasingChoice {
    name: string;
    text: string;
    samples: number[];
}

export interface Move {
    name: string;
    title: string;
    /** Whether it is for cameras, rather than for what they see. */
    films: boolean;
    easing: string;
    seconds: number;
    settings: PropertyDefinition[];
}

/** A movement during the stay. */
export type AccentChoice = Omit<Move, 'easing'> & {
    /** Under which it is offered. */
    subject: string;
    /** As one that a layer has is called. */
    called: string;
};

/** An accent as a layer has it; `at` counts from its in point. */
export type PlacedAccent = { accent: string; at: number; length: number } & Record<string, number | string>;

/** A move as a layer has it, with its settings by name. */
export type ChosenMove = { move: string } & Record<string, number | string>;

/** How a layer arrives or leaves. */
export interface Phase {
    length: number;
    easing: string;
    moves: ChosenMove[];
}

export interface Font {
    id: string;
    family: string;
    style: string;
    /** Whether it has axes that can be varied. */
    variable: boolean;
    /** "Aa" in this font, in thousandths of an em, y down from the baseline. */
    sample: { path: string; width: number };
}

export type Quality = 'small' | 'good' | 'best';

/** What a composition can be rendered to. */
export interface FormatChoice {
    name: string;
    title: string;
    /** What it is looked for under. */
    purpose: string;
    goodFor: string;
    extension: string;
    alpha: boolean;
    sound: boolean;
    /** Whether its colours may be multiplied by alpha. */
    premultiplies: boolean;
    oneFrame: boolean;
    /** Whether there is a picture at all. */
    picture: boolean;
    /** Whether it can be rendered better or smaller. */
    qualities: boolean;
}

/** By which kinds of layers are told apart; what an edit refuses the rest is not offered. */
export type Ability =
    | 'seen'
    | 'cut'
    | 'holds'
    | 'adjusts'
    | 'looks'
    | 'lights'
    | 'written'
    | 'combines'
    | 'marks'
    | 'frames'
    | 'takes-media';

/** How large a file will be: in pixels, one more where it takes even sides only, and about in bytes. */
export interface FileSize {
    width: number;
    height: number;
    widened: boolean;
    bytes: number;
}

export interface Vocabulary {
    effects: { name: string; title: string; subject: string }[];
    cascades: { name: string; title: string; as: 'arrive' | 'leave' | 'accent'; forWords: boolean }[];
    /** What layers of each kind can do or be. */
    abilities: Record<LayerKind, Ability[]>;
    /** The parts of the Sheet for layers; those that few layers need are folded until something is in them. */
    sections: { name: string; title: string; rare: boolean }[];
    /** What cascades can be spread over. */
    units: Record<LayerKind, string[]>;
    orders: { name: string; title: string }[];
    /** In which words can be parted at the ends of lines. */
    languages: { name: string; title: string }[];
    /** What of fonts can be used, or not. */
    features: { name: string; title: string }[];
    /** Forms of shapes, with the properties that mean something to each. */
    /** Each with its outline in a box of 28 × 20 around the origin, as SVG path data. */
    forms: { name: string; title: string; settings: string[]; open: boolean; picture: string }[];
    caps: { name: string; title: string }[];
    /** Each with its outline around the origin, where a line from the left comes to it. */
    marks: { name: string; title: string; picture: string }[];
    brushes: { name: string; title: string }[];
    /** Into what a picture can be cut, and what its rows and columns are called there. */
    lightSources: { name: LightLayer['source']; title: string }[];
    patchForms: { name: string; title: string; rows: string; columns: string }[];
    blends: string[];
    formats: FormatChoice[];
    properties: Record<LayerKind, PropertyDefinition[]>;
    fonts: Font[];
    labels: string[];
    easings: EasingChoice[];
    moves: Move[];
    accents: AccentChoice[];
    /** How far inside the frame the title-safe and the action-safe area begin, as parts of each side. */
    /** The parts that a layer has, some of which are seen only while it plays. */
    parts: { name: LayerPart; title: string; plays: boolean }[];
    safe: number[];
    /** How many stretches of frames are worked out side by side. */
    cores: number;
}

/** Where a layer stands: its box in its own space, and the box's corners and the anchor in composition pixels. */
export interface Pose {
    layer: string;
    seen: boolean;
    box: [number, number, number, number];
    corners: [Corner, Corner, Corner, Corner];
    anchor: Corner;
    /** The property that its handles change. */
    pulls: string;
    /** The property by which what is seen in it is moved within it, where there is one. */
    pan?: string;
}

export interface PropertyState {
    value: Value;
    animated: boolean;
    keyframe: boolean;
}

export interface Bead {
    frame: number;
    value: Value;
    easing: string;
    /** Of its easing: x and y of both handles, in shares of its time and its change; null where it has none. */
    curve: [number, number, number, number] | null;
    pin: 'start' | 'end';
    /** Of the segment that begins there, at its beginning and its end; null where it has none. */
    handles: [CurveHandle, CurveHandle] | null;
}

/** Where a handle of a segment is drawn. */
export interface CurveHandle {
    /** In frames. */
    at: number;
    /** In each of the numbers that the value is made of; none on a bent path. */
    values: number[];
    /** In units a frame. */
    speed: number;
}

export interface Thread {
    property: string;
    beads: Bead[];
    /** Where the channels are sampled. */
    frames: number[];
    channels: number[][];
    /** How far it goes in a frame, there. */
    speeds: number[];
    colours: string[];
}

/** Where a way goes through at a keyframe, and the handles by which it is bent there, as distances: in composition pixels. */
export interface WayPoint {
    frame: number;
    at: Corner;
    bend: { arrive: Corner; leave: Corner } | null;
}

/** The way that a layer goes across the picture, in composition pixels. */
export interface Trail {
    /** At the keyframes of its place. */
    points: WayPoint[];
    /** At the keyframes of its place and of its depth. */
    stops: { frame: number; at: Corner }[];
    /** Where it is on every frame, or on every so many, from the frame of the first stop to that of the last. */
    from: number;
    ticks: Corner[];
    every: number;
    /** At the playhead, in pixels a second. */
    speed: number;
    /** Whether x and y go by themselves: there is no path then that could be bent. */
    apart: boolean;
    /** Its poses at the keyframes before and after the playhead. */
    ghosts: { frame: number; corners: Corner[] }[];
}

/** A path in the picture, in composition pixels; handles are places, where a point has none they are where it is. */
export interface PathPlace {
    property: string;
    /** SVG path data. */
    path: string;
    contours: { closed: boolean; knots: { at: Corner; in: Corner; out: Corner }[] }[];
}

/** A mask in the picture: its corners clockwise from the top left, in composition pixels. */
export interface MaskPlace {
    mask: string;
    form: 'rectangle' | 'ellipse' | 'free' | 'crop';
    corners: Corner[];
    /** Where its middle is on each frame from its first keyframe to its last. */
    ticks: Corner[];
    points: WayPoint[];
    /** Its corners at the nearest keyframes before and after. */
    ghosts: { frame: number; corners: Corner[] }[];
}

/** A point of an effect in the picture, in composition pixels. */
export interface EffectPoint {
    property: string;
    title: string;
    at: Corner;
    /** Where it is on each frame from its first keyframe to its last. */
    ticks: Corner[];
    points: WayPoint[];
    /** Where it is at the nearest keyframes before and after. */
    ghosts: Corner[];
}

export interface Inspection {
    layer: string;
    values: Record<string, PropertyState>;
    threads: Thread[];
    /** The settings of its effects and masks, as properties of it. */
    attached: PropertyDefinition[];
    /** What cascades can be spread over in it. */
    units: string[];
    /** The first and the last frame on which it is seen or heard. */
    seen: [number, number] | null;
    /** The properties that mean nothing to it as it is. */
    idle: string[];
    /** Lengths in frames, and how often words can be read through during the stay. */
    trail?: Trail | null;
    life: {
        arrive: number;
        leave: number;
        stay: number;
        reads: number | null;
        /** The first and the last frame on which it arrives by its moves, and leaves by them. */
        arriving: [number, number];
        leaving: [number, number];
    };
    /** Where its masks lie, while it is selected alone. */
    masks?: MaskPlace[];
    /** When its cascades run, in frames of the composition, and over how many units. */
    cascades?: { cascade: string; as: string; units: number; each: number; from: number; to: number }[];
    /** Its paths, and those of its masks, likewise. */
    paths?: PathPlace[];
    /** The points of its effects, likewise. */
    points?: EffectPoint[];
    /** Of what shows another composition: the frame of that which is seen at the playhead. */
    inside?: number | null;
    /** Of a camera: the angle that it sees across the picture at the playhead, in degrees. */
    angle?: number;
    /** What of it cannot be seen although it is there, in words. */
    faint: string | null;
    /** Of what plays: the frame of it that is shown at the playhead, counted from nought; null where there is none. */
    plays?: number | null;
}

/** An alignment that holds: an upright line at x, or a level one at y, in composition pixels. */
export interface Guide {
    axis: 'x' | 'y';
    at: number;
    from: number;
    to: number;
}

/** What is seen of a layer's rhythm in its band; what there is nothing of is left out. */
export interface Band {
    /** In frames, as is `leave`. */
    arrive?: number;
    leave?: number;
    /** `at` in frames from the in point. */
    cascades?: { id: string; leaves: boolean; at: number; length: number }[];
    /** On frames of the composition, those that were trimmed off left out. */
    markers?: Marker[];
}

export interface Glimpse {
    list: DisplayList;
    poses: Pose[];
    inspections: Inspection[];
    guides: Guide[];
    /** By layer, the frames on which what plays in it is asked for what it does not have. */
    missing: Record<string, [from: number, to: number][]>;
    /** By layer, where there is anything. */
    bands: Record<string, Band>;
    /** What is in the window that is framed, to be laid over the picture. */
    beyond?: DisplayList;
    /** The lights that have a place, where there are any. */
    lights?: SeenLight[];
    /** The cameras, where the space is looked at from elsewhere. */
    cameras?: SeenCamera[];
}

/** Where a light is seen, in composition pixels. */
export interface SeenLight {
    layer: string;
    /** Whether it shades anything at the playhead. */
    on: boolean;
    place: Corner;
    /** What it aims at, where it comes from one direction. */
    aim: Corner | null;
    /** Where it goes between its first keyframe and its last. */
    way: Corner[];
}

/** A camera as it is seen from elsewhere, in composition pixels. */
export interface SeenCamera {
    layer: string;
    /** Whether the picture is seen through it at the playhead. */
    on: boolean;
    eye: Corner;
    aim: Corner;
    /** Of what it sees where it aims, clockwise from the top left. */
    corners: Corner[];
    /** Where it goes between its first keyframe and its last. */
    way: Corner[];
}

export interface History {
    undo: string | null;
    redo: string | null;
}

export interface EditAnswer {
    /** Of the composition that was open. */
    revision: number;
    /** How many frames something went in time, where the edit is about that. */
    by: number | null;
    /** What others did since the revision that the edit was made on, in order; the patch comes after. */
    missed: Change[];
    patch: PatchOperation[];
    history: History;
    /** Null where the composition is not there any more. */
    glimpse: Glimpse | null;
    /** The project, where something of it is other than before. */
    project: ProjectSummary | null;
    /** The composition to go to, where what was changed is seen. */
    open: number | null;
}

export type TryAnswer = Omit<EditAnswer, 'history' | 'project' | 'open' | 'missed'> & {
    glimpse: Glimpse;
    /** The frame that drew in what is on the move. */
    met: number | null;
};

export interface Change {
    revision: number;
    patch: PatchOperation[];
}

export interface Media {
    id: string;
    number: number;
    name: string;
    /** The folder that it is filed in. */
    folder: string | null;
    width: number;
    height: number;
    rate: string;
    frames: number;
    sound: boolean;
    alpha: boolean;
    /** Whether it is a single picture. */
    still: boolean;
    /** Whether it is only heard. */
    heard: boolean;
    /** Whether it is made of outlines. */
    drawn: boolean;
    /** Its family and style, where it is a font. */
    font: string | null;
    state: 'waiting' | 'preparing' | 'ready' | 'failed' | 'cancelled';
    problem: string | null;
    /** How its pictures are coded, as ffmpeg calls it. */
    coding: string | null;
    /** Whether its file is not where it was kept. */
    missing: boolean;
    /** What is to be known of the file, such as that it is cut off. */
    remark: string | null;
    bytes: number;
    /** How many of its frames the preview covers so far. */
    prepared: number;
    /** One of so many frames is kept, in pictures of this type and height. */
    preview: { every: number; type: string; height: number; bytes: number };
    previews: string;
    poster: string | null;
}

/** Something on the shelf, to begin with. */
export interface Sample {
    id: string;
    subject: string;
    title: string;
    about: string;
}

/** A file that has come, while it is looked at and when it was not taken in. */
export interface Arrival {
    number: number;
    state: Media['state'] | 'checking' | 'refused' | 'twin';
    problem: string | null;
    /** The one that holds the same. */
    twin?: string | null;
}

/** Something that was removed, and can be brought back. */
export interface Removed {
    kind: 'project' | 'composition' | 'media' | 'render';
    id: number;
}

export interface Room {
    disk: { free: number; total: number };
    projects: {
        id: number;
        name: string;
        originals: number;
        previews: number;
        renders: number;
        media: { id: number; name: string; bytes: number }[];
        finished: { id: number; name: string; bytes: number }[];
    }[];
    removed: (Removed & { name: string; at: string; bytes: number })[];
}

export interface Named {
    id: number;
    name: string;
}

/** A composition of the project; documents and edits call it by its key. */
export interface CompositionName extends Named {
    key: string;
    folder: string | null;
}

/** A moment of a composition with a name. */
export interface Marker {
    frame: number;
    name: string;
    label: string;
}

export interface Swatch {
    name: string;
    colour: string;
}

/** An easing that the project keeps under a name. */
export interface NamedCurve {
    name: string;
    easing: string;
}

/** Effects that the project keeps by name. */
export interface NamedLook {
    name: string;
    effects: object[];
}

/** Keyframes relative to where a layer rests, by the name of the property. */
export interface NamedMotion {
    name: string;
    motion: Record<string, object>;
}

/** Parts of a layer that the project keeps by name. */
export interface NamedStyle {
    name: string;
    layer: Record<string, unknown>;
    parts: LayerPart[];
}

export type LayerPart = 'placement' | 'animation' | 'life' | 'cascades' | 'effects' | 'masks' | 'paint' | 'type';

export interface ProjectSummary extends Named {
    revision: number;
    compositions: CompositionName[];
    media: Media[];
    swatches: Swatch[];
    curves: NamedCurve[];
    looks: NamedLook[];
    motions: NamedMotion[];
    styles: NamedStyle[];
}

/** Something that was done to the project. */
export interface Step {
    id: number;
    title: string;
    /** The name of the composition that was open. */
    composition: string | null;
    undone: boolean;
    /** Whether this window did it. */
    own: boolean;
    at: string;
}

export interface CompositionAnswer {
    id: number;
    revision: number;
    document: Composition;
    /** Grows with every change to any composition of the project. */
    work: number;
    history: History;
    project: ProjectSummary;
}

export interface SoundCue {
    layer: string;
    media: string;
    from: number;
    at: number;
    length: number;
    /** Of its own; below nought it goes backwards from `from`. */
    speed: number;
    /** Seconds from its beginning, and how loud; in straight lines between. */
    level: [at: number, level: number][];
    /** Seconds from its beginning, and how fast, where that changes: `speed` is the mean then. */
    speeds: [at: number, speed: number][];
}

export interface Render {
    id: number;
    name: string;
    /** The id of the composition that it shows. */
    composition: number;
    /** The title of what it is rendered to. */
    format: string;
    from: number;
    to: number;
    state: 'waiting' | 'drawing' | 'joining' | 'finished' | 'failed' | 'cancelled' | 'stopped';
    drawn: number;
    frames: number;
    problem: string | null;
    seconds: number;
    bytes: number | null;
}
