/* Made from core/schema/display-list-1.json by `npm run types`. */

/**
 * straight sRGB
 *
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Colour".
 */
export type Colour = string;
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Operation".
 */
export type Operation = Fill | Stroke | Image | Group | Samples | Pieces;
/**
 * a, b, c, d, e, f as in CSS matrix()
 *
 * @minItems 6
 * @maxItems 6
 *
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Matrix".
 */
export type Matrix = [number, number, number, number, number, number];
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Filter".
 */
export type Filter = Blur | ColourMatrix | Means | Lit | Atop | Moved | Tables | Warp | Cells;
/**
 * @minItems 256
 * @maxItems 256
 *
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Table".
 */
export type Table = [
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number
];

/**
 * Everything that is visible on one frame, version 1
 */
export interface DisplayList {
    version: 1;
    frame: number;
    width: number;
    height: number;
    /**
     * null for a transparent one
     */
    background: Colour | null;
    /**
     * SVG path data with the absolute commands M, L, C and Z, by key
     */
    paths: {
        [k: string]: string;
    };
    /**
     * from the bottom to the top
     */
    items: Operation[];
    /**
     * what is looked at beside the picture or over it, and never rendered; left out where there is nothing
     */
    reference?: Operation[];
}
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Fill".
 */
export interface Fill {
    gradient?: Gradient;
    /**
     * left out for nonzero
     */
    rule?: 'evenodd';
    op: 'fill';
    path: string;
    matrix: Matrix;
    colour?: Colour;
}
/**
 * in the place of a colour; stops are offsets from 0 to 1 with colours
 *
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Gradient".
 */
export interface Gradient {
    type: 'linear' | 'radial' | 'corners' | 'grain';
    /**
     * of corners: top left, top right, bottom left, bottom right
     *
     * @minItems 4
     * @maxItems 4
     */
    colours?: [Colour, Colour, Colour, Colour];
    matrix: Matrix;
    /**
     * @minItems 2
     * @maxItems 2
     */
    focus?: [number, number];
    /**
     * of grain
     */
    seed?: number;
    /**
     * of grain: how opaque the strongest is
     */
    amount?: number;
    /**
     * @minItems 1
     */
    stops?: [[number | Colour, number | Colour], ...[number | Colour, number | Colour][]];
}
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Stroke".
 */
export interface Stroke {
    gradient?: Gradient;
    /**
     * left out for butt
     */
    cap?: 'round' | 'square';
    dashes?: number[];
    offset?: number;
    op: 'stroke';
    path: string;
    matrix: Matrix;
    colour?: Colour;
    /**
     * in the path's own units
     */
    width: number;
    join: 'miter' | 'round' | 'bevel';
}
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Image".
 */
export interface Image {
    op: 'image';
    media: string;
    frame: number;
    /**
     * @minItems 2
     * @maxItems 2
     */
    size: [number, number];
    matrix: Matrix;
    opacity: number;
}
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Group".
 */
export interface Group {
    op: 'group';
    opacity: number;
    /**
     * the key of a path in composition pixels, outside of which nothing is seen
     */
    clip?: string;
    /**
     * where there are filters or masks: left, top, right and bottom of all that it can touch
     *
     * @minItems 4
     * @maxItems 4
     */
    extent?: [number, number, number, number];
    /**
     * what is done to its sheet, in order
     */
    filters?: Filter[];
    /**
     * where its sheet is seen
     */
    masks?: MaskPart[];
    /**
     * how it is laid over what is beneath; source over where it is left out
     */
    blend?:
        | 'multiply'
        | 'screen'
        | 'overlay'
        | 'darken'
        | 'lighten'
        | 'color-dodge'
        | 'color-burn'
        | 'hard-light'
        | 'soft-light'
        | 'difference'
        | 'exclusion'
        | 'hue'
        | 'saturation'
        | 'color'
        | 'luminosity'
        | 'plus-lighter';
    items: Operation[];
}
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Blur".
 */
export interface Blur {
    filter: 'blur';
    /**
     * the standard deviation, in composition pixels
     */
    deviation: number;
}
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "ColourMatrix".
 */
export interface ColourMatrix {
    filter: 'matrix';
    /**
     * four rows of five, as feColorMatrix has them
     *
     * @minItems 20
     * @maxItems 20
     */
    values: [
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number,
        number
    ];
}
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Means".
 */
export interface Means {
    filter: 'means';
    /**
     * whether the moved one is laid over the other, instead of the mean of both
     */
    over?: true;
    matrices: Matrix[];
}
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Lit".
 */
export interface Lit {
    filter: 'lit';
    /**
     * a picture, drawn on black, by whose colours those in the same place are multiplied
     */
    items: Operation[];
}
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Atop".
 */
export interface Atop {
    filter: 'atop';
    /**
     * a picture, drawn on a clear sheet, that is laid over only where something is, and as far as that is opaque
     */
    items: Operation[];
}
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Moved".
 */
export interface Moved {
    filter: 'move';
    matrix: Matrix;
}
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Tables".
 */
export interface Tables {
    filter: 'tables';
    red?: Table;
    green?: Table;
    blue?: Table;
    alpha?: Table;
}
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Warp".
 */
export interface Warp {
    filter: 'warp';
    /**
     * how many cells there are in a row
     */
    columns: number;
    /**
     * where each point of the grid is on the sheet, row by row, x and y, in composition pixels
     *
     * @minItems 8
     */
    from: [number, number, number, number, number, number, number, number, ...number[]];
    /**
     * where it comes to be
     *
     * @minItems 8
     */
    to: [number, number, number, number, number, number, number, number, ...number[]];
    /**
     * what no cell comes to lie on stays
     */
    rest?: true;
    /**
     * how many times the sheet is halved for each cell, row by row
     */
    halvings?: number[];
}
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Cells".
 */
export interface Cells {
    filter: 'cells';
    /**
     * where the corner of a square is, in composition pixels
     *
     * @minItems 2
     * @maxItems 2
     */
    origin: [number, number];
    /**
     * of a square, in composition pixels
     */
    side: number;
    /**
     * the points of a square whose mean is its colour, from 0 to 1; as many as a power of two
     *
     * @minItems 1
     */
    at: [[number, number], ...[number, number][]];
}
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "MaskPart".
 */
export interface MaskPart {
    /**
     * what it does to the parts before it
     */
    mode: 'add' | 'subtract' | 'intersect' | 'exclude';
    /**
     * whether it counts where it is not
     */
    inverted?: boolean;
    items: Operation[];
}
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Samples".
 */
export interface Samples {
    op: 'samples';
    /**
     * left, top, right and bottom of all that its lists can touch
     *
     * @minItems 4
     * @maxItems 4
     */
    extent: [number, number, number, number];
    /**
     * @minItems 1
     */
    lists: [Operation[], ...Operation[][]];
}
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Pieces".
 */
export interface Pieces {
    op: 'pieces';
    /**
     * the picture, which is drawn once
     *
     * @minItems 1
     */
    items: [Operation, ...Operation[]];
    /**
     * the first at the bottom
     *
     * @minItems 1
     */
    pieces: [Piece, ...Piece[]];
}
/**
 * This interface was referenced by `DisplayList`'s JSON-Schema
 * via the `definition` "Piece".
 */
export interface Piece {
    /**
     * the key of a path in composition pixels, outside of which nothing of it is seen
     */
    clip: string;
    opacity: number;
    /**
     * left, top, right and bottom of what it is of the picture, in composition pixels
     *
     * @minItems 4
     * @maxItems 4
     */
    part: [number, number, number, number];
    /**
     * from there to where it is seen: three rows of three, for columns (x, y, 1)
     *
     * @minItems 9
     * @maxItems 9
     */
    seen: [number, number, number, number, number, number, number, number, number];
    /**
     * how many times the picture is halved that it is taken from; none where it is left out
     */
    halvings?: number;
    /**
     * by what its red, green and blue are multiplied; by 1 where it is left out
     *
     * @minItems 3
     * @maxItems 3
     */
    light?: [number, number, number];
}
