/** Places for boxes side by side, in rows. */
export class Shelves {
    height = 0;
    width = 1;
    private x = 0;
    private y = 0;

    /** @param most how wide a row is, unless a single box is wider */
    constructor(private readonly most: number) {}

    /** @returns where a box stands */
    put(width: number, height: number): [left: number, top: number] {
        if (this.x > 0 && this.x + width > this.most) {
            [this.x, this.y] = [0, this.height];
        }
        const place: [number, number] = [this.x, this.y];
        this.x += width;
        this.width = Math.max(this.width, this.x);
        this.height = Math.max(this.height, this.y + height);
        return place;
    }
}
