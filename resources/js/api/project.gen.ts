/* Made from core/schema/project-1.json by `npm run types`. */

/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Label".
 */
export type Label = 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Blend".
 */
export type Blend =
    | 'normal'
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
/**
 * linear, hold, jump, glide, ease-in(s%), ease-out(s%) or ease-in-out(s%) with a strength, cubic-bezier(x1, y1, x2, y2), or a family and a direction such as cubic-out
 *
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Easing".
 */
export type Easing = string;
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Leaving".
 */
export type Leaving =
    | Phase
    | {
          mirror: true;
      };
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Accent".
 */
export type Accent =
    | {
          accent: 'pulse';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          by?: number;
          times?: number;
      }
    | {
          accent: 'breathe';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          by?: number;
          times?: number;
      }
    | {
          accent: 'nod';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          turn?: number;
          times?: number;
      }
    | {
          accent: 'float';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          by?: number;
          times?: number;
      }
    | {
          accent: 'spin';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          turns?: number;
      }
    | {
          accent: 'jump-cut';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          by?: number;
          every?: number;
      }
    | {
          accent: 'shake';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          by?: number;
          seed?: number;
      }
    | {
          accent: 'hand-held';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          by?: number;
          turn?: number;
          every?: number;
          seed?: number;
      }
    | {
          accent: 'gone-fade';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
      }
    | {
          accent: 'gone-light';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
      }
    | {
          accent: 'gone-slide';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
          distance?: number;
      }
    | {
          accent: 'gone-push';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
      }
    | {
          accent: 'gone-drift';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
          distance?: number;
      }
    | {
          accent: 'gone-lift';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
      }
    | {
          accent: 'gone-drop';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
      }
    | {
          accent: 'gone-grow';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          begin?: number;
      }
    | {
          accent: 'gone-emerge';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          across?: number;
          down?: number;
      }
    | {
          accent: 'gone-overshoot';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
      }
    | {
          accent: 'gone-spring';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
      }
    | {
          accent: 'gone-settle';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          begin?: number;
      }
    | {
          accent: 'gone-widen';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
      }
    | {
          accent: 'gone-heighten';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
      }
    | {
          accent: 'gone-stretch';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
          strength?: number;
      }
    | {
          accent: 'gone-turn';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          turn?: number;
      }
    | {
          accent: 'gone-spin-in';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          turn?: number;
      }
    | {
          accent: 'gone-swing';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
          turn?: number;
      }
    | {
          accent: 'gone-hinged';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
          turn?: number;
      }
    | {
          accent: 'gone-flip-over';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
          turn?: number;
      }
    | {
          accent: 'gone-cube-turn';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
          turn?: number;
      }
    | {
          accent: 'gone-swing-doors';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
          turn?: number;
      }
    | {
          accent: 'gone-page-turn';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
          turn?: number;
          bend?: number;
      }
    | {
          accent: 'gone-unfold';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
      }
    | {
          accent: 'gone-split-flap';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
      }
    | {
          accent: 'gone-afar';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          away?: number;
      }
    | {
          accent: 'gone-tumble';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
          turn?: number;
          near?: number;
      }
    | {
          accent: 'gone-wipe';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
      }
    | {
          accent: 'gone-iris';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
      }
    | {
          accent: 'gone-doors';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
      }
    | {
          accent: 'gone-blinds';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          strips?: number;
      }
    | {
          accent: 'gone-clock';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
      }
    | {
          accent: 'gone-focus';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          blur?: number;
      }
    | {
          accent: 'gone-flash';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          stops?: number;
      }
    | {
          accent: 'gone-streak';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          angle?: number;
      }
    | {
          accent: 'gone-copies';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          copies?: number;
          angle?: number;
          distance?: number;
      }
    | {
          accent: 'gone-push-in';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          times?: number;
      }
    | {
          accent: 'gone-pull-out';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          times?: number;
      }
    | {
          accent: 'gone-orbit';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          around?: number;
          up?: number;
      }
    | {
          accent: 'gone-crane';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          above?: number;
      }
    | {
          accent: 'gone-dolly-zoom';
          /**
           * counted from the in point
           */
          at: number;
          length: number;
          leaves?: number;
          comes?: number;
          times?: number;
      };
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Effect".
 */
export type Effect =
    | {
          id: string;
          effect: 'blur';
          on?: boolean;
          radius?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'directional-blur';
          on?: boolean;
          length?: AnimatedNumber;
          angle?: AnimatedAngle;
      }
    | {
          id: string;
          effect: 'zoom-blur';
          on?: boolean;
          amount?: AnimatedNumber;
          centre?: AnimatedPoint;
      }
    | {
          id: string;
          effect: 'spin-blur';
          on?: boolean;
          angle?: AnimatedAngle;
          centre?: AnimatedPoint;
      }
    | {
          id: string;
          effect: 'drop-shadow';
          on?: boolean;
          colour?: AnimatedColour;
          distance?: AnimatedNumber;
          angle?: AnimatedAngle;
          softness?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'inner-shadow';
          on?: boolean;
          colour?: AnimatedColour;
          distance?: AnimatedNumber;
          angle?: AnimatedAngle;
          softness?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'long-shadow';
          on?: boolean;
          colour?: AnimatedColour;
          length?: AnimatedNumber;
          angle?: AnimatedAngle;
      }
    | {
          id: string;
          effect: 'extrude';
          on?: boolean;
          depth?: AnimatedNumber;
          angle?: AnimatedAngle;
          shade?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'edge-line';
          on?: boolean;
          colour?: AnimatedColour;
          width?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'halo';
          on?: boolean;
          colour?: AnimatedColour;
          softness?: AnimatedNumber;
          strength?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'glow';
          on?: boolean;
          softness?: AnimatedNumber;
          strength?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'vignette';
          on?: boolean;
          colour?: AnimatedColour;
          amount?: AnimatedNumber;
          centre?: AnimatedPoint;
          radius?: AnimatedNumber;
          softness?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'exposure';
          on?: boolean;
          stops?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'brightness';
          on?: boolean;
          brightness?: AnimatedNumber;
          contrast?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'curves';
          on?: boolean;
          dark?: AnimatedNumber;
          shadows?: AnimatedNumber;
          middle?: AnimatedNumber;
          lights?: AnimatedNumber;
          bright?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'saturation';
          on?: boolean;
          amount?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'hue';
          on?: boolean;
          turn?: AnimatedAngle;
      }
    | {
          id: string;
          effect: 'temperature';
          on?: boolean;
          warmth?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'tint';
          on?: boolean;
          colour?: AnimatedColour;
          amount?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'one-colour';
          on?: boolean;
          colour?: AnimatedColour;
      }
    | {
          id: string;
          effect: 'duotone';
          on?: boolean;
          dark?: AnimatedColour;
          bright?: AnimatedColour;
      }
    | {
          id: string;
          effect: 'invert';
          on?: boolean;
          amount?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'posterise';
          on?: boolean;
          steps?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'threshold';
          on?: boolean;
          level?: AnimatedNumber;
          softness?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'grain';
          on?: boolean;
          amount?: AnimatedNumber;
          size?: AnimatedNumber;
          every?: AnimatedNumber;
          seed?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'scanlines';
          on?: boolean;
          colour?: AnimatedColour;
          spacing?: AnimatedNumber;
          thickness?: AnimatedNumber;
          offset?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'pixels';
          on?: boolean;
          side?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'facets';
          on?: boolean;
          side?: AnimatedNumber;
          every?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'corner-pin';
          on?: boolean;
          topLeft?: AnimatedPoint;
          topRight?: AnimatedPoint;
          bottomRight?: AnimatedPoint;
          bottomLeft?: AnimatedPoint;
      }
    | {
          id: string;
          effect: 'mesh';
          on?: boolean;
          point11?: AnimatedPoint;
          point12?: AnimatedPoint;
          point13?: AnimatedPoint;
          point14?: AnimatedPoint;
          point21?: AnimatedPoint;
          point22?: AnimatedPoint;
          point23?: AnimatedPoint;
          point24?: AnimatedPoint;
          point31?: AnimatedPoint;
          point32?: AnimatedPoint;
          point33?: AnimatedPoint;
          point34?: AnimatedPoint;
          point41?: AnimatedPoint;
          point42?: AnimatedPoint;
          point43?: AnimatedPoint;
          point44?: AnimatedPoint;
      }
    | {
          id: string;
          effect: 'bulge';
          on?: boolean;
          amount?: AnimatedNumber;
          centre?: AnimatedPoint;
          radius?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'twirl';
          on?: boolean;
          angle?: AnimatedAngle;
          centre?: AnimatedPoint;
          radius?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'ripple';
          on?: boolean;
          height?: AnimatedNumber;
          wavelength?: AnimatedNumber;
          phase?: AnimatedAngle;
          centre?: AnimatedPoint;
          radius?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'wave';
          on?: boolean;
          height?: AnimatedNumber;
          wavelength?: AnimatedNumber;
          phase?: AnimatedAngle;
          angle?: AnimatedAngle;
      }
    | {
          id: string;
          effect: 'smear';
          on?: boolean;
          amount?: AnimatedNumber;
          centre?: AnimatedPoint;
          radius?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'brightness-key';
          on?: boolean;
          level?: AnimatedNumber;
          softness?: AnimatedNumber;
          bright?: AnimatedNumber;
      }
    | {
          id: string;
          effect: 'colour-key';
          on?: boolean;
          colour?: AnimatedColour;
          tolerance?: AnimatedNumber;
          softness?: AnimatedNumber;
      };
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "AnimatedNumber".
 */
export type AnimatedNumber =
    | number
    | {
          /**
           * @minItems 1
           */
          keyframes: [
              {
                  at: number;
                  value: number;
                  easing?: Easing;
                  pin?: Pin;
              },
              ...{
                  at: number;
                  value: number;
                  easing?: Easing;
                  pin?: Pin;
              }[]
          ];
      };
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Pin".
 */
export type Pin = 'start' | 'end';
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "AnimatedAngle".
 */
export type AnimatedAngle =
    | number
    | {
          /**
           * @minItems 1
           */
          keyframes: [
              {
                  at: number;
                  value: number;
                  easing?: Easing;
                  pin?: Pin;
              },
              ...{
                  at: number;
                  value: number;
                  easing?: Easing;
                  pin?: Pin;
              }[]
          ];
      };
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "AnimatedPoint".
 */
export type AnimatedPoint =
    | [number, number]
    | {
          /**
           * @minItems 1
           */
          keyframes: [
              {
                  at: number;
                  /**
                   * @minItems 2
                   * @maxItems 2
                   */
                  value: [number, number];
                  easing?: Easing;
                  pin?: Pin;
                  bend?: Bend;
              },
              ...{
                  at: number;
                  /**
                   * @minItems 2
                   * @maxItems 2
                   */
                  value: [number, number];
                  easing?: Easing;
                  pin?: Pin;
                  bend?: Bend;
              }[]
          ];
      };
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "AnimatedColour".
 */
export type AnimatedColour =
    | string
    | {
          /**
           * @minItems 1
           */
          keyframes: [
              {
                  at: number;
                  value: string;
                  easing?: Easing;
                  pin?: Pin;
              },
              ...{
                  at: number;
                  value: string;
                  easing?: Easing;
                  pin?: Pin;
              }[]
          ];
      };
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Mask".
 */
export type Mask =
    | {
          id: string;
          form: 'rectangle';
          /**
           * what it does to those before it
           */
          mode?: 'add' | 'subtract' | 'intersect' | 'exclude';
          inverted?: boolean;
          on?: boolean;
          /**
           * whether it stays where it is in the frame, counted in the composition's pixels, however the layer moves
           */
          fixed?: boolean;
          position?: AnimatedPoint;
          size?: AnimatedSize;
          rotation?: AnimatedAngle;
          rounding?: AnimatedLength;
          feather?: AnimatedNumber;
          grow?: AnimatedNumber;
          opacity?: AnimatedNumber;
      }
    | {
          id: string;
          form: 'ellipse';
          /**
           * what it does to those before it
           */
          mode?: 'add' | 'subtract' | 'intersect' | 'exclude';
          inverted?: boolean;
          on?: boolean;
          /**
           * whether it stays where it is in the frame, counted in the composition's pixels, however the layer moves
           */
          fixed?: boolean;
          position?: AnimatedPoint;
          size?: AnimatedSize;
          rotation?: AnimatedAngle;
          feather?: AnimatedNumber;
          grow?: AnimatedNumber;
          opacity?: AnimatedNumber;
      }
    | {
          id: string;
          form: 'free';
          /**
           * what it does to those before it
           */
          mode?: 'add' | 'subtract' | 'intersect' | 'exclude';
          inverted?: boolean;
          on?: boolean;
          /**
           * whether it stays where it is in the frame, counted in the composition's pixels, however the layer moves
           */
          fixed?: boolean;
          position?: AnimatedPoint;
          rotation?: AnimatedAngle;
          feather?: AnimatedNumber;
          grow?: AnimatedNumber;
          opacity?: AnimatedNumber;
          path?: AnimatedPath;
      }
    | {
          id: string;
          form: 'crop';
          /**
           * what it does to those before it
           */
          mode?: 'add' | 'subtract' | 'intersect' | 'exclude';
          inverted?: boolean;
          on?: boolean;
          left?: AnimatedLength;
          top?: AnimatedLength;
          right?: AnimatedLength;
          bottom?: AnimatedLength;
          feather?: AnimatedNumber;
          opacity?: AnimatedNumber;
      }
    | {
          id: string;
          form: 'layer';
          /**
           * what it does to those before it
           */
          mode?: 'add' | 'subtract' | 'intersect' | 'exclude';
          inverted?: boolean;
          on?: boolean;
          /**
           * the layer that it is
           */
          layer: string;
          by?: 'alpha' | 'brightness';
          feather?: AnimatedNumber;
          opacity?: AnimatedNumber;
      };
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "AnimatedSize".
 */
export type AnimatedSize =
    | [number, number]
    | {
          /**
           * @minItems 1
           */
          keyframes: [
              {
                  at: number;
                  /**
                   * @minItems 2
                   * @maxItems 2
                   */
                  value: [number, number];
                  easing?: Easing;
                  pin?: Pin;
              },
              ...{
                  at: number;
                  /**
                   * @minItems 2
                   * @maxItems 2
                   */
                  value: [number, number];
                  easing?: Easing;
                  pin?: Pin;
              }[]
          ];
      };
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "AnimatedLength".
 */
export type AnimatedLength =
    | (number | string)
    | {
          /**
           * @minItems 1
           */
          keyframes: [
              {
                  at: number;
                  /**
                   * pixels, or a share such as 50%
                   */
                  value: number | string;
                  easing?: Easing;
                  pin?: Pin;
              },
              ...{
                  at: number;
                  /**
                   * pixels, or a share such as 50%
                   */
                  value: number | string;
                  easing?: Easing;
                  pin?: Pin;
              }[]
          ];
      };
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "AnimatedPath".
 */
export type AnimatedPath =
    | string
    | {
          /**
           * @minItems 1
           */
          keyframes: [
              {
                  at: number;
                  /**
                   * SVG path data
                   */
                  value: string;
                  easing?: Easing;
                  pin?: Pin;
              },
              ...{
                  at: number;
                  /**
                   * SVG path data
                   */
                  value: string;
                  easing?: Easing;
                  pin?: Pin;
              }[]
          ];
      };
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Cascade".
 */
export type Cascade =
    | {
          id: string;
          as: 'arrive' | 'leave' | 'accent';
          units: 'letters' | 'words' | 'lines' | 'layers' | 'repeats' | 'patches';
          /**
           * frames from the beginning of its first unit to the end of its last
           */
          length: number;
          /**
           * so many letters, words or layers are one unit
           */
          every?: number;
          /**
           * whether a space between letters takes a turn
           */
          spaces?: boolean;
          order?:
              | 'forward'
              | 'backward'
              | 'middle'
              | 'edges'
              | 'place'
              | 'columns'
              | 'diagonal'
              | 'spiral'
              | 'point'
              | 'random';
          seed?: number;
          /**
           * frames after the in point that it begins, or before the last frame that it ends
           */
          at?: number;
          /**
           * how much of one unit's time the next one shares, in per cent
           */
          overlap?: number;
          easing?: Easing;
          spread?: Easing;
          /**
           * for so much of each unit's time it stays as it was thrown before it settles, in per cent
           */
          settles?: number;
          /**
           * whether a caret stands behind the last that has come
           */
          caret?: boolean;
          /**
           * whether units are other ones of the same text until they rest
           */
          shuffles?: boolean;
          on?: boolean;
          position?: AnimatedPoint;
          z?: AnimatedNumber;
          scale?: AnimatedPoint;
          turn?: AnimatedAngle;
          tiltX?: AnimatedAngle;
          tiltY?: AnimatedAngle;
          opacity?: AnimatedNumber;
          blur?: AnimatedNumber;
          gather?: AnimatedNumber;
          tint?: AnimatedColour;
          weight?: AnimatedNumber;
          pivot?: AnimatedPoint;
          origin?: AnimatedPoint;
          scatter?: AnimatedPoint;
          scatterTurn?: AnimatedAngle;
          scatterTilt?: AnimatedAngle;
          scatterScale?: AnimatedNumber;
      }
    | {
          id: string;
          /**
           * frames after the in point that it begins, or before the last frame that it ends
           */
          at?: number;
          on?: boolean;
          /**
           * the id of the one that arrives, which it is backwards
           */
          mirrors: string;
          /**
           * whether the first that arrived is the first that leaves
           */
          sameOrder?: boolean;
      };
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Gradient".
 */
export type Gradient =
    | {
          of: string;
          form: 'linear';
          /**
           * how many colours it has along its way
           */
          stops?: number;
          from?: AnimatedPoint;
          to?: AnimatedPoint;
          colour1?: AnimatedColour;
          at1?: AnimatedNumber;
          colour2?: AnimatedColour;
          at2?: AnimatedNumber;
          colour3?: AnimatedColour;
          at3?: AnimatedNumber;
          colour4?: AnimatedColour;
          at4?: AnimatedNumber;
          colour5?: AnimatedColour;
          at5?: AnimatedNumber;
          colour6?: AnimatedColour;
          at6?: AnimatedNumber;
          colour7?: AnimatedColour;
          at7?: AnimatedNumber;
          colour8?: AnimatedColour;
          at8?: AnimatedNumber;
          colour9?: AnimatedColour;
          at9?: AnimatedNumber;
          colour10?: AnimatedColour;
          at10?: AnimatedNumber;
          colour11?: AnimatedColour;
          at11?: AnimatedNumber;
          colour12?: AnimatedColour;
          at12?: AnimatedNumber;
      }
    | {
          of: string;
          form: 'radial';
          /**
           * how many colours it has along its way
           */
          stops?: number;
          centre?: AnimatedPoint;
          radius?: AnimatedNumber;
          colour1?: AnimatedColour;
          at1?: AnimatedNumber;
          colour2?: AnimatedColour;
          at2?: AnimatedNumber;
          colour3?: AnimatedColour;
          at3?: AnimatedNumber;
          colour4?: AnimatedColour;
          at4?: AnimatedNumber;
          colour5?: AnimatedColour;
          at5?: AnimatedNumber;
          colour6?: AnimatedColour;
          at6?: AnimatedNumber;
          colour7?: AnimatedColour;
          at7?: AnimatedNumber;
          colour8?: AnimatedColour;
          at8?: AnimatedNumber;
          colour9?: AnimatedColour;
          at9?: AnimatedNumber;
          colour10?: AnimatedColour;
          at10?: AnimatedNumber;
          colour11?: AnimatedColour;
          at11?: AnimatedNumber;
          colour12?: AnimatedColour;
          at12?: AnimatedNumber;
      }
    | {
          of: string;
          form: 'sweep';
          /**
           * how many colours it has along its way
           */
          stops?: number;
          centre?: AnimatedPoint;
          angle?: AnimatedAngle;
          colour1?: AnimatedColour;
          at1?: AnimatedNumber;
          colour2?: AnimatedColour;
          at2?: AnimatedNumber;
          colour3?: AnimatedColour;
          at3?: AnimatedNumber;
          colour4?: AnimatedColour;
          at4?: AnimatedNumber;
          colour5?: AnimatedColour;
          at5?: AnimatedNumber;
          colour6?: AnimatedColour;
          at6?: AnimatedNumber;
          colour7?: AnimatedColour;
          at7?: AnimatedNumber;
          colour8?: AnimatedColour;
          at8?: AnimatedNumber;
          colour9?: AnimatedColour;
          at9?: AnimatedNumber;
          colour10?: AnimatedColour;
          at10?: AnimatedNumber;
          colour11?: AnimatedColour;
          at11?: AnimatedNumber;
          colour12?: AnimatedColour;
          at12?: AnimatedNumber;
      }
    | {
          of: string;
          form: 'corners';
          topLeft?: AnimatedColour;
          topRight?: AnimatedColour;
          bottomLeft?: AnimatedColour;
          bottomRight?: AnimatedColour;
      }
    | {
          of: string;
          form: 'picture';
          /**
           * the picture or clip
           */
          media?: string;
          /**
           * the id of another composition, in the place of media
           */
          composition?: string;
          /**
           * how large it is in the box before it is zoomed
           */
          fitting?: 'fill' | 'fit';
          pan?: AnimatedPoint;
          zoom?: AnimatedNumber;
          turn?: AnimatedAngle;
      };
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Brush".
 */
export type Brush =
    | {
          form: 'dotted';
          on?: boolean;
          id?: 'b1';
          size?: AnimatedNumber;
          spacing?: AnimatedNumber;
          phase?: AnimatedNumber;
          grow?: AnimatedNumber;
          scatter?: AnimatedNumber;
          scatterTurn?: AnimatedAngle;
          scatterSize?: AnimatedNumber;
          scatterOpacity?: AnimatedNumber;
          seed?: AnimatedNumber;
      }
    | {
          form: 'rings';
          on?: boolean;
          id?: 'b1';
          size?: AnimatedNumber;
          spacing?: AnimatedNumber;
          phase?: AnimatedNumber;
          grow?: AnimatedNumber;
          scatter?: AnimatedNumber;
          scatterTurn?: AnimatedAngle;
          scatterSize?: AnimatedNumber;
          scatterOpacity?: AnimatedNumber;
          seed?: AnimatedNumber;
      }
    | {
          form: 'leaves';
          on?: boolean;
          id?: 'b1';
          size?: AnimatedNumber;
          spacing?: AnimatedNumber;
          phase?: AnimatedNumber;
          grow?: AnimatedNumber;
          scatter?: AnimatedNumber;
          scatterTurn?: AnimatedAngle;
          scatterSize?: AnimatedNumber;
          scatterOpacity?: AnimatedNumber;
          seed?: AnimatedNumber;
      }
    | {
          form: 'stitches';
          on?: boolean;
          id?: 'b1';
          size?: AnimatedNumber;
          spacing?: AnimatedNumber;
          phase?: AnimatedNumber;
          grow?: AnimatedNumber;
          scatter?: AnimatedNumber;
          scatterTurn?: AnimatedAngle;
          scatterSize?: AnimatedNumber;
          scatterOpacity?: AnimatedNumber;
          seed?: AnimatedNumber;
      }
    | {
          form: 'chalk';
          on?: boolean;
          id?: 'b1';
          size?: AnimatedNumber;
          spacing?: AnimatedNumber;
          phase?: AnimatedNumber;
          grow?: AnimatedNumber;
          scatter?: AnimatedNumber;
          scatterTurn?: AnimatedAngle;
          scatterSize?: AnimatedNumber;
          scatterOpacity?: AnimatedNumber;
          seed?: AnimatedNumber;
      }
    | {
          form: 'airbrush';
          on?: boolean;
          id?: 'b1';
          size?: AnimatedNumber;
          spacing?: AnimatedNumber;
          phase?: AnimatedNumber;
          grow?: AnimatedNumber;
          scatter?: AnimatedNumber;
          scatterTurn?: AnimatedAngle;
          scatterSize?: AnimatedNumber;
          scatterOpacity?: AnimatedNumber;
          seed?: AnimatedNumber;
      }
    | {
          form: 'stars';
          on?: boolean;
          id?: 'b1';
          size?: AnimatedNumber;
          spacing?: AnimatedNumber;
          phase?: AnimatedNumber;
          grow?: AnimatedNumber;
          scatter?: AnimatedNumber;
          scatterTurn?: AnimatedAngle;
          scatterSize?: AnimatedNumber;
          scatterOpacity?: AnimatedNumber;
          seed?: AnimatedNumber;
      }
    | {
          form: 'tiles';
          on?: boolean;
          id?: 'b1';
          size?: AnimatedNumber;
          spacing?: AnimatedNumber;
          phase?: AnimatedNumber;
          grow?: AnimatedNumber;
          scatter?: AnimatedNumber;
          scatterTurn?: AnimatedAngle;
          scatterSize?: AnimatedNumber;
          scatterOpacity?: AnimatedNumber;
          seed?: AnimatedNumber;
      }
    | {
          form: 'own';
          on?: boolean;
          /**
           * SVG path data of any size, which is set along the line
           */
          mark?: string;
          /**
           * a picture or a clip in its place
           */
          media?: string;
          id?: 'b1';
          size?: AnimatedNumber;
          spacing?: AnimatedNumber;
          phase?: AnimatedNumber;
          grow?: AnimatedNumber;
          scatter?: AnimatedNumber;
          scatterTurn?: AnimatedAngle;
          scatterSize?: AnimatedNumber;
          scatterOpacity?: AnimatedNumber;
          seed?: AnimatedNumber;
      };
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "AnimatedFlag".
 */
export type AnimatedFlag =
    | boolean
    | {
          /**
           * @minItems 1
           */
          keyframes: [
              {
                  at: number;
                  value: boolean;
                  easing?: Easing;
                  pin?: Pin;
              },
              ...{
                  at: number;
                  value: boolean;
                  easing?: Easing;
                  pin?: Pin;
              }[]
          ];
      };
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "AnimatedFace".
 */
export type AnimatedFace =
    | string
    | {
          /**
           * @minItems 1
           */
          keyframes: [
              {
                  at: number;
                  value: string;
                  easing?: Easing;
                  pin?: Pin;
              },
              ...{
                  at: number;
                  value: string;
                  easing?: Easing;
                  pin?: Pin;
              }[]
          ];
      };

/**
 * A Ricamo project, version 1
 */
export interface ProjectFile {
    format: 'ricamo-project';
    version: number;
    name: string;
    /**
     * @minItems 1
     * @maxItems 500
     */
    compositions: [Composition, ...Composition[]];
    /**
     * @maxItems 5000
     */
    media?: MediaFile[];
    /**
     * @maxItems 200
     */
    swatches?: Swatch[];
    /**
     * @maxItems 200
     */
    curves?: {
        name: string;
        easing: Easing;
    }[];
    /**
     * effects that are kept at hand by name
     *
     * @maxItems 200
     */
    looks?: {
        name: string;
        /**
         * @minItems 1
         * @maxItems 32
         */
        effects: [Effect, ...Effect[]];
    }[];
    /**
     * moves that are kept at hand by name, relative to where a layer rests
     *
     * @maxItems 200
     */
    motions?: {
        name: string;
        motion: Motion;
    }[];
    /**
     * parts of layers that are kept at hand by name
     *
     * @maxItems 200
     */
    styles?: {
        name: string;
        /**
         * as documents hold it; what belongs to none of the parts is left out
         */
        layer: {
            [k: string]: unknown;
        };
        /**
         * some of its parts
         *
         * @minItems 1
         * @maxItems 10
         */
        parts: [
            'placement' | 'animation' | 'life' | 'cascades' | 'patchwork' | 'effects' | 'masks' | 'paint' | 'type',
            ...(
                'placement' | 'animation' | 'life' | 'cascades' | 'patchwork' | 'effects' | 'masks' | 'paint' | 'type'
            )[]
        ];
    }[];
}
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Composition".
 */
export interface Composition {
    id: string;
    name: string;
    width: number;
    height: number;
    rate: string;
    length: number;
    background?: string | 'transparent';
    /**
     * from the bottom of the stack to the top
     */
    layers?: (
        | AdjustingLayer
        | BundleLayer
        | CameraLayer
        | FootageLayer
        | GroupLayer
        | LightLayer
        | ShapeLayer
        | SoundLayer
        | TextLayer
        | WindowLayer
    )[];
    /**
     * @maxItems 2000
     */
    markers?: {
        /**
         * of the composition, or of a layer from its in point on
         */
        frame: number;
        name?: string;
        label?: Label;
    }[];
    /**
     * the ids of layers that are looked at by themselves; where there are none, all are shown
     *
     * @maxItems 2000
     */
    alone?: string[];
    /**
     * @maxItems 100
     */
    guides?: {
        axis: 'x' | 'y';
        /**
         * composition pixels
         */
        at: number;
    }[];
    shutter?: Shutter;
    /**
     * the folder that it is filed in among the compositions
     */
    folder?: string;
}
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "AdjustingLayer".
 */
export interface AdjustingLayer {
    id: string;
    kind: 'adjusting';
    name: string;
    in: number;
    out: number;
    /**
     * the id of the group that it is in
     */
    group?: string;
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        /**
         * of the composition, or of a layer from its in point on
         */
        frame: number;
        name?: string;
        label?: Label;
    }[];
    visible?: boolean;
    /**
     * whether its width and height are scaled together
     */
    scaleLinked?: boolean;
    label?: Label;
    /**
     * whether no edit changes it
     */
    locked?: boolean;
    /**
     * whether it is only looked at while working, and never rendered
     */
    reference?: boolean;
    /**
     * whether it turns with the direction in which it goes
     */
    turnsAlong?: boolean;
    /**
     * whether it stays the right way round in a bundle that is flipped
     */
    alwaysReads?: boolean;
    /**
     * whether cameras pass it by, so that it is seen as without one
     */
    flat?: boolean;
    /**
     * whether lights shade it
     */
    takesLight?: boolean;
    /**
     * whether its shadow falls on others
     */
    throwsShadow?: boolean;
    /**
     * whether shadows of others fall on it
     */
    receivesShadow?: boolean;
    blend?: Blend;
    motionBlur?: boolean;
    shutter?: Shutter;
    arrive?: Phase;
    leave?: Leaving;
    /**
     * @maxItems 200
     */
    accents?: Accent[];
    /**
     * in the order in which they are done
     *
     * @maxItems 32
     */
    effects?: Effect[];
    /**
     * @maxItems 50
     */
    masks?: Mask[];
    position?: AnimatedPoint;
    x?: AnimatedNumber;
    y?: AnimatedNumber;
    scale?: AnimatedPoint;
    rotation?: AnimatedAngle;
    opacity?: AnimatedNumber;
    anchor?: AnimatedPoint;
}
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Shutter".
 */
export interface Shutter {
    /**
     * degrees, 360 being the whole time from one frame to the next; at 0 everything is sharp
     */
    angle?: number;
    /**
     * degrees from the frame's own moment to the opening of the shutter
     */
    phase?: number;
    /**
     * the most pictures that are drawn for a frame
     */
    samples?: 2 | 4 | 8 | 16 | 32 | 64;
}
/**
 * how a layer arrives or leaves
 *
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Phase".
 */
export interface Phase {
    /**
     * @minItems 1
     * @maxItems 10
     */
    moves: [
        (
            | {
                  move: 'fade';
              }
            | {
                  move: 'light';
              }
            | {
                  move: 'slide';
                  angle?: number;
                  distance?: number;
              }
            | {
                  move: 'push';
                  angle?: number;
              }
            | {
                  move: 'drift';
                  angle?: number;
                  distance?: number;
              }
            | {
                  move: 'lift';
                  angle?: number;
              }
            | {
                  move: 'drop';
                  angle?: number;
              }
            | {
                  move: 'grow';
                  begin?: number;
              }
            | {
                  move: 'emerge';
                  across?: number;
                  down?: number;
              }
            | {
                  move: 'overshoot';
              }
            | {
                  move: 'spring';
              }
            | {
                  move: 'settle';
                  begin?: number;
              }
            | {
                  move: 'widen';
              }
            | {
                  move: 'heighten';
              }
            | {
                  move: 'stretch';
                  angle?: number;
                  strength?: number;
              }
            | {
                  move: 'turn';
                  turn?: number;
              }
            | {
                  move: 'spin-in';
                  turn?: number;
              }
            | {
                  move: 'swing';
                  angle?: number;
                  turn?: number;
              }
            | {
                  move: 'hinged';
                  angle?: number;
                  turn?: number;
              }
            | {
                  move: 'flip-over';
                  angle?: number;
                  turn?: number;
              }
            | {
                  move: 'cube-turn';
                  angle?: number;
                  turn?: number;
              }
            | {
                  move: 'swing-doors';
                  angle?: number;
                  turn?: number;
              }
            | {
                  move: 'page-turn';
                  angle?: number;
                  turn?: number;
                  bend?: number;
              }
            | {
                  move: 'unfold';
                  angle?: number;
                  leaves?: number;
              }
            | {
                  move: 'split-flap';
                  angle?: number;
              }
            | {
                  move: 'afar';
                  away?: number;
              }
            | {
                  move: 'tumble';
                  angle?: number;
                  turn?: number;
                  near?: number;
              }
            | {
                  move: 'wipe';
                  angle?: number;
              }
            | {
                  move: 'iris';
              }
            | {
                  move: 'doors';
                  angle?: number;
              }
            | {
                  move: 'blinds';
                  strips?: number;
              }
            | {
                  move: 'clock';
                  angle?: number;
              }
            | {
                  move: 'focus';
                  blur?: number;
              }
            | {
                  move: 'flash';
                  stops?: number;
              }
            | {
                  move: 'streak';
                  angle?: number;
                  length?: number;
              }
            | {
                  move: 'copies';
                  copies?: number;
                  angle?: number;
                  distance?: number;
              }
            | {
                  move: 'push-in';
                  times?: number;
              }
            | {
                  move: 'pull-out';
                  times?: number;
              }
            | {
                  move: 'orbit';
                  around?: number;
                  up?: number;
              }
            | {
                  move: 'crane';
                  above?: number;
              }
            | {
                  move: 'dolly-zoom';
                  times?: number;
              }
        ),
        ...(
            | {
                  move: 'fade';
              }
            | {
                  move: 'light';
              }
            | {
                  move: 'slide';
                  angle?: number;
                  distance?: number;
              }
            | {
                  move: 'push';
                  angle?: number;
              }
            | {
                  move: 'drift';
                  angle?: number;
                  distance?: number;
              }
            | {
                  move: 'lift';
                  angle?: number;
              }
            | {
                  move: 'drop';
                  angle?: number;
              }
            | {
                  move: 'grow';
                  begin?: number;
              }
            | {
                  move: 'emerge';
                  across?: number;
                  down?: number;
              }
            | {
                  move: 'overshoot';
              }
            | {
                  move: 'spring';
              }
            | {
                  move: 'settle';
                  begin?: number;
              }
            | {
                  move: 'widen';
              }
            | {
                  move: 'heighten';
              }
            | {
                  move: 'stretch';
                  angle?: number;
                  strength?: number;
              }
            | {
                  move: 'turn';
                  turn?: number;
              }
            | {
                  move: 'spin-in';
                  turn?: number;
              }
            | {
                  move: 'swing';
                  angle?: number;
                  turn?: number;
              }
            | {
                  move: 'hinged';
                  angle?: number;
                  turn?: number;
              }
            | {
                  move: 'flip-over';
                  angle?: number;
                  turn?: number;
              }
            | {
                  move: 'cube-turn';
                  angle?: number;
                  turn?: number;
              }
            | {
                  move: 'swing-doors';
                  angle?: number;
                  turn?: number;
              }
            | {
                  move: 'page-turn';
                  angle?: number;
                  turn?: number;
                  bend?: number;
              }
            | {
                  move: 'unfold';
                  angle?: number;
                  leaves?: number;
              }
            | {
                  move: 'split-flap';
                  angle?: number;
              }
            | {
                  move: 'afar';
                  away?: number;
              }
            | {
                  move: 'tumble';
                  angle?: number;
                  turn?: number;
                  near?: number;
              }
            | {
                  move: 'wipe';
                  angle?: number;
              }
            | {
                  move: 'iris';
              }
            | {
                  move: 'doors';
                  angle?: number;
              }
            | {
                  move: 'blinds';
                  strips?: number;
              }
            | {
                  move: 'clock';
                  angle?: number;
              }
            | {
                  move: 'focus';
                  blur?: number;
              }
            | {
                  move: 'flash';
                  stops?: number;
              }
            | {
                  move: 'streak';
                  angle?: number;
                  length?: number;
              }
            | {
                  move: 'copies';
                  copies?: number;
                  angle?: number;
                  distance?: number;
              }
            | {
                  move: 'push-in';
                  times?: number;
              }
            | {
                  move: 'pull-out';
                  times?: number;
              }
            | {
                  move: 'orbit';
                  around?: number;
                  up?: number;
              }
            | {
                  move: 'crane';
                  above?: number;
              }
            | {
                  move: 'dolly-zoom';
                  times?: number;
              }
        )[]
    ];
    length: number;
    easing?: Easing;
    /**
     * frames of it that lie beyond the end, because the layer was cut there
     */
    begun?: number;
}
/**
 * the handles of the motion path at a keyframe, as distances from it in pixels
 *
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Bend".
 */
export interface Bend {
    /**
     * @minItems 2
     * @maxItems 2
     */
    arrive?: [number, number];
    /**
     * @minItems 2
     * @maxItems 2
     */
    leave?: [number, number];
}
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "BundleLayer".
 */
export interface BundleLayer {
    id: string;
    kind: 'bundle';
    name: string;
    in: number;
    out: number;
    /**
     * the id of the group that it is in
     */
    group?: string;
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        /**
         * of the composition, or of a layer from its in point on
         */
        frame: number;
        name?: string;
        label?: Label;
    }[];
    visible?: boolean;
    /**
     * whether its width and height are scaled together
     */
    scaleLinked?: boolean;
    label?: Label;
    /**
     * whether no edit changes it
     */
    locked?: boolean;
    /**
     * whether it is only looked at while working, and never rendered
     */
    reference?: boolean;
    /**
     * whether it turns with the direction in which it goes
     */
    turnsAlong?: boolean;
    /**
     * whether it stays the right way round in a bundle that is flipped
     */
    alwaysReads?: boolean;
    /**
     * whether cameras pass it by, so that it is seen as without one
     */
    flat?: boolean;
    /**
     * whether lights shade it
     */
    takesLight?: boolean;
    /**
     * whether its shadow falls on others
     */
    throwsShadow?: boolean;
    /**
     * whether shadows of others fall on it
     */
    receivesShadow?: boolean;
    blend?: Blend;
    motionBlur?: boolean;
    shutter?: Shutter;
    arrive?: Phase;
    leave?: Leaving;
    /**
     * @maxItems 200
     */
    accents?: Accent[];
    /**
     * in the order in which they are done
     *
     * @maxItems 32
     */
    effects?: Effect[];
    /**
     * @maxItems 50
     */
    masks?: Mask[];
    /**
     * animations that are spread over what it consists of
     *
     * @maxItems 16
     */
    cascades?: Cascade[];
    patchwork?: Patchwork;
    /**
     * the id of the one that is placed
     */
    composition: string;
    /**
     * the frame of the clip at the layer's in point; a fraction where it begins within a frame
     */
    from?: number | string;
    /**
     * in per cent; below nought it goes backwards, at nought it stands still
     */
    speed?: number | string;
    beyond?: 'hold' | 'loop' | 'there-and-back' | 'nothing';
    /**
     * whether it is heard
     */
    sound?: boolean;
    /**
     * for how many of its own frames it is made to go on, its stay taking up the difference; as long as it is where there is none
     */
    length?: number | null;
    /**
     * whether that length changes when an edge is pulled
     */
    stretches?: boolean;
    /**
     * whether it goes as it came, backwards
     */
    mirrors?: boolean;
    /**
     * whether what lies outside of its frame is left out, where it is a flat picture
     */
    crop?: boolean;
    /**
     * whether its layers keep their depth, and are seen with those around it
     */
    space?: boolean;
    position?: AnimatedPoint;
    x?: AnimatedNumber;
    y?: AnimatedNumber;
    scale?: AnimatedPoint;
    rotation?: AnimatedAngle;
    opacity?: AnimatedNumber;
    z?: AnimatedNumber;
    tiltX?: AnimatedAngle;
    tiltY?: AnimatedAngle;
    anchorZ?: AnimatedNumber;
    anchor?: AnimatedPoint;
    shine?: AnimatedNumber;
    roughness?: AnimatedNumber;
    thickness?: AnimatedNumber;
    sideColour?: AnimatedColour;
    level?: AnimatedNumber;
}
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Patchwork".
 */
export interface Patchwork {
    form?: 'grid' | 'hexagons' | 'shards' | 'rings' | 'path';
    /**
     * rings from the middle outwards, where it is cut into those
     */
    rows?: number;
    /**
     * sectors of each ring, where it is cut into those
     */
    columns?: number;
    /**
     * that shards are thrown from
     */
    seed?: number;
    on?: boolean;
    id?: 'p1';
    path?: AnimatedPath;
    gap?: AnimatedNumber;
    rounding?: AnimatedNumber;
    edge?: AnimatedNumber;
    edgeColour?: AnimatedColour;
    shadow?: AnimatedColour;
    distance?: AnimatedNumber;
    angle?: AnimatedAngle;
    softness?: AnimatedNumber;
}
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "CameraLayer".
 */
export interface CameraLayer {
    id: string;
    kind: 'camera';
    name: string;
    in: number;
    out: number;
    /**
     * the id of the group that it is in
     */
    group?: string;
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        /**
         * of the composition, or of a layer from its in point on
         */
        frame: number;
        name?: string;
        label?: Label;
    }[];
    visible?: boolean;
    /**
     * whether its width and height are scaled together
     */
    scaleLinked?: boolean;
    label?: Label;
    /**
     * whether no edit changes it
     */
    locked?: boolean;
    /**
     * whether it is only looked at while working, and never rendered
     */
    reference?: boolean;
    /**
     * whether it turns with the direction in which it goes
     */
    turnsAlong?: boolean;
    /**
     * whether it stays the right way round in a bundle that is flipped
     */
    alwaysReads?: boolean;
    /**
     * whether cameras pass it by, so that it is seen as without one
     */
    flat?: boolean;
    /**
     * whether lights shade it
     */
    takesLight?: boolean;
    /**
     * whether its shadow falls on others
     */
    throwsShadow?: boolean;
    /**
     * whether shadows of others fall on it
     */
    receivesShadow?: boolean;
    blend?: Blend;
    motionBlur?: boolean;
    shutter?: Shutter;
    arrive?: Phase;
    leave?: Leaving;
    /**
     * @maxItems 200
     */
    accents?: Accent[];
    /**
     * in the order in which they are done
     *
     * @maxItems 32
     */
    effects?: Effect[];
    /**
     * @maxItems 50
     */
    masks?: Mask[];
    position?: AnimatedPoint;
    z?: AnimatedNumber;
    aim?: AnimatedPoint;
    aimZ?: AnimatedNumber;
    orbitX?: AnimatedAngle;
    orbitY?: AnimatedAngle;
    rotation?: AnimatedAngle;
    lens?: AnimatedNumber;
    aperture?: AnimatedNumber;
    focus?: AnimatedNumber;
}
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "FootageLayer".
 */
export interface FootageLayer {
    id: string;
    kind: 'footage';
    name: string;
    in: number;
    out: number;
    /**
     * the id of the group that it is in
     */
    group?: string;
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        /**
         * of the composition, or of a layer from its in point on
         */
        frame: number;
        name?: string;
        label?: Label;
    }[];
    visible?: boolean;
    /**
     * whether its width and height are scaled together
     */
    scaleLinked?: boolean;
    label?: Label;
    /**
     * whether no edit changes it
     */
    locked?: boolean;
    /**
     * whether it is only looked at while working, and never rendered
     */
    reference?: boolean;
    /**
     * whether it turns with the direction in which it goes
     */
    turnsAlong?: boolean;
    /**
     * whether it stays the right way round in a bundle that is flipped
     */
    alwaysReads?: boolean;
    /**
     * whether cameras pass it by, so that it is seen as without one
     */
    flat?: boolean;
    /**
     * whether lights shade it
     */
    takesLight?: boolean;
    /**
     * whether its shadow falls on others
     */
    throwsShadow?: boolean;
    /**
     * whether shadows of others fall on it
     */
    receivesShadow?: boolean;
    blend?: Blend;
    motionBlur?: boolean;
    shutter?: Shutter;
    arrive?: Phase;
    leave?: Leaving;
    /**
     * @maxItems 200
     */
    accents?: Accent[];
    /**
     * in the order in which they are done
     *
     * @maxItems 32
     */
    effects?: Effect[];
    /**
     * @maxItems 50
     */
    masks?: Mask[];
    /**
     * animations that are spread over what it consists of
     *
     * @maxItems 16
     */
    cascades?: Cascade[];
    patchwork?: Patchwork;
    media: string;
    /**
     * the frame of the clip at the layer's in point; a fraction where it begins within a frame
     */
    from?: number | string;
    /**
     * in per cent; below nought it goes backwards, at nought it stands still
     */
    speed?: number | string;
    beyond?: 'hold' | 'loop' | 'there-and-back' | 'nothing';
    /**
     * whether it is heard
     */
    sound?: boolean;
    position?: AnimatedPoint;
    x?: AnimatedNumber;
    y?: AnimatedNumber;
    scale?: AnimatedPoint;
    rotation?: AnimatedAngle;
    opacity?: AnimatedNumber;
    z?: AnimatedNumber;
    tiltX?: AnimatedAngle;
    tiltY?: AnimatedAngle;
    anchorZ?: AnimatedNumber;
    anchor?: AnimatedPoint;
    shine?: AnimatedNumber;
    roughness?: AnimatedNumber;
    thickness?: AnimatedNumber;
    sideColour?: AnimatedColour;
    ramp?: AnimatedNumber;
    level?: AnimatedNumber;
}
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "GroupLayer".
 */
export interface GroupLayer {
    id: string;
    kind: 'group';
    name: string;
    in: number;
    out: number;
    /**
     * the id of the group that it is in
     */
    group?: string;
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        /**
         * of the composition, or of a layer from its in point on
         */
        frame: number;
        name?: string;
        label?: Label;
    }[];
    visible?: boolean;
    /**
     * whether its width and height are scaled together
     */
    scaleLinked?: boolean;
    label?: Label;
    /**
     * whether no edit changes it
     */
    locked?: boolean;
    /**
     * whether it is only looked at while working, and never rendered
     */
    reference?: boolean;
    /**
     * whether it turns with the direction in which it goes
     */
    turnsAlong?: boolean;
    /**
     * whether it stays the right way round in a bundle that is flipped
     */
    alwaysReads?: boolean;
    /**
     * whether cameras pass it by, so that it is seen as without one
     */
    flat?: boolean;
    /**
     * whether lights shade it
     */
    takesLight?: boolean;
    /**
     * whether its shadow falls on others
     */
    throwsShadow?: boolean;
    /**
     * whether shadows of others fall on it
     */
    receivesShadow?: boolean;
    blend?: Blend;
    motionBlur?: boolean;
    shutter?: Shutter;
    arrive?: Phase;
    leave?: Leaving;
    /**
     * @maxItems 200
     */
    accents?: Accent[];
    /**
     * in the order in which they are done
     *
     * @maxItems 32
     */
    effects?: Effect[];
    /**
     * @maxItems 50
     */
    masks?: Mask[];
    /**
     * animations that are spread over what it consists of
     *
     * @maxItems 16
     */
    cascades?: Cascade[];
    patchwork?: Patchwork;
    /**
     * whether what blends in it blends with nothing beneath it
     */
    isolated?: boolean;
    position?: AnimatedPoint;
    x?: AnimatedNumber;
    y?: AnimatedNumber;
    scale?: AnimatedPoint;
    rotation?: AnimatedAngle;
    opacity?: AnimatedNumber;
    z?: AnimatedNumber;
    tiltX?: AnimatedAngle;
    tiltY?: AnimatedAngle;
    anchorZ?: AnimatedNumber;
    anchor?: AnimatedPoint;
}
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "LightLayer".
 */
export interface LightLayer {
    id: string;
    kind: 'light';
    name: string;
    in: number;
    out: number;
    /**
     * the id of the group that it is in
     */
    group?: string;
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        /**
         * of the composition, or of a layer from its in point on
         */
        frame: number;
        name?: string;
        label?: Label;
    }[];
    visible?: boolean;
    /**
     * whether its width and height are scaled together
     */
    scaleLinked?: boolean;
    label?: Label;
    /**
     * whether no edit changes it
     */
    locked?: boolean;
    /**
     * whether it is only looked at while working, and never rendered
     */
    reference?: boolean;
    /**
     * whether it turns with the direction in which it goes
     */
    turnsAlong?: boolean;
    /**
     * whether it stays the right way round in a bundle that is flipped
     */
    alwaysReads?: boolean;
    /**
     * whether cameras pass it by, so that it is seen as without one
     */
    flat?: boolean;
    /**
     * whether lights shade it
     */
    takesLight?: boolean;
    /**
     * whether its shadow falls on others
     */
    throwsShadow?: boolean;
    /**
     * whether shadows of others fall on it
     */
    receivesShadow?: boolean;
    blend?: Blend;
    motionBlur?: boolean;
    shutter?: Shutter;
    arrive?: Phase;
    leave?: Leaving;
    /**
     * @maxItems 200
     */
    accents?: Accent[];
    /**
     * in the order in which they are done
     *
     * @maxItems 32
     */
    effects?: Effect[];
    /**
     * @maxItems 50
     */
    masks?: Mask[];
    /**
     * from where it comes
     */
    source: 'ambient' | 'directional' | 'point';
    position?: AnimatedPoint;
    z?: AnimatedNumber;
    aim?: AnimatedPoint;
    aimZ?: AnimatedNumber;
    lightColour?: AnimatedColour;
    lightStrength?: AnimatedNumber;
    falloff?: AnimatedNumber;
    shadow?: AnimatedNumber;
    lightSize?: AnimatedNumber;
}
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "ShapeLayer".
 */
export interface ShapeLayer {
    id: string;
    kind: 'shape';
    name: string;
    in: number;
    out: number;
    /**
     * the id of the group that it is in
     */
    group?: string;
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        /**
         * of the composition, or of a layer from its in point on
         */
        frame: number;
        name?: string;
        label?: Label;
    }[];
    visible?: boolean;
    /**
     * whether its width and height are scaled together
     */
    scaleLinked?: boolean;
    label?: Label;
    /**
     * whether no edit changes it
     */
    locked?: boolean;
    /**
     * whether it is only looked at while working, and never rendered
     */
    reference?: boolean;
    /**
     * whether it turns with the direction in which it goes
     */
    turnsAlong?: boolean;
    /**
     * whether it stays the right way round in a bundle that is flipped
     */
    alwaysReads?: boolean;
    /**
     * whether cameras pass it by, so that it is seen as without one
     */
    flat?: boolean;
    /**
     * whether lights shade it
     */
    takesLight?: boolean;
    /**
     * whether its shadow falls on others
     */
    throwsShadow?: boolean;
    /**
     * whether shadows of others fall on it
     */
    receivesShadow?: boolean;
    blend?: Blend;
    motionBlur?: boolean;
    shutter?: Shutter;
    arrive?: Phase;
    leave?: Leaving;
    /**
     * @maxItems 200
     */
    accents?: Accent[];
    /**
     * in the order in which they are done
     *
     * @maxItems 32
     */
    effects?: Effect[];
    /**
     * @maxItems 50
     */
    masks?: Mask[];
    /**
     * in the place of the colours of its fill and its outline
     *
     * @maxItems 10
     */
    gradients?: Gradient[];
    /**
     * animations that are spread over what it consists of
     *
     * @maxItems 16
     */
    cascades?: Cascade[];
    brush?: Brush;
    /**
     * more of them, the first outermost
     *
     * @maxItems 8
     */
    outlines?: Outline[];
    patchwork?: Patchwork;
    form:
        'rectangle' | 'ellipse' | 'polygon' | 'star' | 'arc' | 'ring' | 'line' | 'arrow' | 'speech' | 'heart' | 'path';
    /**
     * how its outline ends, where it is open
     */
    cap?: 'butt' | 'round' | 'square';
    /**
     * what stands where its outline begins, where it is open
     */
    beginMark?: 'arrow' | 'barb' | 'dot' | 'square' | 'diamond' | 'bar';
    /**
     * what stands where its outline ends, where it is open
     */
    endMark?: 'arrow' | 'barb' | 'dot' | 'square' | 'diamond' | 'bar';
    /**
     * of its outline evenly along it, in per cent
     *
     * @maxItems 256
     */
    widths?: number[];
    position?: AnimatedPoint;
    x?: AnimatedNumber;
    y?: AnimatedNumber;
    scale?: AnimatedPoint;
    rotation?: AnimatedAngle;
    opacity?: AnimatedNumber;
    z?: AnimatedNumber;
    tiltX?: AnimatedAngle;
    tiltY?: AnimatedAngle;
    anchorZ?: AnimatedNumber;
    anchor?: AnimatedPoint;
    shine?: AnimatedNumber;
    roughness?: AnimatedNumber;
    thickness?: AnimatedNumber;
    sideColour?: AnimatedColour;
    size?: AnimatedSize;
    rounding?: AnimatedLength;
    roundTopLeft?: AnimatedLength;
    roundTopRight?: AnimatedLength;
    roundBottomRight?: AnimatedLength;
    roundBottomLeft?: AnimatedLength;
    sides?: AnimatedNumber;
    inner?: AnimatedNumber;
    start?: AnimatedAngle;
    sweep?: AnimatedAngle;
    tail?: AnimatedPoint;
    path?: AnimatedPath;
    fill?: AnimatedColour;
    outline?: AnimatedColour;
    outlineWidth?: AnimatedNumber;
    drawBegin?: AnimatedNumber;
    drawEnd?: AnimatedNumber;
    drawOffset?: AnimatedNumber;
    drawTogether?: AnimatedFlag;
    dash?: AnimatedNumber;
    gap?: AnimatedNumber;
    dashOffset?: AnimatedNumber;
    taperBegin?: AnimatedNumber;
    taperEnd?: AnimatedNumber;
    endSize?: AnimatedNumber;
    columns?: AnimatedNumber;
    rows?: AnimatedNumber;
    gaps?: AnimatedPoint;
    around?: AnimatedNumber;
    ringRadius?: AnimatedNumber;
    along?: AnimatedPath;
    alongCount?: AnimatedNumber;
    alongShift?: AnimatedNumber;
    alongTurn?: AnimatedNumber;
    stepShift?: AnimatedPoint;
    stepTurn?: AnimatedAngle;
    stepScale?: AnimatedNumber;
    stepTime?: AnimatedNumber;
    lastFill?: AnimatedColour;
    lastOutline?: AnimatedColour;
}
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Outline".
 */
export interface Outline {
    id: string;
    side?: 'outside' | 'centre' | 'inside' | 'beneath' | 'over';
    join?: 'miter' | 'round' | 'bevel';
    on?: boolean;
    colour?: AnimatedColour;
    width?: AnimatedNumber;
    opacity?: AnimatedNumber;
    shift?: AnimatedPoint;
}
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "SoundLayer".
 */
export interface SoundLayer {
    id: string;
    kind: 'sound';
    name: string;
    in: number;
    out: number;
    /**
     * the id of the group that it is in
     */
    group?: string;
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        /**
         * of the composition, or of a layer from its in point on
         */
        frame: number;
        name?: string;
        label?: Label;
    }[];
    visible?: boolean;
    /**
     * whether its width and height are scaled together
     */
    scaleLinked?: boolean;
    label?: Label;
    /**
     * whether no edit changes it
     */
    locked?: boolean;
    /**
     * whether it is only looked at while working, and never rendered
     */
    reference?: boolean;
    /**
     * whether it turns with the direction in which it goes
     */
    turnsAlong?: boolean;
    /**
     * whether it stays the right way round in a bundle that is flipped
     */
    alwaysReads?: boolean;
    /**
     * whether cameras pass it by, so that it is seen as without one
     */
    flat?: boolean;
    /**
     * whether lights shade it
     */
    takesLight?: boolean;
    /**
     * whether its shadow falls on others
     */
    throwsShadow?: boolean;
    /**
     * whether shadows of others fall on it
     */
    receivesShadow?: boolean;
    blend?: Blend;
    motionBlur?: boolean;
    shutter?: Shutter;
    arrive?: Phase;
    leave?: Leaving;
    /**
     * @maxItems 200
     */
    accents?: Accent[];
    /**
     * in the order in which they are done
     *
     * @maxItems 32
     */
    effects?: Effect[];
    /**
     * @maxItems 50
     */
    masks?: Mask[];
    media: string;
    /**
     * the frame of the clip at the layer's in point; a fraction where it begins within a frame
     */
    from?: number | string;
    /**
     * in per cent; below nought it goes backwards, at nought it stands still
     */
    speed?: number | string;
    beyond?: 'hold' | 'loop' | 'there-and-back' | 'nothing';
    /**
     * whether it is heard
     */
    sound?: boolean;
    ramp?: AnimatedNumber;
    level?: AnimatedNumber;
}
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "TextLayer".
 */
export interface TextLayer {
    id: string;
    kind: 'text';
    name: string;
    in: number;
    out: number;
    /**
     * the id of the group that it is in
     */
    group?: string;
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        /**
         * of the composition, or of a layer from its in point on
         */
        frame: number;
        name?: string;
        label?: Label;
    }[];
    visible?: boolean;
    /**
     * whether its width and height are scaled together
     */
    scaleLinked?: boolean;
    label?: Label;
    /**
     * whether no edit changes it
     */
    locked?: boolean;
    /**
     * whether it is only looked at while working, and never rendered
     */
    reference?: boolean;
    /**
     * whether it turns with the direction in which it goes
     */
    turnsAlong?: boolean;
    /**
     * whether it stays the right way round in a bundle that is flipped
     */
    alwaysReads?: boolean;
    /**
     * whether cameras pass it by, so that it is seen as without one
     */
    flat?: boolean;
    /**
     * whether lights shade it
     */
    takesLight?: boolean;
    /**
     * whether its shadow falls on others
     */
    throwsShadow?: boolean;
    /**
     * whether shadows of others fall on it
     */
    receivesShadow?: boolean;
    blend?: Blend;
    motionBlur?: boolean;
    shutter?: Shutter;
    arrive?: Phase;
    leave?: Leaving;
    /**
     * @maxItems 200
     */
    accents?: Accent[];
    /**
     * in the order in which they are done
     *
     * @maxItems 32
     */
    effects?: Effect[];
    /**
     * @maxItems 50
     */
    masks?: Mask[];
    /**
     * in the place of the colours of its fill and its outline
     *
     * @maxItems 10
     */
    gradients?: Gradient[];
    /**
     * animations that are spread over what it consists of
     *
     * @maxItems 16
     */
    cascades?: Cascade[];
    brush?: Brush;
    /**
     * more of them, the first outermost
     *
     * @maxItems 8
     */
    outlines?: Outline[];
    patchwork?: Patchwork;
    text: string;
    font?: string;
    /**
     * the media that are the font, instead of one that ships with the project
     */
    fontMedia?: string;
    align?: 'left' | 'centre' | 'right';
    /**
     * what of the font is used, or not
     *
     * @maxItems 20
     */
    features?: (
        | 'no-kerning'
        | 'optical-kerning'
        | 'no-ligatures'
        | 'small-capitals'
        | 'tabular-figures'
        | 'old-style-figures'
        | 'lining-figures'
    )[];
    /**
     * how a number is written that stands in the place of each # in the text
     */
    counts?: {
        decimals?: number;
        /**
         * what parts thousands
         */
        group?: 'none' | 'space' | 'comma' | 'point' | 'apostrophe';
        /**
         * whether it is a time in seconds
         */
        time?: boolean;
        /**
         * whether decimals come after a comma
         */
        comma?: boolean;
        /**
         * the value of a layer that is added to the number
         */
        of?: {
            layer: string;
            property: string;
            /**
             * which of two numbers, x where nothing is said
             */
            axis?: 'x' | 'y';
            /**
             * what one of it counts
             */
            times?: number;
        };
        /**
         * the seconds since the layer began, or until it ends, are added to the number
         */
        runs?: 'up' | 'down';
    };
    /**
     * whether lines run from top to bottom, the next at the left of the one before
     */
    down?: boolean;
    /**
     * the language in which words are parted at the ends of lines
     */
    hyphens?: 'cs' | 'da' | 'de' | 'en-GB' | 'en-US' | 'es' | 'fr' | 'it' | 'nl' | 'pl' | 'pt' | 'ru' | 'sv';
    /**
     * in which some characters are set, none over another
     *
     * @maxItems 500
     */
    styles?: {
        /**
         * the first character
         */
        from: number;
        /**
         * the first one after it
         */
        to: number;
        font?: string;
        size?: number;
        colour?: string;
        tracking?: number;
        rise?: number;
        case?: 'upper' | 'lower';
        underline?: boolean;
    }[];
    position?: AnimatedPoint;
    x?: AnimatedNumber;
    y?: AnimatedNumber;
    scale?: AnimatedPoint;
    rotation?: AnimatedAngle;
    opacity?: AnimatedNumber;
    z?: AnimatedNumber;
    tiltX?: AnimatedAngle;
    tiltY?: AnimatedAngle;
    anchorZ?: AnimatedNumber;
    anchor?: AnimatedPoint;
    shine?: AnimatedNumber;
    roughness?: AnimatedNumber;
    thickness?: AnimatedNumber;
    sideColour?: AnimatedColour;
    typeface?: AnimatedFace;
    typeSize?: AnimatedNumber;
    fill?: AnimatedColour;
    tracking?: AnimatedNumber;
    leading?: AnimatedNumber;
    outline?: AnimatedColour;
    outlineWidth?: AnimatedNumber;
    drawBegin?: AnimatedNumber;
    drawEnd?: AnimatedNumber;
    drawOffset?: AnimatedNumber;
    drawTogether?: AnimatedFlag;
    dash?: AnimatedNumber;
    gap?: AnimatedNumber;
    dashOffset?: AnimatedNumber;
    taperBegin?: AnimatedNumber;
    taperEnd?: AnimatedNumber;
    boxWidth?: AnimatedNumber;
    fitBox?: AnimatedFlag;
    number?: AnimatedNumber;
    path?: AnimatedPath;
    pathOffset?: AnimatedNumber;
    plate?: AnimatedColour;
    platePadding?: AnimatedPoint;
    plateRounding?: AnimatedLength;
    plateByLine?: AnimatedFlag;
    axisWeight?: AnimatedNumber;
    axisWidth?: AnimatedNumber;
    axisSlant?: AnimatedNumber;
    axisOptical?: AnimatedNumber;
}
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "WindowLayer".
 */
export interface WindowLayer {
    id: string;
    kind: 'window';
    name: string;
    in: number;
    out: number;
    /**
     * the id of the group that it is in
     */
    group?: string;
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        /**
         * of the composition, or of a layer from its in point on
         */
        frame: number;
        name?: string;
        label?: Label;
    }[];
    visible?: boolean;
    /**
     * whether its width and height are scaled together
     */
    scaleLinked?: boolean;
    label?: Label;
    /**
     * whether no edit changes it
     */
    locked?: boolean;
    /**
     * whether it is only looked at while working, and never rendered
     */
    reference?: boolean;
    /**
     * whether it turns with the direction in which it goes
     */
    turnsAlong?: boolean;
    /**
     * whether it stays the right way round in a bundle that is flipped
     */
    alwaysReads?: boolean;
    /**
     * whether cameras pass it by, so that it is seen as without one
     */
    flat?: boolean;
    /**
     * whether lights shade it
     */
    takesLight?: boolean;
    /**
     * whether its shadow falls on others
     */
    throwsShadow?: boolean;
    /**
     * whether shadows of others fall on it
     */
    receivesShadow?: boolean;
    blend?: Blend;
    motionBlur?: boolean;
    shutter?: Shutter;
    arrive?: Phase;
    leave?: Leaving;
    /**
     * @maxItems 200
     */
    accents?: Accent[];
    /**
     * in the order in which they are done
     *
     * @maxItems 32
     */
    effects?: Effect[];
    /**
     * @maxItems 50
     */
    masks?: Mask[];
    /**
     * in the place of the colours of its fill and its outline
     *
     * @maxItems 10
     */
    gradients?: Gradient[];
    /**
     * animations that are spread over what it consists of
     *
     * @maxItems 16
     */
    cascades?: Cascade[];
    brush?: Brush;
    /**
     * more of them, the first outermost
     *
     * @maxItems 8
     */
    outlines?: Outline[];
    patchwork?: Patchwork;
    form:
        'rectangle' | 'ellipse' | 'polygon' | 'star' | 'arc' | 'ring' | 'line' | 'arrow' | 'speech' | 'heart' | 'path';
    /**
     * how large what is seen through it is, before it is zoomed
     */
    fitting?: 'fill' | 'fit';
    /**
     * the id of another one that is seen, instead of media
     */
    composition?: string;
    media?: string;
    /**
     * the frame of the clip at the layer's in point; a fraction where it begins within a frame
     */
    from?: number | string;
    /**
     * in per cent; below nought it goes backwards, at nought it stands still
     */
    speed?: number | string;
    beyond?: 'hold' | 'loop' | 'there-and-back' | 'nothing';
    /**
     * whether it is heard
     */
    sound?: boolean;
    position?: AnimatedPoint;
    x?: AnimatedNumber;
    y?: AnimatedNumber;
    scale?: AnimatedPoint;
    rotation?: AnimatedAngle;
    opacity?: AnimatedNumber;
    z?: AnimatedNumber;
    tiltX?: AnimatedAngle;
    tiltY?: AnimatedAngle;
    anchorZ?: AnimatedNumber;
    anchor?: AnimatedPoint;
    shine?: AnimatedNumber;
    roughness?: AnimatedNumber;
    thickness?: AnimatedNumber;
    sideColour?: AnimatedColour;
    pan?: AnimatedPoint;
    zoom?: AnimatedNumber;
    turn?: AnimatedAngle;
    size?: AnimatedSize;
    rounding?: AnimatedLength;
    roundTopLeft?: AnimatedLength;
    roundTopRight?: AnimatedLength;
    roundBottomRight?: AnimatedLength;
    roundBottomLeft?: AnimatedLength;
    sides?: AnimatedNumber;
    inner?: AnimatedNumber;
    start?: AnimatedAngle;
    sweep?: AnimatedAngle;
    tail?: AnimatedPoint;
    path?: AnimatedPath;
    fill?: AnimatedColour;
    outline?: AnimatedColour;
    outlineWidth?: AnimatedNumber;
    drawBegin?: AnimatedNumber;
    drawEnd?: AnimatedNumber;
    drawOffset?: AnimatedNumber;
    drawTogether?: AnimatedFlag;
    dash?: AnimatedNumber;
    gap?: AnimatedNumber;
    dashOffset?: AnimatedNumber;
    taperBegin?: AnimatedNumber;
    taperEnd?: AnimatedNumber;
    ramp?: AnimatedNumber;
    level?: AnimatedNumber;
}
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "MediaFile".
 */
export interface MediaFile {
    id: string;
    /**
     * relative to the project file
     */
    file: string;
    name?: string;
    /**
     * SHA-256 of its content, by which a server knows that it has it
     */
    hash?: string;
    /**
     * the folder that it is filed in
     */
    folder?: string;
}
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Swatch".
 */
export interface Swatch {
    name: string;
    colour: string;
}
/**
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "Motion".
 */
export interface Motion {
    position?: AnimatedPoint;
    scale?: AnimatedPoint;
    rotation?: AnimatedAngle;
    z?: AnimatedNumber;
    tiltX?: AnimatedAngle;
    tiltY?: AnimatedAngle;
    opacity?: AnimatedNumber;
}
/**
 * What each edit takes, by its name
 *
 * This interface was referenced by `ProjectFile`'s JSON-Schema
 * via the `definition` "EditArguments".
 */
export interface EditArguments {
    'add-cascade': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        cascade: string;
        frame?: number | null;
        added?: boolean | null;
    };
    'add-composition': {
        name?: string | null;
        width?: number | null;
        height?: number | null;
        rate?: string | null;
        length?: number | null;
        background?: (string | 'transparent') | null;
    };
    'add-curve': {
        name: string;
        easing: Easing;
    };
    'add-effect': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        effect: string;
    };
    'add-keyframe': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        frame: number;
        property?: string | null;
        properties?: unknown[] | null;
    };
    'add-layer': {
        layer: unknown;
        at?: number | null;
        lasts?: number | null;
    };
    'add-look': {
        name: string;
        /**
         * @maxItems 32
         */
        effects: object[];
    };
    'add-markers': {
        /**
         * of {frame, name, label}
         *
         * @maxItems 2000
         */
        markers: unknown[];
        layer?: string | null;
    };
    'add-mask': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        form?: string | null;
        layer?: string | null;
        path?: string | null;
        frame?: number | null;
        words?: string | null;
    };
    'add-media': {
        media: string;
        at?: number | null;
        position?: [number, number] | null;
        lasts?: number | null;
        from?: number | null;
        to?: number | null;
    };
    'add-motion': {
        name: string;
        /**
         * as documents hold it
         */
        layer: unknown;
    };
    'add-style': {
        name: string;
        /**
         * as documents hold it; what belongs to none of the parts is left out
         */
        layer: unknown;
        /**
         * some of its parts
         *
         * @maxItems 10
         */
        parts: string[];
    };
    'add-swatch': {
        colour: string;
        name?: string | null;
    };
    'aim-camera': {
        camera: string;
        layer: string;
        frame: number;
        focus?: boolean | null;
        scope?: string | null;
    };
    'aim-light': {
        light: string;
        layer: string;
        frame: number;
        scope?: string | null;
    };
    'align-layers': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        frame: number;
        to?: string | null;
        x?: string | null;
        y?: string | null;
        margin?: number | null;
        together?: boolean | null;
        scope?: string | null;
    };
    animate: {
        /**
         * @maxItems 2000
         */
        layers: string[];
        frame: number;
        /**
         * in frames
         */
        length: number;
        /**
         * @maxItems 100
         */
        values: unknown[];
        easing: Easing;
    };
    'arrive-from-sides': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        length: number;
        frame?: number | null;
        by?: number | null;
    };
    'bend-path': {
        /**
         * a frame
         */
        frame: number;
        handle: string;
        /**
         * @minItems 2
         * @maxItems 2
         */
        to: [number, number];
        sharp?: boolean | null;
        seen?: number | null;
        layer: string;
        /**
         * as m1.path for what is attached to it
         */
        property: string;
    };
    'change-marker': {
        marker: number;
        to?: number | null;
        name?: string | null;
        label?: string | null;
        layer?: string | null;
    };
    'change-path': {
        change: string;
        contour?: number | null;
        knot?: number | null;
        at?: number | null;
        layer: string;
        frame: number;
        property?: string | null;
    };
    'combine-shapes': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        how: string;
        frame: number;
    };
    'cover-cut': {
        /**
         * two that meet at a cut
         *
         * @maxItems 2000
         */
        layers: string[];
        /**
         * that is placed
         */
        composition: string;
    };
    'cross-cut': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        phase?: object | null;
    };
    'distribute-layers': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        frame: number;
        axis: string;
        scope?: string | null;
    };
    'drag-in-space': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        frame: number;
        /**
         * @minItems 2
         * @maxItems 2
         */
        by: [number, number];
        vantage?: {
            sight: string;
            up?: number;
            around?: number;
            zoom?: number;
        } | null;
        part?: string | null;
        straight?: boolean | null;
        scope?: string | null;
    };
    'drag-layers': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        frame: number;
        /**
         * @minItems 2
         * @maxItems 2
         */
        by: [number, number];
        straight?: boolean | null;
        snap?: number | null;
        scope?: string | null;
    };
    'draw-layer': {
        layer: unknown;
        frame: number;
        /**
         * @minItems 2
         * @maxItems 2
         */
        from: [number, number];
        /**
         * @minItems 2
         * @maxItems 2
         */
        to: [number, number];
        even?: boolean | null;
        centred?: boolean | null;
        snap?: number | null;
    };
    'draw-path': {
        /**
         * SVG path data in composition pixels
         */
        path: string;
        frame: number;
        layer?: unknown | null;
        onto?: string | null;
        cuts?: string | null;
    };
    'draw-stroke': {
        /**
         * of [x, y, seconds, pressure], the last two where they are known
         *
         * @maxItems 20000
         */
        points: unknown[];
        frame: number;
        pace?: string | null;
        tolerance?: number | null;
        layer?: unknown | null;
    };
    'drive-camera': {
        camera: string;
        frame: number;
        how: string;
        /**
         * @minItems 2
         * @maxItems 2
         */
        by: [number, number];
        straight?: boolean | null;
        snap?: boolean | null;
        scope?: string | null;
    };
    'drop-markers': {
        frame: number;
        layers?: string[] | null;
        toggle?: boolean | null;
    };
    'duplicate-composition': {
        composition: string;
    };
    'duplicate-layers': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        after?: boolean | null;
    };
    'equalise-keyframes': {
        to: string;
        axis?: string | null;
        /**
         * of {layer, property, frames}
         *
         * @maxItems 1000
         */
        keyframes: unknown[];
    };
    'file-compositions': {
        /**
         * @maxItems 500
         */
        compositions: string[];
        folder?: string | null;
    };
    'file-media': {
        /**
         * @maxItems 5000
         */
        media: string[];
        folder?: string | null;
    };
    'fit-layers': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        to: string;
        at?: number | null;
    };
    'flip-layers': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        frame: number;
        axis: string;
        scope?: string | null;
    };
    'frame-layers': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        frame: number;
        as: string;
        together?: boolean | null;
        scope?: string | null;
    };
    'give-motion': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        motion: object;
        frame: number;
    };
    'give-parts': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        from: unknown;
        /**
         * some of them
         *
         * @maxItems 10
         */
        parts: string[];
    };
    'group-layers': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        frame?: number | null;
        name?: string | null;
    };
    'grow-shapes': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        by: number;
        corners?: string | null;
    };
    'import-markers': {
        /**
         * a WebVTT file, or a table with a column `frame` or `timecode`, and perhaps `name` and `label`
         */
        text: unknown;
    };
    'look-alone': {
        /**
         * @maxItems 2000
         */
        layers: string[];
    };
    'make-path': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        into?: string | null;
        frame?: number | null;
    };
    'make-windows': {
        /**
         * @maxItems 2000
         */
        layers: string[];
    };
    'match-composition': {
        media: string;
    };
    'match-sizes': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        like: string;
        frame: number;
        scope?: string | null;
    };
    'mirror-keyframes': {
        /**
         * of {layer, property, frames}
         *
         * @maxItems 1000
         */
        keyframes: unknown[];
    };
    'move-anchor': {
        layer: string;
        frame: number;
        /**
         * @minItems 2
         * @maxItems 2
         */
        to: [number, number];
        scope?: string | null;
    };
    'move-keyframes': {
        by: number;
        snap?: {
            /**
             * frames
             */
            within: number;
            playhead?: number;
            /**
             * layers whose keyframes draw in, too, where they are not on the move themselves
             *
             * @maxItems 2000
             */
            keyframesOf?: string[];
        } | null;
        /**
         * of {layer, property, frames}
         *
         * @maxItems 1000
         */
        keyframes: unknown[];
    };
    'move-layers': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        by: number;
        snap?: {
            /**
             * frames
             */
            within: number;
            playhead?: number;
            /**
             * layers whose keyframes draw in, too, where they are not on the move themselves
             *
             * @maxItems 2000
             */
            keyframesOf?: string[];
        } | null;
    };
    'pace-cascade': {
        layer: string;
        cascade: string;
        each: number;
    };
    'pan-window': {
        layer: string;
        frame: number;
        /**
         * @minItems 2
         * @maxItems 2
         */
        by: [number, number];
        scope?: string | null;
    };
    'paste-effects': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        /**
         * @maxItems 32
         */
        effects: object[];
    };
    'paste-keyframes': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        at: number;
        /**
         * of {layer, property, keyframes}
         *
         * @maxItems 1000
         */
        copied: unknown[];
        backwards?: boolean | null;
        property?: string | null;
    };
    'paste-layers': {
        /**
         * as documents hold them
         *
         * @maxItems 500
         */
        layers: unknown[];
        at?: number | null;
        media?: unknown[] | null;
    };
    'place-anchors': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        frame: number;
        x: string;
        y: string;
        scope?: string | null;
    };
    'place-layers': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        edge: string;
        at: number;
    };
    'place-transition': {
        layer: string;
        frame: number;
        phase?: object | null;
        composition?: string | null;
    };
    'pull-cascade': {
        layer: string;
        cascade: string;
        by: number;
    };
    'pull-curve': {
        /**
         * a frame
         */
        frame: number;
        handle: string;
        at: number;
        channel?: number | null;
        value?: number | null;
        speed?: number | null;
        layer: string;
        /**
         * as m1.path for what is attached to it
         */
        property: string;
    };
    'pull-effect': {
        layer: string;
        property: string;
        frame: number;
        /**
         * @minItems 2
         * @maxItems 2
         */
        by: [number, number];
        straight?: boolean | null;
        snap?: number | null;
        scope?: string | null;
    };
    'pull-handle': {
        layer: string;
        frame: number;
        handle: string;
        /**
         * @minItems 2
         * @maxItems 2
         */
        by: [number, number];
        centred?: boolean | null;
        proportional?: boolean | null;
        snap?: number | null;
        scope?: string | null;
    };
    'pull-knot': {
        contour: number;
        knot: number;
        /**
         * @minItems 2
         * @maxItems 2
         */
        by: [number, number];
        part?: string | null;
        broken?: boolean | null;
        scope?: string | null;
        layer: string;
        frame: number;
        property?: string | null;
    };
    'pull-layers': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        frame: number;
        handle: string;
        /**
         * @minItems 2
         * @maxItems 2
         */
        by: [number, number];
        centred?: boolean | null;
        snap?: number | null;
        scope?: string | null;
    };
    'pull-mask': {
        layer: string;
        mask: string;
        frame: number;
        /**
         * @minItems 2
         * @maxItems 2
         */
        by: [number, number];
        handle?: string | null;
        centred?: boolean | null;
        proportional?: boolean | null;
        straight?: boolean | null;
        snap?: number | null;
        scope?: string | null;
    };
    'pull-phase': {
        layer: string;
        side: string;
        by: number;
    };
    'remove-and-close': {
        /**
         * @maxItems 2000
         */
        layers: string[];
    };
    'remove-compositions': {
        /**
         * @maxItems 500
         */
        compositions: string[];
    };
    'remove-curve': {
        /**
         * its place in the list
         */
        curve: number;
    };
    'remove-keyframes': {
        /**
         * of {layer, property, frames}
         *
         * @maxItems 1000
         */
        keyframes: unknown[];
    };
    'remove-layers': {
        /**
         * @maxItems 2000
         */
        layers: string[];
    };
    'remove-look': {
        /**
         * its place in the list
         */
        look: number;
    };
    'remove-markers': {
        frames?: number[] | null;
        layer?: string | null;
    };
    'remove-media': {
        /**
         * @maxItems 5000
         */
        media: string[];
    };
    'remove-motion': {
        /**
         * its place in the list
         */
        motion: number;
    };
    'remove-style': {
        /**
         * its place in the list
         */
        style: number;
    };
    'remove-swatch': {
        /**
         * its place in the list
         */
        swatch: number;
    };
    'rename-composition': {
        composition: string;
        name: string;
    };
    'rename-layer': {
        layer: string;
        name: string;
    };
    'rename-media': {
        media: string;
        name: string;
    };
    'rename-project': {
        name: string;
    };
    'rename-swatch': {
        /**
         * its place in the list
         */
        swatch: number;
        name: string;
    };
    'reorder-composition': {
        composition: string;
        /**
         * its place, 0 for the first
         */
        to: number;
    };
    'reorder-layer': {
        layer: string;
        to?: number | null;
        above?: string | null;
        beneath?: string | null;
        with?: string[] | null;
        group?: string | null;
        frame?: number | null;
    };
    'repeat-keyframe': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        frame: number;
        properties?: unknown[] | null;
    };
    'replace-media': {
        media: string;
        by: string;
    };
    'reset-placement': {
        /**
         * @maxItems 2000
         */
        layers: string[];
    };
    'reset-value': {
        layer: string;
        /**
         * as m1.path for what is attached to it
         */
        property: string;
    };
    'restore-composition': {
        composition: string;
    };
    'restore-media': {
        /**
         * @maxItems 5000
         */
        media: string[];
    };
    'retime-layers': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        to: string;
        speed?: number | null;
        at?: number | null;
    };
    'reverse-keyframes': {
        /**
         * of {layer, property, frames}
         *
         * @maxItems 1000
         */
        keyframes: unknown[];
    };
    'sample-keyframes': {
        every: number;
        /**
         * of {layer, property, frames}
         *
         * @maxItems 1000
         */
        keyframes: unknown[];
    };
    'set-accents': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        accents?: unknown[] | null;
        add?: unknown | null;
    };
    'set-arrival': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        phase?: object | null;
    };
    'set-axes': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        apart: boolean;
        write?: boolean | null;
    };
    'set-brush': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        brush?: unknown | null;
    };
    'set-cascades': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        /**
         * @maxItems 16
         */
        cascades: object[];
    };
    'set-composition': {
        layers?: string | null;
        name?: string | null;
        width?: number | null;
        height?: number | null;
        rate?: string | null;
        length?: number | null;
        background?: (string | 'transparent') | null;
        shutter?: Shutter | null;
    };
    'set-content': {
        layer: string;
        /**
         * those fields of it that change, as documents hold them
         */
        content: unknown;
    };
    'set-easing': {
        easing: Easing;
        /**
         * of {layer, property, frames}
         *
         * @maxItems 1000
         */
        keyframes: unknown[];
    };
    'set-effects': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        /**
         * @maxItems 32
         */
        effects: object[];
    };
    'set-ends': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        phase: object;
    };
    'set-gradient': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        of?: string | null;
        form?: string | null;
        stops?: number | null;
        media?: string | null;
        composition?: string | null;
        fitting?: string | null;
    };
    'set-guides': {
        /**
         * of {axis, at}
         *
         * @maxItems 100
         */
        guides: {
            axis: string;
            /**
             * composition pixels
             */
            at: number;
        }[];
    };
    'set-layer': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        visible?: boolean | null;
        scaleLinked?: boolean | null;
        label?: string | null;
        locked?: boolean | null;
        reference?: boolean | null;
        turnsAlong?: boolean | null;
        alwaysReads?: boolean | null;
        flat?: boolean | null;
        takesLight?: boolean | null;
        throwsShadow?: boolean | null;
        receivesShadow?: boolean | null;
        blend?: string | null;
        motionBlur?: boolean | null;
        shutter?: Shutter | null;
    };
    'set-leaving': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        phase?: unknown | null;
    };
    'set-lens': {
        camera: string;
        frame: number;
        lens?: number | null;
        angle?: number | null;
        keeps?: boolean | null;
        scope?: string | null;
    };
    'set-masks': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        /**
         * @maxItems 50
         */
        masks: object[];
    };
    'set-outlines': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        /**
         * @maxItems 8
         */
        outlines: object[];
    };
    'set-patchwork': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        patchwork?: unknown | null;
    };
    'set-pin': {
        pin: string;
        /**
         * of {layer, property, frames}
         *
         * @maxItems 1000
         */
        keyframes: unknown[];
    };
    'set-typeface': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        /**
         * the id of a font that ships with the project, or `media:` and that of media
         */
        typeface: string;
        frame: number;
        scope?: string | null;
    };
    'set-values': {
        frame: number;
        /**
         * @maxItems 1000
         */
        values: unknown[];
        scope?: string | null;
    };
    'shape-words': {
        layer: string;
        by: string;
        frame: number;
    };
    'shift-values': {
        by: number;
        channel?: number | null;
        /**
         * of {layer, property, frames}
         *
         * @maxItems 1000
         */
        keyframes: unknown[];
    };
    'show-instead': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        media?: string | null;
        composition?: string | null;
        from?: number | null;
    };
    'slip-layers': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        by: number;
    };
    'smooth-path': {
        sharp?: boolean | null;
        /**
         * of {layer, property, frames}
         *
         * @maxItems 1000
         */
        keyframes: unknown[];
    };
    'space-keyframes': {
        by: string;
        /**
         * of {layer, property, frames}
         *
         * @maxItems 1000
         */
        keyframes: unknown[];
    };
    'split-layers': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        at: number;
    };
    'split-screen': {
        rows: number;
        columns: number;
        layers?: string[] | null;
        cells?: string | null;
        gap?: number | null;
        margin?: number | null;
        rounding?: number | null;
        at?: number | null;
    };
    'stagger-layers': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        by: number;
        order?: string | null;
        seed?: number | null;
        frame?: number | null;
    };
    'stretch-keyframes': {
        length: number;
        from?: string | null;
        /**
         * of {layer, property, frames}
         *
         * @maxItems 1000
         */
        keyframes: unknown[];
    };
    'style-words': {
        layer: string;
        /**
         * characters, in code points
         */
        from: number;
        to: number;
        /**
         * of `font`, `size` in per cent, `colour`, `tracking`, `rise` in per cent above the baseline, `case` and `underline`
         */
        style: unknown;
    };
    'swap-windows': {
        /**
         * @maxItems 2000
         */
        layers: string[];
    };
    'take-apart': {
        layer: string;
    };
    'thin-keyframes': {
        tolerance: number;
        /**
         * of {layer, property, frames}
         *
         * @maxItems 1000
         */
        keyframes: unknown[];
    };
    'tilt-layers': {
        /**
         * @maxItems 2000
         */
        layers: string[];
        frame: number;
        /**
         * @minItems 2
         * @maxItems 2
         */
        by: [number, number];
        how?: string | null;
        straight?: boolean | null;
        snap?: boolean | null;
        scope?: string | null;
    };
    'trim-layer': {
        layer: string;
        in?: number | null;
        out?: number | null;
        beads?: string | null;
        snap?: {
            /**
             * frames
             */
            within: number;
            playhead?: number;
            /**
             * layers whose keyframes draw in, too, where they are not on the move themselves
             *
             * @maxItems 2000
             */
            keyframesOf?: string[];
        } | null;
    };
    'turn-layer': {
        layer: string;
        frame: number;
        /**
         * of [x, y]: where the pointer went
         *
         * @maxItems 20000
         */
        path: unknown[];
        snap?: boolean | null;
        scope?: string | null;
    };
    'turn-mask': {
        layer: string;
        mask: string;
        frame: number;
        /**
         * of [x, y]: where the pointer went
         *
         * @maxItems 20000
         */
        path: unknown[];
        snap?: boolean | null;
        scope?: string | null;
    };
    'ungroup-layers': {
        /**
         * @maxItems 2000
         */
        layers: string[];
    };
    'unwrap-layer': {
        layer: string;
    };
    'wrap-layers': {
        /**
         * in which they are
         */
        composition: string;
        /**
         * @maxItems 2000
         */
        layers: string[];
        name?: string | null;
    };
    'write-moves-out': {
        /**
         * @maxItems 2000
         */
        layers: string[];
    };
}
