/** An easing in few words: what follows another curve point by point is not written out. */
export const easingLabel = (easing: string): string => (easing.startsWith('linear(') ? 'a curve of its own' : easing);
