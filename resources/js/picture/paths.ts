/** Left, top, right and bottom. */
export type Bounds = readonly [number, number, number, number];

/** Path data by key, as it comes with display lists, and the canvas paths made of it. */
export class Paths {
    private readonly data = new Map<string, string>();
    private readonly made = new Map<string, Path2D>();
    private readonly boxes = new Map<string, Bounds>();

    learn(fresh: Record<string, string>): void {
        for (const key in fresh) {
            if (!this.data.has(key)) {
                this.data.set(key, fresh[key]!);
            }
        }
    }

    keys(): string[] {
        return [...this.data.keys()];
    }

    path(key: string): Path2D {
        let path = this.made.get(key);
        if (!path) {
            path = new Path2D(this.data.get(key) ?? '');
            this.made.set(key, path);
        }
        return path;
    }

    /** An upright box, in the path's own space, that all of it lies in: around its points and their handles. */
    bounds(key: string): Bounds {
        let box = this.boxes.get(key);
        if (!box) {
            const numbers = (this.data.get(key) ?? '').match(/-?[\d.]+(?:e[-+]?\d+)?/gi)?.map(Number) ?? [];
            const [across, down] = [0, 1].map((axis) => numbers.filter((_, index) => index % 2 === axis));
            const least = (all: number[]): number => all.reduce((one, other) => Math.min(one, other), Infinity);
            const most = (all: number[]): number => all.reduce((one, other) => Math.max(one, other), -Infinity);
            box = [least(across!), least(down!), most(across!), most(down!)];
            this.boxes.set(key, box);
        }
        return box;
    }
}

const paths = new Paths();

export const usePaths = (): Paths => paths;
