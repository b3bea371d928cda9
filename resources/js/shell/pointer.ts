/**
 * The event that tells where the pointer is as soon as that is known, for what is asked of the server while something is dragged:
 * `pointermove` waits for the next frame. Where there is none, or the page is not served securely, it is `pointermove`.
 */
export const MOVED = ('onpointerrawupdate' in window ? 'pointerrawupdate' : 'pointermove') as 'pointermove';
