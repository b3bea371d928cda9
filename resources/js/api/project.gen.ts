/* Made from core/schema/project-1.json by `npm run types`. */

export type Label = 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
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
      };
export type Effect =
    | {
          id: string;
          effect: 'blur';
          on?: boolean;
          radius?: AnimatedNumberUpTo500;
      }
    | {
          id: string;
          effect: 'directional-blur';
          on?: boolean;
          length?: AnimatedNumberUpTo2000;
          angle?: AnimatedAngleWithin100000;
      }
    | {
          id: string;
          effect: 'zoom-blur';
          on?: boolean;
          amount?: AnimatedNumberUpTo100;
          centre?: AnimatedPointWithin100000;
      }
    | {
          id: string;
          effect: 'spin-blur';
          on?: boolean;
          angle?: AnimatedAngleWithin100000;
          centre?: AnimatedPointWithin100000;
      }
    | {
          id: string;
          effect: 'drop-shadow';
          on?: boolean;
          colour?: AnimatedColour;
          distance?: AnimatedNumberUpTo5000;
          angle?: AnimatedAngleWithin100000;
          softness?: AnimatedNumberUpTo500;
      }
    | {
          id: string;
          effect: 'inner-shadow';
          on?: boolean;
          colour?: AnimatedColour;
          distance?: AnimatedNumberUpTo5000;
          angle?: AnimatedAngleWithin100000;
          softness?: AnimatedNumberUpTo500;
      }
    | {
          id: string;
          effect: 'long-shadow';
          on?: boolean;
          colour?: AnimatedColour;
          length?: AnimatedNumberUpTo5000;
          angle?: AnimatedAngleWithin100000;
      }
    | {
          id: string;
          effect: 'extrude';
          on?: boolean;
          depth?: AnimatedNumberUpTo2000;
          angle?: AnimatedAngleWithin100000;
          shade?: AnimatedNumberUpTo100;
      }
    | {
          id: string;
          effect: 'edge-line';
          on?: boolean;
          colour?: AnimatedColour;
          width?: AnimatedNumberUpTo200;
      }
    | {
          id: string;
          effect: 'halo';
          on?: boolean;
          colour?: AnimatedColour;
          softness?: AnimatedNumberUpTo500;
          strength?: AnimatedNumberUpTo1000;
      }
    | {
          id: string;
          effect: 'glow';
          on?: boolean;
          softness?: AnimatedNumberUpTo500;
          strength?: AnimatedNumberUpTo100;
      }
    | {
          id: string;
          effect: 'vignette';
          on?: boolean;
          colour?: AnimatedColour;
          amount?: AnimatedNumberUpTo100;
          centre?: AnimatedPointWithin100000;
          radius?: AnimatedNumberUpTo20000;
          softness?: AnimatedNumberUpTo100;
      }
    | {
          id: string;
          effect: 'exposure';
          on?: boolean;
          stops?: AnimatedNumberWithin10;
      }
    | {
          id: string;
          effect: 'brightness';
          on?: boolean;
          brightness?: AnimatedNumberWithin100;
          contrast?: AnimatedNumberFromMinus100To400;
      }
    | {
          id: string;
          effect: 'curves';
          on?: boolean;
          dark?: AnimatedNumberUpTo100;
          shadows?: AnimatedNumberUpTo100;
          middle?: AnimatedNumberUpTo100;
          lights?: AnimatedNumberUpTo100;
          bright?: AnimatedNumberUpTo100;
      }
    | {
          id: string;
          effect: 'saturation';
          on?: boolean;
          amount?: AnimatedNumberUpTo400;
      }
    | {
          id: string;
          effect: 'hue';
          on?: boolean;
          turn?: AnimatedAngleWithin100000;
      }
    | {
          id: string;
          effect: 'temperature';
          on?: boolean;
          warmth?: AnimatedNumberWithin100;
      }
    | {
          id: string;
          effect: 'tint';
          on?: boolean;
          colour?: AnimatedColour;
          amount?: AnimatedNumberUpTo100;
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
          amount?: AnimatedNumberUpTo100;
      }
    | {
          id: string;
          effect: 'posterise';
          on?: boolean;
          steps?: AnimatedNumberFrom2To64;
      }
    | {
          id: string;
          effect: 'threshold';
          on?: boolean;
          level?: AnimatedNumberUpTo100;
          softness?: AnimatedNumberUpTo100;
      }
    | {
          id: string;
          effect: 'grain';
          on?: boolean;
          amount?: AnimatedNumberUpTo100;
          size?: AnimatedNumberUpTo200;
          every?: AnimatedNumberUpTo10000;
          seed?: AnimatedNumberUpTo9999;
      }
    | {
          id: string;
          effect: 'scanlines';
          on?: boolean;
          colour?: AnimatedColour;
          spacing?: AnimatedNumberUpTo2000;
          thickness?: AnimatedNumberUpTo100;
          offset?: AnimatedNumberWithin100000;
      }
    | {
          id: string;
          effect: 'pixels';
          on?: boolean;
          side?: AnimatedNumberUpTo2000;
      }
    | {
          id: string;
          effect: 'facets';
          on?: boolean;
          side?: AnimatedNumberUpTo2000;
      }
    | {
          id: string;
          effect: 'corner-pin';
          on?: boolean;
          topLeft?: AnimatedPointWithin100000;
          topRight?: AnimatedPointWithin100000;
          bottomRight?: AnimatedPointWithin100000;
          bottomLeft?: AnimatedPointWithin100000;
      }
    | {
          id: string;
          effect: 'mesh';
          on?: boolean;
          point11?: AnimatedPointWithin100000;
          point12?: AnimatedPointWithin100000;
          point13?: AnimatedPointWithin100000;
          point14?: AnimatedPointWithin100000;
          point21?: AnimatedPointWithin100000;
          point22?: AnimatedPointWithin100000;
          point23?: AnimatedPointWithin100000;
          point24?: AnimatedPointWithin100000;
          point31?: AnimatedPointWithin100000;
          point32?: AnimatedPointWithin100000;
          point33?: AnimatedPointWithin100000;
          point34?: AnimatedPointWithin100000;
          point41?: AnimatedPointWithin100000;
          point42?: AnimatedPointWithin100000;
          point43?: AnimatedPointWithin100000;
          point44?: AnimatedPointWithin100000;
      }
    | {
          id: string;
          effect: 'bulge';
          on?: boolean;
          amount?: AnimatedNumberWithin100;
          centre?: AnimatedPointWithin100000;
          radius?: AnimatedNumberUpTo20000;
      }
    | {
          id: string;
          effect: 'twirl';
          on?: boolean;
          angle?: AnimatedAngleWithin100000;
          centre?: AnimatedPointWithin100000;
          radius?: AnimatedNumberUpTo20000;
      }
    | {
          id: string;
          effect: 'ripple';
          on?: boolean;
          height?: AnimatedNumberUpTo1000;
          wavelength?: AnimatedNumberUpTo5000;
          phase?: AnimatedAngleWithin100000;
          centre?: AnimatedPointWithin100000;
          radius?: AnimatedNumberUpTo20000;
      }
    | {
          id: string;
          effect: 'wave';
          on?: boolean;
          height?: AnimatedNumberUpTo1000;
          wavelength?: AnimatedNumberUpTo20000;
          phase?: AnimatedAngleWithin100000;
          angle?: AnimatedAngleWithin100000;
      }
    | {
          id: string;
          effect: 'smear';
          on?: boolean;
          amount?: AnimatedNumberUpTo100;
          centre?: AnimatedPointWithin100000;
          radius?: AnimatedNumberUpTo20000;
      }
    | {
          id: string;
          effect: 'brightness-key';
          on?: boolean;
          level?: AnimatedNumberUpTo100;
          softness?: AnimatedNumberUpTo100;
          bright?: AnimatedNumberUpTo100;
      }
    | {
          id: string;
          effect: 'colour-key';
          on?: boolean;
          colour?: AnimatedColour;
          tolerance?: AnimatedNumberUpTo100;
          softness?: AnimatedNumberUpTo100;
      };
export type AnimatedNumberUpTo500 =
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
 * linear, hold, jump, glide, ease-in(s%), ease-out(s%) or ease-in-out(s%) with a strength, cubic-bezier(x1, y1, x2, y2), or a family and a direction such as cubic-out
 */
export type Easing = string;
export type Pin = 'start' | 'end';
export type AnimatedNumberUpTo2000 =
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
export type AnimatedAngleWithin100000 =
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
export type AnimatedNumberUpTo100 =
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
export type AnimatedPointWithin100000 =
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
export type AnimatedNumberUpTo5000 =
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
export type AnimatedNumberUpTo200 =
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
export type AnimatedNumberUpTo1000 =
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
export type AnimatedNumberUpTo20000 =
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
export type AnimatedNumberWithin10 =
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
export type AnimatedNumberWithin100 =
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
export type AnimatedNumberFromMinus100To400 =
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
export type AnimatedNumberUpTo400 =
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
export type AnimatedNumberFrom2To64 =
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
export type AnimatedNumberUpTo10000 =
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
export type AnimatedNumberUpTo9999 =
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
export type AnimatedNumberWithin100000 =
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
           * whether it stays where it is in the frame, however the layer moves
           */
          fixed?: boolean;
          position?: AnimatedPointWithin100000;
          size?: AnimatedSizeUpTo100000;
          rotation?: AnimatedAngleWithin10000000;
          rounding?: AnimatedLengthUpTo100000;
          feather?: AnimatedNumberUpTo1000;
          grow?: AnimatedNumberWithin5000;
          opacity?: AnimatedNumberUpTo100;
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
           * whether it stays where it is in the frame, however the layer moves
           */
          fixed?: boolean;
          position?: AnimatedPointWithin100000;
          size?: AnimatedSizeUpTo100000;
          rotation?: AnimatedAngleWithin10000000;
          feather?: AnimatedNumberUpTo1000;
          grow?: AnimatedNumberWithin5000;
          opacity?: AnimatedNumberUpTo100;
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
           * whether it stays where it is in the frame, however the layer moves
           */
          fixed?: boolean;
          position?: AnimatedPointWithin100000;
          rotation?: AnimatedAngleWithin10000000;
          feather?: AnimatedNumberUpTo1000;
          grow?: AnimatedNumberWithin5000;
          opacity?: AnimatedNumberUpTo100;
          path?: AnimatedPath;
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
          layer: string;
          by?: 'alpha' | 'brightness';
          feather?: AnimatedNumberUpTo1000;
          opacity?: AnimatedNumberUpTo100;
      };
export type AnimatedSizeUpTo100000 =
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
export type AnimatedAngleWithin10000000 =
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
export type AnimatedLengthUpTo100000 =
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
export type AnimatedNumberWithin5000 =
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
export type AnimatedPointWithin10000 =
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
export type Cascade =
    | {
          id: string;
          as: 'arrive' | 'leave' | 'accent';
          units: 'letters' | 'words' | 'lines' | 'layers' | 'repeats';
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
          order?: 'forward' | 'backward' | 'middle' | 'edges' | 'place' | 'random';
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
          /**
           * linear, hold, jump, glide, ease-in(s%), ease-out(s%) or ease-in-out(s%) with a strength, cubic-bezier(x1, y1, x2, y2), or a family and a direction such as cubic-out
           */
          spread?: string;
          /**
           * whether a caret stands behind the last that has come
           */
          caret?: boolean;
          /**
           * whether units are other ones of the same text until they rest
           */
          shuffles?: boolean;
          on?: boolean;
          position?: AnimatedPointWithin100000;
          scale?: AnimatedPointWithin100000;
          turn?: AnimatedAngleWithin100000;
          opacity?: AnimatedNumberUpTo100;
          blur?: AnimatedNumberUpTo500;
          gather?: AnimatedNumberWithin1000;
          tint?: AnimatedColour;
          weight?: AnimatedNumberWithin900;
          pivot?: AnimatedPointWithin1000;
          scatter?: AnimatedPointWithin100000;
          scatterTurn?: AnimatedAngleWithin100000;
          scatterScale?: AnimatedNumberUpTo1000;
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
export type AnimatedNumberWithin1000 =
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
export type AnimatedNumberWithin900 =
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
export type AnimatedPointWithin1000 =
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
export type Gradient =
    | {
          of: string;
          form: 'linear';
          stops?: number;
          from?: AnimatedPointWithin10000;
          to?: AnimatedPointWithin10000;
          colour1?: AnimatedColour;
          at1?: AnimatedNumberUpTo100;
          colour2?: AnimatedColour;
          at2?: AnimatedNumberUpTo100;
          colour3?: AnimatedColour;
          at3?: AnimatedNumberUpTo100;
          colour4?: AnimatedColour;
          at4?: AnimatedNumberUpTo100;
          colour5?: AnimatedColour;
          at5?: AnimatedNumberUpTo100;
          colour6?: AnimatedColour;
          at6?: AnimatedNumberUpTo100;
          colour7?: AnimatedColour;
          at7?: AnimatedNumberUpTo100;
          colour8?: AnimatedColour;
          at8?: AnimatedNumberUpTo100;
          colour9?: AnimatedColour;
          at9?: AnimatedNumberUpTo100;
          colour10?: AnimatedColour;
          at10?: AnimatedNumberUpTo100;
          colour11?: AnimatedColour;
          at11?: AnimatedNumberUpTo100;
          colour12?: AnimatedColour;
          at12?: AnimatedNumberUpTo100;
      }
    | {
          of: string;
          form: 'radial';
          stops?: number;
          centre?: AnimatedPointWithin10000;
          radius?: AnimatedNumberFrom0Point1To10000;
          colour1?: AnimatedColour;
          at1?: AnimatedNumberUpTo100;
          colour2?: AnimatedColour;
          at2?: AnimatedNumberUpTo100;
          colour3?: AnimatedColour;
          at3?: AnimatedNumberUpTo100;
          colour4?: AnimatedColour;
          at4?: AnimatedNumberUpTo100;
          colour5?: AnimatedColour;
          at5?: AnimatedNumberUpTo100;
          colour6?: AnimatedColour;
          at6?: AnimatedNumberUpTo100;
          colour7?: AnimatedColour;
          at7?: AnimatedNumberUpTo100;
          colour8?: AnimatedColour;
          at8?: AnimatedNumberUpTo100;
          colour9?: AnimatedColour;
          at9?: AnimatedNumberUpTo100;
          colour10?: AnimatedColour;
          at10?: AnimatedNumberUpTo100;
          colour11?: AnimatedColour;
          at11?: AnimatedNumberUpTo100;
          colour12?: AnimatedColour;
          at12?: AnimatedNumberUpTo100;
      }
    | {
          of: string;
          form: 'sweep';
          stops?: number;
          centre?: AnimatedPointWithin10000;
          angle?: AnimatedAngleWithin10000000;
          colour1?: AnimatedColour;
          at1?: AnimatedNumberUpTo100;
          colour2?: AnimatedColour;
          at2?: AnimatedNumberUpTo100;
          colour3?: AnimatedColour;
          at3?: AnimatedNumberUpTo100;
          colour4?: AnimatedColour;
          at4?: AnimatedNumberUpTo100;
          colour5?: AnimatedColour;
          at5?: AnimatedNumberUpTo100;
          colour6?: AnimatedColour;
          at6?: AnimatedNumberUpTo100;
          colour7?: AnimatedColour;
          at7?: AnimatedNumberUpTo100;
          colour8?: AnimatedColour;
          at8?: AnimatedNumberUpTo100;
          colour9?: AnimatedColour;
          at9?: AnimatedNumberUpTo100;
          colour10?: AnimatedColour;
          at10?: AnimatedNumberUpTo100;
          colour11?: AnimatedColour;
          at11?: AnimatedNumberUpTo100;
          colour12?: AnimatedColour;
          at12?: AnimatedNumberUpTo100;
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
          media?: string;
          /**
           * the id of another one, in the place of media
           */
          composition?: string;
          fitting?: 'fill' | 'fit';
          pan?: AnimatedPointWithin100000;
          zoom?: AnimatedNumberFrom1To10000;
          turn?: AnimatedAngleWithin10000000;
      };
export type AnimatedNumberFrom0Point1To10000 =
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
export type AnimatedNumberFrom1To10000 =
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
export type AnimatedNumberUpTo1000000 =
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
export type AnimatedLengthFromMinus1To100000 =
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
export type AnimatedNumberFrom3To200 =
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
export type AnimatedAngleWithin360 =
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
export type AnimatedNumberUpTo100000 =
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
export type AnimatedNumberFrom100To5000 =
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
export type AnimatedNumberFrom1To500 =
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
export type AnimatedNumberFrom1To2000 =
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
export type AnimatedNumberFrom1To1000 =
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
export type AnimatedNumberWithin10000 =
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
export type AnimatedNumberFrom1To4000 =
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
export type AnimatedNumberFromMinus500To5000 =
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
export type AnimatedNumberFrom10To1000 =
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
export type AnimatedNumberWithin1000000000000 =
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
export type AnimatedLengthUpTo10000 =
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
export type AnimatedNumberWithin90 =
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
export type AnimatedPointWithin200000 =
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
export type AnimatedPointWithin1000000 =
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
export type AnimatedAngleWithin20000000 =
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
 * A Ricamo project, version 1
 */
export interface ProjectFile {
    format: 'ricamo-project';
    version: 1;
    name: string;
    media?: MediaFile[];
    /**
     * @minItems 1
     */
    compositions: [Composition, ...Composition[]];
    /**
     * @maxItems 200
     */
    swatches?: Swatch[];
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
        motion: {
            position?: AnimatedPointWithin200000;
            scale?: AnimatedPointWithin1000000;
            rotation?: AnimatedAngleWithin20000000;
            opacity?: AnimatedNumberUpTo1000000;
        };
    }[];
    /**
     * @maxItems 200
     */
    curves?: {
        name: string;
        easing: Easing;
    }[];
}
export interface MediaFile {
    id: string;
    name?: string;
    /**
     * relative to the project file
     */
    file: string;
    /**
     * SHA-256 of its content, by which a server knows that it has it
     */
    hash?: string;
    /**
     * the folder that it is filed in
     */
    folder?: string;
}
export interface Composition {
    id: string;
    name: string;
    width: number;
    height: number;
    rate: string;
    length: number;
    background?: string | 'transparent';
    /**
     * @maxItems 2000
     */
    markers?: {
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
        at: number;
    }[];
    shutter?: Shutter;
    /**
     * from the bottom of the stack to the top
     */
    layers?: (
        AdjustingLayer | BundleLayer | FootageLayer | GroupLayer | ShapeLayer | SoundLayer | TextLayer | WindowLayer
    )[];
}
/**
 * how frames are exposed, where layers have motion blur
 */
export interface Shutter {
    angle?: number;
    phase?: number;
    samples?: 2 | 4 | 8 | 16 | 32 | 64;
}
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
    visible?: boolean;
    /**
     * whether its width and height are scaled together
     */
    scaleLinked?: boolean;
    /**
     * the colour that it is told apart by
     */
    label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
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
     * how it is laid over what is beneath
     */
    blend?:
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
    motionBlur?: boolean;
    shutter?: Shutter1;
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
    arrive?: Phase;
    leave?:
        | Phase
        | {
              mirror: true;
          };
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        frame: number;
        name?: string;
        label?: Label;
    }[];
    position?: AnimatedPointWithin100000;
    x?: AnimatedNumberWithin100000;
    y?: AnimatedNumberWithin100000;
    scale?: AnimatedPointWithin10000;
    rotation?: AnimatedAngleWithin10000000;
    opacity?: AnimatedNumberUpTo100;
    anchor?: AnimatedPointWithin100000;
}
/**
 * its own, where it is not exposed as the composition is
 */
export interface Shutter1 {
    angle?: number;
    phase?: number;
    samples?: 2 | 4 | 8 | 16 | 32 | 64;
}
/**
 * the handles of the motion path at a keyframe, as distances from it in pixels
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
 * how a layer arrives or leaves
 */
export interface Phase {
    length: number;
    easing?: Easing;
    /**
     * @minItems 1
     */
    moves: [
        (
            | {
                  move: 'fade';
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
        ),
        ...(
            | {
                  move: 'fade';
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
        )[]
    ];
    /**
     * frames of it that lie beyond the end, because the layer was cut there
     */
    begun?: number;
}
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
    visible?: boolean;
    /**
     * whether its width and height are scaled together
     */
    scaleLinked?: boolean;
    /**
     * the colour that it is told apart by
     */
    label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
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
     * how it is laid over what is beneath
     */
    blend?:
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
    motionBlur?: boolean;
    shutter?: Shutter2;
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
    arrive?: Phase;
    leave?:
        | Phase
        | {
              mirror: true;
          };
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        frame: number;
        name?: string;
        label?: Label;
    }[];
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
     * whether what lies outside of its frame is left out
     */
    crop?: boolean;
    position?: AnimatedPointWithin100000;
    x?: AnimatedNumberWithin100000;
    y?: AnimatedNumberWithin100000;
    scale?: AnimatedPointWithin10000;
    rotation?: AnimatedAngleWithin10000000;
    opacity?: AnimatedNumberUpTo100;
    anchor?: AnimatedPointWithin100000;
    level?: AnimatedNumberUpTo400;
}
/**
 * its own, where it is not exposed as the composition is
 */
export interface Shutter2 {
    angle?: number;
    phase?: number;
    samples?: 2 | 4 | 8 | 16 | 32 | 64;
}
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
    visible?: boolean;
    /**
     * whether its width and height are scaled together
     */
    scaleLinked?: boolean;
    /**
     * the colour that it is told apart by
     */
    label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
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
     * how it is laid over what is beneath
     */
    blend?:
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
    motionBlur?: boolean;
    shutter?: Shutter3;
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
    arrive?: Phase;
    leave?:
        | Phase
        | {
              mirror: true;
          };
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        frame: number;
        name?: string;
        label?: Label;
    }[];
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
    position?: AnimatedPointWithin100000;
    x?: AnimatedNumberWithin100000;
    y?: AnimatedNumberWithin100000;
    scale?: AnimatedPointWithin10000;
    rotation?: AnimatedAngleWithin10000000;
    opacity?: AnimatedNumberUpTo100;
    anchor?: AnimatedPointWithin100000;
    level?: AnimatedNumberUpTo400;
}
/**
 * its own, where it is not exposed as the composition is
 */
export interface Shutter3 {
    angle?: number;
    phase?: number;
    samples?: 2 | 4 | 8 | 16 | 32 | 64;
}
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
    visible?: boolean;
    /**
     * whether its width and height are scaled together
     */
    scaleLinked?: boolean;
    /**
     * the colour that it is told apart by
     */
    label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
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
     * how it is laid over what is beneath
     */
    blend?:
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
    motionBlur?: boolean;
    shutter?: Shutter4;
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
    arrive?: Phase;
    leave?:
        | Phase
        | {
              mirror: true;
          };
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        frame: number;
        name?: string;
        label?: Label;
    }[];
    /**
     * whether what blends in it blends with nothing beneath it
     */
    isolated?: boolean;
    position?: AnimatedPointWithin100000;
    x?: AnimatedNumberWithin100000;
    y?: AnimatedNumberWithin100000;
    scale?: AnimatedPointWithin10000;
    rotation?: AnimatedAngleWithin10000000;
    opacity?: AnimatedNumberUpTo100;
    anchor?: AnimatedPointWithin100000;
}
/**
 * its own, where it is not exposed as the composition is
 */
export interface Shutter4 {
    angle?: number;
    phase?: number;
    samples?: 2 | 4 | 8 | 16 | 32 | 64;
}
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
    visible?: boolean;
    /**
     * whether its width and height are scaled together
     */
    scaleLinked?: boolean;
    /**
     * the colour that it is told apart by
     */
    label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
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
     * how it is laid over what is beneath
     */
    blend?:
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
    motionBlur?: boolean;
    shutter?: Shutter5;
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
     * that its outline is drawn with
     */
    brush?:
        | {
              id?: 'b1';
              form: 'dotted';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'rings';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'leaves';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'stitches';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'chalk';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'airbrush';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'stars';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'tiles';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'own';
              on?: boolean;
              /**
               * SVG path data of any size
               */
              mark?: string;
              /**
               * a picture or a clip in its place
               */
              media?: string;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          };
    /**
     * more of them, the first outermost
     *
     * @maxItems 8
     */
    outlines?: Outline[];
    /**
     * animations that are spread over what it consists of
     *
     * @maxItems 16
     */
    cascades?: Cascade[];
    arrive?: Phase;
    leave?:
        | Phase
        | {
              mirror: true;
          };
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        frame: number;
        name?: string;
        label?: Label;
    }[];
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
    position?: AnimatedPointWithin100000;
    x?: AnimatedNumberWithin100000;
    y?: AnimatedNumberWithin100000;
    scale?: AnimatedPointWithin10000;
    rotation?: AnimatedAngleWithin10000000;
    opacity?: AnimatedNumberUpTo100;
    anchor?: AnimatedPointWithin100000;
    size?: AnimatedSizeUpTo100000;
    rounding?: AnimatedLengthUpTo100000;
    roundTopLeft?: AnimatedLengthFromMinus1To100000;
    roundTopRight?: AnimatedLengthFromMinus1To100000;
    roundBottomRight?: AnimatedLengthFromMinus1To100000;
    roundBottomLeft?: AnimatedLengthFromMinus1To100000;
    sides?: AnimatedNumberFrom3To200;
    inner?: AnimatedNumberUpTo100;
    start?: AnimatedAngleWithin10000000;
    sweep?: AnimatedAngleWithin360;
    tail?: AnimatedPointWithin100000;
    path?: AnimatedPath;
    fill?: AnimatedColour;
    outline?: AnimatedColour;
    outlineWidth?: AnimatedNumberUpTo1000;
    drawBegin?: AnimatedNumberUpTo100;
    drawEnd?: AnimatedNumberUpTo100;
    drawOffset?: AnimatedNumberWithin100000;
    drawTogether?: AnimatedFlag;
    dash?: AnimatedNumberUpTo100000;
    gap?: AnimatedNumberUpTo100000;
    dashOffset?: AnimatedNumberWithin100000;
    taperBegin?: AnimatedNumberUpTo100;
    taperEnd?: AnimatedNumberUpTo100;
    endSize?: AnimatedNumberFrom100To5000;
    columns?: AnimatedNumberFrom1To500;
    rows?: AnimatedNumberFrom1To500;
    gaps?: AnimatedPointWithin100000;
    around?: AnimatedNumberFrom1To500;
    ringRadius?: AnimatedNumberWithin100000;
    along?: AnimatedPath;
    alongCount?: AnimatedNumberFrom1To2000;
    alongShift?: AnimatedNumberWithin100000;
    alongTurn?: AnimatedNumberUpTo100;
    stepShift?: AnimatedPointWithin100000;
    stepTurn?: AnimatedAngleWithin100000;
    stepScale?: AnimatedNumberFrom1To1000;
    stepTime?: AnimatedNumberWithin10000;
    lastFill?: AnimatedColour;
    lastOutline?: AnimatedColour;
}
/**
 * its own, where it is not exposed as the composition is
 */
export interface Shutter5 {
    angle?: number;
    phase?: number;
    samples?: 2 | 4 | 8 | 16 | 32 | 64;
}
export interface Outline {
    id: string;
    side?: 'outside' | 'centre' | 'inside' | 'beneath' | 'over';
    join?: 'miter' | 'round' | 'bevel';
    on?: boolean;
    colour?: AnimatedColour;
    width?: AnimatedNumberUpTo1000;
    opacity?: AnimatedNumberUpTo100;
    shift?: AnimatedPointWithin100000;
}
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
    visible?: boolean;
    /**
     * whether its width and height are scaled together
     */
    scaleLinked?: boolean;
    /**
     * the colour that it is told apart by
     */
    label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
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
     * how it is laid over what is beneath
     */
    blend?:
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
    motionBlur?: boolean;
    shutter?: Shutter6;
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
    arrive?: Phase;
    leave?:
        | Phase
        | {
              mirror: true;
          };
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        frame: number;
        name?: string;
        label?: Label;
    }[];
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
    level?: AnimatedNumberUpTo400;
}
/**
 * its own, where it is not exposed as the composition is
 */
export interface Shutter6 {
    angle?: number;
    phase?: number;
    samples?: 2 | 4 | 8 | 16 | 32 | 64;
}
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
    visible?: boolean;
    /**
     * whether its width and height are scaled together
     */
    scaleLinked?: boolean;
    /**
     * the colour that it is told apart by
     */
    label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
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
     * how it is laid over what is beneath
     */
    blend?:
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
    motionBlur?: boolean;
    shutter?: Shutter7;
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
     * that its outline is drawn with
     */
    brush?:
        | {
              id?: 'b1';
              form: 'dotted';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'rings';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'leaves';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'stitches';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'chalk';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'airbrush';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'stars';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'tiles';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'own';
              on?: boolean;
              /**
               * SVG path data of any size
               */
              mark?: string;
              /**
               * a picture or a clip in its place
               */
              media?: string;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          };
    /**
     * more of them, the first outermost
     *
     * @maxItems 8
     */
    outlines?: Outline[];
    /**
     * animations that are spread over what it consists of
     *
     * @maxItems 16
     */
    cascades?: Cascade[];
    arrive?: Phase;
    leave?:
        | Phase
        | {
              mirror: true;
          };
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        frame: number;
        name?: string;
        label?: Label;
    }[];
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
    position?: AnimatedPointWithin100000;
    x?: AnimatedNumberWithin100000;
    y?: AnimatedNumberWithin100000;
    scale?: AnimatedPointWithin10000;
    rotation?: AnimatedAngleWithin10000000;
    opacity?: AnimatedNumberUpTo100;
    anchor?: AnimatedPointWithin100000;
    typeSize?: AnimatedNumberFrom1To4000;
    fill?: AnimatedColour;
    tracking?: AnimatedNumberFromMinus500To5000;
    leading?: AnimatedNumberFrom10To1000;
    outline?: AnimatedColour;
    outlineWidth?: AnimatedNumberUpTo1000;
    drawBegin?: AnimatedNumberUpTo100;
    drawEnd?: AnimatedNumberUpTo100;
    drawOffset?: AnimatedNumberWithin100000;
    drawTogether?: AnimatedFlag;
    dash?: AnimatedNumberUpTo100000;
    gap?: AnimatedNumberUpTo100000;
    dashOffset?: AnimatedNumberWithin100000;
    taperBegin?: AnimatedNumberUpTo100;
    taperEnd?: AnimatedNumberUpTo100;
    boxWidth?: AnimatedNumberUpTo100000;
    fitBox?: AnimatedFlag;
    number?: AnimatedNumberWithin1000000000000;
    path?: AnimatedPath;
    pathOffset?: AnimatedNumberWithin100000;
    plate?: AnimatedColour;
    platePadding?: AnimatedPointWithin10000;
    plateRounding?: AnimatedLengthUpTo10000;
    plateByLine?: AnimatedFlag;
    axisWeight?: AnimatedNumberUpTo1000;
    axisWidth?: AnimatedNumberUpTo1000;
    axisSlant?: AnimatedNumberWithin90;
    axisOptical?: AnimatedNumberUpTo1000;
}
/**
 * its own, where it is not exposed as the composition is
 */
export interface Shutter7 {
    angle?: number;
    phase?: number;
    samples?: 2 | 4 | 8 | 16 | 32 | 64;
}
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
    visible?: boolean;
    /**
     * whether its width and height are scaled together
     */
    scaleLinked?: boolean;
    /**
     * the colour that it is told apart by
     */
    label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
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
     * how it is laid over what is beneath
     */
    blend?:
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
    motionBlur?: boolean;
    shutter?: Shutter8;
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
     * that its outline is drawn with
     */
    brush?:
        | {
              id?: 'b1';
              form: 'dotted';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'rings';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'leaves';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'stitches';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'chalk';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'airbrush';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'stars';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'tiles';
              on?: boolean;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          }
        | {
              id?: 'b1';
              form: 'own';
              on?: boolean;
              /**
               * SVG path data of any size
               */
              mark?: string;
              /**
               * a picture or a clip in its place
               */
              media?: string;
              size?: AnimatedNumberFrom1To10000;
              spacing?: AnimatedNumberFrom1To10000;
              phase?: AnimatedNumberWithin100000;
              grow?: AnimatedNumberUpTo100;
              scatter?: AnimatedNumberUpTo1000;
              scatterTurn?: AnimatedAngleWithin100000;
              scatterSize?: AnimatedNumberUpTo100;
              scatterOpacity?: AnimatedNumberUpTo100;
              seed?: AnimatedNumberUpTo1000000;
          };
    /**
     * more of them, the first outermost
     *
     * @maxItems 8
     */
    outlines?: Outline[];
    arrive?: Phase;
    leave?:
        | Phase
        | {
              mirror: true;
          };
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        frame: number;
        name?: string;
        label?: Label;
    }[];
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
    position?: AnimatedPointWithin100000;
    x?: AnimatedNumberWithin100000;
    y?: AnimatedNumberWithin100000;
    scale?: AnimatedPointWithin10000;
    rotation?: AnimatedAngleWithin10000000;
    opacity?: AnimatedNumberUpTo100;
    anchor?: AnimatedPointWithin100000;
    pan?: AnimatedPointWithin100000;
    zoom?: AnimatedNumberFrom0Point1To10000;
    turn?: AnimatedAngleWithin10000000;
    size?: AnimatedSizeUpTo100000;
    rounding?: AnimatedLengthUpTo100000;
    roundTopLeft?: AnimatedLengthFromMinus1To100000;
    roundTopRight?: AnimatedLengthFromMinus1To100000;
    roundBottomRight?: AnimatedLengthFromMinus1To100000;
    roundBottomLeft?: AnimatedLengthFromMinus1To100000;
    sides?: AnimatedNumberFrom3To200;
    inner?: AnimatedNumberUpTo100;
    start?: AnimatedAngleWithin10000000;
    sweep?: AnimatedAngleWithin360;
    tail?: AnimatedPointWithin100000;
    path?: AnimatedPath;
    fill?: AnimatedColour;
    outline?: AnimatedColour;
    outlineWidth?: AnimatedNumberUpTo1000;
    drawBegin?: AnimatedNumberUpTo100;
    drawEnd?: AnimatedNumberUpTo100;
    drawOffset?: AnimatedNumberWithin100000;
    drawTogether?: AnimatedFlag;
    dash?: AnimatedNumberUpTo100000;
    gap?: AnimatedNumberUpTo100000;
    dashOffset?: AnimatedNumberWithin100000;
    taperBegin?: AnimatedNumberUpTo100;
    taperEnd?: AnimatedNumberUpTo100;
    level?: AnimatedNumberUpTo400;
}
/**
 * its own, where it is not exposed as the composition is
 */
export interface Shutter8 {
    angle?: number;
    phase?: number;
    samples?: 2 | 4 | 8 | 16 | 32 | 64;
}
export interface Swatch {
    name: string;
    colour: string;
}
