/** A way in which something that is not seen itself is driven by hand. */
export interface Way<How extends string> {
    how: How;
    label: string;
    hint: string;
    icon: object;
    /** The properties that it changes. */
    changes: string[];
}

/** What the keys that are held make of it. */
export interface Drive {
    straight: boolean;
    snap: boolean;
    scope: 'whole' | 'playhead';
}
