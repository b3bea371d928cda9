/** Path data by key, as it comes with display lists, and the canvas paths made of it. */
export class Paths {
    private readonly data = new Map<string, string>();
    private readonly made = new Map<string, Path2D>();

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
}

const paths = new Paths();

export const usePaths = (): Paths => paths;
