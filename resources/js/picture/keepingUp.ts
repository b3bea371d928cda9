/** How many pictures motion blur is made of at most while it plays; standing still all are drawn. */
const MOST = 8;

/** With fewer it would be seen as separate pictures. */
const FEWEST = 2;

/** A picture is late that comes so many times later after the one before than it should. */
const LATE = 1.5;

/** Among so many pictures, so many may be late: something else may have been in the way. */
const LOOKED_AT = 10;
const MAY_BE_LATE = 2;

/** No screen shows more in a second. */
const SHOWN = 60;

/** How finely motion blur is drawn while it plays: as finely as pictures are still in time. */
export class KeepingUp {
    samples = MOST;
    private before: number | null = null;
    private late: boolean[] = [];

    /** Another composition, or another state of it. */
    forget(): void {
        this.samples = MOST;
        this.stopped();
    }

    stopped(): void {
        this.before = null;
        this.late = [];
    }

    /** A picture is drawn while it plays. @param now in milliseconds  @param rate in frames a second */
    drawn(now: number, rate: number): void {
        if (this.before !== null) {
            const should = 1000 / Math.min(rate, SHOWN);
            this.late = [...this.late, now - this.before > LATE * should].slice(-LOOKED_AT);
        }
        this.before = now;
        if (this.late.filter(Boolean).length > MAY_BE_LATE) {
            this.samples = Math.max(FEWEST, this.samples / 2);
            this.late = [];
        }
    }
}
