/** A number as documents write exact ones: 12, or text such as `5/12`. */
export function fraction(exact: number | string): number {
    const [numerator, denominator] = String(exact).split('/').map(Number);
    return (numerator ?? 0) / (denominator ?? 1);
}

/** Frames a second of a rate as documents write it, such as `30000/1001`. */
export const perSecond = (rate: string): number => fraction(rate);

/** The rate as people say it, such as 29.97. */
export const rateLabel = (rate: string): string => String(Math.round(perSecond(rate) * 1000) / 1000);

/** The rates that cameras and programs know, to choose from. */
export const RATES = [
    '24000/1001',
    '24/1',
    '25/1',
    '30000/1001',
    '30/1',
    '50/1',
    '60000/1001',
    '60/1',
    '100/1',
    '120000/1001',
    '120/1',
];
