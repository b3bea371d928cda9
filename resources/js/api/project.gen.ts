/* Made from core/schema/project-1.json by `npm run types`. */

export type Effect =
    | {
          id: string;
          effect: 'blur';
          on?: boolean;
          radius?:
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
      }
    | {
          id: string;
          effect: 'directional-blur';
          on?: boolean;
          length?:
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
          angle?:
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
      }
    | {
          id: string;
          effect: 'zoom-blur';
          on?: boolean;
          amount?:
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
          centre?: Spot;
      }
    | {
          id: string;
          effect: 'spin-blur';
          on?: boolean;
          angle?:
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
          centre?: Spot;
      }
    | {
          id: string;
          effect: 'drop-shadow';
          on?: boolean;
          colour?:
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
          distance?:
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
          angle?:
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
          softness?:
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
      }
    | {
          id: string;
          effect: 'inner-shadow';
          on?: boolean;
          colour?:
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
          distance?:
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
          angle?:
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
          softness?:
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
      }
    | {
          id: string;
          effect: 'long-shadow';
          on?: boolean;
          colour?:
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
          length?:
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
          angle?:
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
      }
    | {
          id: string;
          effect: 'extrude';
          on?: boolean;
          depth?:
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
          angle?:
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
          shade?:
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
      }
    | {
          id: string;
          effect: 'edge-line';
          on?: boolean;
          colour?:
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
          width?:
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
      }
    | {
          id: string;
          effect: 'halo';
          on?: boolean;
          colour?:
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
          softness?:
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
          strength?:
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
      }
    | {
          id: string;
          effect: 'glow';
          on?: boolean;
          softness?:
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
          strength?:
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
      }
    | {
          id: string;
          effect: 'vignette';
          on?: boolean;
          colour?:
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
          amount?:
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
          centre?: Spot;
          radius?:
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
          softness?:
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
      }
    | {
          id: string;
          effect: 'exposure';
          on?: boolean;
          stops?:
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
      }
    | {
          id: string;
          effect: 'brightness';
          on?: boolean;
          brightness?:
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
          contrast?:
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
      }
    | {
          id: string;
          effect: 'curves';
          on?: boolean;
          dark?:
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
          shadows?:
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
          middle?:
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
          lights?:
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
          bright?:
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
      }
    | {
          id: string;
          effect: 'saturation';
          on?: boolean;
          amount?:
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
      }
    | {
          id: string;
          effect: 'hue';
          on?: boolean;
          turn?:
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
      }
    | {
          id: string;
          effect: 'temperature';
          on?: boolean;
          warmth?:
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
      }
    | {
          id: string;
          effect: 'tint';
          on?: boolean;
          colour?:
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
          amount?:
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
      }
    | {
          id: string;
          effect: 'one-colour';
          on?: boolean;
          colour?:
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
      }
    | {
          id: string;
          effect: 'duotone';
          on?: boolean;
          dark?:
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
          bright?:
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
      }
    | {
          id: string;
          effect: 'invert';
          on?: boolean;
          amount?:
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
      }
    | {
          id: string;
          effect: 'posterise';
          on?: boolean;
          steps?:
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
      }
    | {
          id: string;
          effect: 'threshold';
          on?: boolean;
          level?:
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
          softness?:
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
      }
    | {
          id: string;
          effect: 'grain';
          on?: boolean;
          amount?:
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
          size?:
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
          every?:
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
          seed?:
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
      }
    | {
          id: string;
          effect: 'scanlines';
          on?: boolean;
          colour?:
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
          spacing?:
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
          thickness?:
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
          offset?:
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
      }
    | {
          id: string;
          effect: 'pixels';
          on?: boolean;
          side?:
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
      }
    | {
          id: string;
          effect: 'facets';
          on?: boolean;
          side?:
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
      }
    | {
          id: string;
          effect: 'corner-pin';
          on?: boolean;
          topLeft?: Spot;
          topRight?: Spot;
          bottomRight?: Spot;
          bottomLeft?: Spot;
      }
    | {
          id: string;
          effect: 'mesh';
          on?: boolean;
          point11?: Spot;
          point12?: Spot;
          point13?: Spot;
          point14?: Spot;
          point21?: Spot;
          point22?: Spot;
          point23?: Spot;
          point24?: Spot;
          point31?: Spot;
          point32?: Spot;
          point33?: Spot;
          point34?: Spot;
          point41?: Spot;
          point42?: Spot;
          point43?: Spot;
          point44?: Spot;
      }
    | {
          id: string;
          effect: 'bulge';
          on?: boolean;
          amount?:
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
          centre?: Spot;
          radius?:
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
      }
    | {
          id: string;
          effect: 'twirl';
          on?: boolean;
          angle?:
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
          centre?: Spot;
          radius?:
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
      }
    | {
          id: string;
          effect: 'ripple';
          on?: boolean;
          height?:
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
          wavelength?:
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
          phase?:
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
          centre?: Spot;
          radius?:
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
      }
    | {
          id: string;
          effect: 'wave';
          on?: boolean;
          height?:
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
          wavelength?:
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
          phase?:
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
          angle?:
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
      }
    | {
          id: string;
          effect: 'smear';
          on?: boolean;
          amount?:
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
          centre?: Spot;
          radius?:
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
      }
    | {
          id: string;
          effect: 'brightness-key';
          on?: boolean;
          level?:
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
          softness?:
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
          bright?:
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
      }
    | {
          id: string;
          effect: 'colour-key';
          on?: boolean;
          colour?:
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
          tolerance?:
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
          softness?:
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
      };
/**
 * linear, hold, jump, glide, ease-in(s%), ease-out(s%) or ease-in-out(s%) with a strength, cubic-bezier(x1, y1, x2, y2), or a family and a direction such as cubic-out
 */
export type Easing = string;
export type Pin = 'start' | 'end';
export type Spot =
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
          position?: Spot;
          size?:
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
          rotation?:
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
          rounding?:
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
          feather?:
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
          grow?:
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
          opacity?:
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
          position?: Spot;
          size?:
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
          rotation?:
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
          feather?:
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
          grow?:
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
          opacity?:
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
          position?: Spot;
          rotation?:
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
          feather?:
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
          grow?:
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
          opacity?:
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
          path?:
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
          feather?:
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
          opacity?:
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
           * frames after the in point that it begins, or before the last frame that it ends
           */
          at?: number;
          /**
           * how much of one unit's time the next one shares, in per cent
           */
          overlap?: number;
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
          position?: Spot;
          scale?: Spot;
          turn?:
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
          opacity?:
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
          blur?:
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
          gather?:
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
          tint?:
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
          weight?:
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
          pivot?:
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
          scatter?: Spot;
          scatterTurn?:
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
          scatterScale?:
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
      }
    | {
          id: string;
          /**
           * the id of the one that arrives, which it is backwards
           */
          mirrors: string;
          /**
           * whether the first that arrived is the first that leaves
           */
          sameOrder?: boolean;
          at?: number;
          on?: boolean;
      };
export type Gradient =
    | {
          of: string;
          form: 'linear';
          stops?: number;
          from?:
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
          to?:
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
          colour1?:
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
          at1?:
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
          colour2?:
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
          at2?:
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
          colour3?:
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
          at3?:
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
          colour4?:
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
          at4?:
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
          colour5?:
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
          at5?:
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
          colour6?:
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
          at6?:
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
          colour7?:
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
          at7?:
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
          colour8?:
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
          at8?:
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
          colour9?:
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
          at9?:
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
          colour10?:
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
          at10?:
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
          colour11?:
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
          at11?:
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
          colour12?:
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
          at12?:
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
      }
    | {
          of: string;
          form: 'radial';
          stops?: number;
          centre?:
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
          radius?:
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
          colour1?:
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
          at1?:
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
          colour2?:
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
          at2?:
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
          colour3?:
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
          at3?:
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
          colour4?:
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
          at4?:
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
          colour5?:
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
          at5?:
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
          colour6?:
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
          at6?:
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
          colour7?:
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
          at7?:
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
          colour8?:
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
          at8?:
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
          colour9?:
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
          at9?:
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
          colour10?:
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
          at10?:
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
          colour11?:
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
          at11?:
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
          colour12?:
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
          at12?:
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
      }
    | {
          of: string;
          form: 'sweep';
          stops?: number;
          centre?:
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
          angle?:
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
          colour1?:
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
          at1?:
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
          colour2?:
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
          at2?:
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
          colour3?:
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
          at3?:
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
          colour4?:
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
          at4?:
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
          colour5?:
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
          at5?:
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
          colour6?:
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
          at6?:
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
          colour7?:
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
          at7?:
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
          colour8?:
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
          at8?:
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
          colour9?:
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
          at9?:
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
          colour10?:
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
          at10?:
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
          colour11?:
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
          at11?:
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
          colour12?:
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
          at12?:
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
      }
    | {
          of: string;
          form: 'corners';
          topLeft?:
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
          topRight?:
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
          bottomLeft?:
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
          bottomRight?:
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
          pan?: Spot;
          zoom?:
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
          turn?:
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
            position?:
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
            scale?:
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
            rotation?:
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
            opacity?:
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
        label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
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
    /**
     * how frames are exposed, where layers have motion blur
     */
    shutter?: {
        angle?: number;
        phase?: number;
        samples?: 2 | 4 | 8 | 16 | 32 | 64;
    };
    /**
     * from the bottom of the stack to the top
     */
    layers?: (
        AdjustingLayer | BundleLayer | FootageLayer | GroupLayer | ShapeLayer | SoundLayer | TextLayer | WindowLayer
    )[];
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
    scaleLinked?: boolean;
    label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
    /**
     * whether it is only looked at while working, and never rendered
     */
    reference?: boolean;
    /**
     * whether no edit changes it
     */
    locked?: boolean;
    /**
     * @maxItems 200
     */
    accents?: (
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
    )[];
    motionBlur?: boolean;
    /**
     * whether it stays the right way round in a bundle that is flipped
     */
    alwaysReads?: boolean;
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
    /**
     * whether it turns with the direction in which it goes
     */
    turnsAlong?: boolean;
    arrive?: Phase;
    leave?:
        | Phase
        | {
              mirror: true;
          };
    /**
     * its own, where it is not exposed as the composition is
     */
    shutter?: {
        angle?: number;
        phase?: number;
        samples?: 2 | 4 | 8 | 16 | 32 | 64;
    };
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        frame: number;
        name?: string;
        label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
    }[];
    position?:
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
    x?:
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
    y?:
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
    scale?:
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
    rotation?:
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
    opacity?:
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
    anchor?:
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
    scaleLinked?: boolean;
    label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
    /**
     * whether it is only looked at while working, and never rendered
     */
    reference?: boolean;
    /**
     * whether no edit changes it
     */
    locked?: boolean;
    /**
     * @maxItems 200
     */
    accents?: (
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
    )[];
    motionBlur?: boolean;
    /**
     * whether it stays the right way round in a bundle that is flipped
     */
    alwaysReads?: boolean;
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
    /**
     * whether it turns with the direction in which it goes
     */
    turnsAlong?: boolean;
    arrive?: Phase;
    leave?:
        | Phase
        | {
              mirror: true;
          };
    /**
     * its own, where it is not exposed as the composition is
     */
    shutter?: {
        angle?: number;
        phase?: number;
        samples?: 2 | 4 | 8 | 16 | 32 | 64;
    };
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        frame: number;
        name?: string;
        label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
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
    position?:
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
    x?:
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
    y?:
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
    scale?:
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
    rotation?:
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
    opacity?:
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
    anchor?:
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
    level?:
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
    scaleLinked?: boolean;
    label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
    /**
     * whether it is only looked at while working, and never rendered
     */
    reference?: boolean;
    /**
     * whether no edit changes it
     */
    locked?: boolean;
    /**
     * @maxItems 200
     */
    accents?: (
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
    )[];
    motionBlur?: boolean;
    /**
     * whether it stays the right way round in a bundle that is flipped
     */
    alwaysReads?: boolean;
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
    /**
     * whether it turns with the direction in which it goes
     */
    turnsAlong?: boolean;
    arrive?: Phase;
    leave?:
        | Phase
        | {
              mirror: true;
          };
    /**
     * its own, where it is not exposed as the composition is
     */
    shutter?: {
        angle?: number;
        phase?: number;
        samples?: 2 | 4 | 8 | 16 | 32 | 64;
    };
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        frame: number;
        name?: string;
        label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
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
    position?:
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
    x?:
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
    y?:
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
    scale?:
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
    rotation?:
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
    opacity?:
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
    anchor?:
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
    level?:
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
    scaleLinked?: boolean;
    label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
    /**
     * whether it is only looked at while working, and never rendered
     */
    reference?: boolean;
    /**
     * whether no edit changes it
     */
    locked?: boolean;
    /**
     * @maxItems 200
     */
    accents?: (
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
    )[];
    motionBlur?: boolean;
    /**
     * whether it stays the right way round in a bundle that is flipped
     */
    alwaysReads?: boolean;
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
    /**
     * whether it turns with the direction in which it goes
     */
    turnsAlong?: boolean;
    arrive?: Phase;
    leave?:
        | Phase
        | {
              mirror: true;
          };
    /**
     * its own, where it is not exposed as the composition is
     */
    shutter?: {
        angle?: number;
        phase?: number;
        samples?: 2 | 4 | 8 | 16 | 32 | 64;
    };
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        frame: number;
        name?: string;
        label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
    }[];
    /**
     * whether what blends in it blends with nothing beneath it
     */
    isolated?: boolean;
    position?:
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
    x?:
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
    y?:
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
    scale?:
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
    rotation?:
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
    opacity?:
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
    anchor?:
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
    scaleLinked?: boolean;
    label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
    /**
     * whether it is only looked at while working, and never rendered
     */
    reference?: boolean;
    /**
     * whether no edit changes it
     */
    locked?: boolean;
    /**
     * @maxItems 200
     */
    accents?: (
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
    )[];
    motionBlur?: boolean;
    /**
     * whether it stays the right way round in a bundle that is flipped
     */
    alwaysReads?: boolean;
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
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'rings';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'leaves';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'stitches';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'chalk';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'airbrush';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'stars';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'tiles';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          };
    /**
     * more of them, the first outermost
     *
     * @maxItems 8
     */
    outlines?: {
        id: string;
        side?: 'outside' | 'centre' | 'inside' | 'beneath' | 'over';
        join?: 'miter' | 'round' | 'bevel';
        on?: boolean;
        colour?:
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
        width?:
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
        opacity?:
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
        shift?: Spot;
    }[];
    /**
     * animations that are spread over what it consists of
     *
     * @maxItems 16
     */
    cascades?: Cascade[];
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
    /**
     * whether it turns with the direction in which it goes
     */
    turnsAlong?: boolean;
    arrive?: Phase;
    leave?:
        | Phase
        | {
              mirror: true;
          };
    /**
     * its own, where it is not exposed as the composition is
     */
    shutter?: {
        angle?: number;
        phase?: number;
        samples?: 2 | 4 | 8 | 16 | 32 | 64;
    };
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        frame: number;
        name?: string;
        label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
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
    position?:
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
    x?:
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
    y?:
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
    scale?:
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
    rotation?:
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
    opacity?:
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
    anchor?:
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
    size?:
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
    rounding?:
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
    roundTopLeft?:
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
    roundTopRight?:
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
    roundBottomRight?:
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
    roundBottomLeft?:
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
    sides?:
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
    inner?:
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
    start?:
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
    sweep?:
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
    tail?:
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
    path?:
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
    fill?:
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
    outline?:
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
    outlineWidth?:
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
    drawBegin?:
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
    drawEnd?:
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
    drawOffset?:
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
    drawTogether?:
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
    dash?:
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
    gap?:
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
    dashOffset?:
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
    taperBegin?:
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
    taperEnd?:
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
    endSize?:
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
    columns?:
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
    rows?:
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
    gaps?:
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
    around?:
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
    ringRadius?:
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
    along?:
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
    alongCount?:
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
    alongShift?:
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
    alongTurn?:
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
    stepShift?:
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
    stepTurn?:
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
    stepScale?:
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
    stepTime?:
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
    lastFill?:
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
    lastOutline?:
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
    scaleLinked?: boolean;
    label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
    /**
     * whether it is only looked at while working, and never rendered
     */
    reference?: boolean;
    /**
     * whether no edit changes it
     */
    locked?: boolean;
    /**
     * @maxItems 200
     */
    accents?: (
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
    )[];
    motionBlur?: boolean;
    /**
     * whether it stays the right way round in a bundle that is flipped
     */
    alwaysReads?: boolean;
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
    /**
     * whether it turns with the direction in which it goes
     */
    turnsAlong?: boolean;
    arrive?: Phase;
    leave?:
        | Phase
        | {
              mirror: true;
          };
    /**
     * its own, where it is not exposed as the composition is
     */
    shutter?: {
        angle?: number;
        phase?: number;
        samples?: 2 | 4 | 8 | 16 | 32 | 64;
    };
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        frame: number;
        name?: string;
        label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
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
    level?:
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
    scaleLinked?: boolean;
    label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
    /**
     * whether it is only looked at while working, and never rendered
     */
    reference?: boolean;
    /**
     * whether no edit changes it
     */
    locked?: boolean;
    /**
     * @maxItems 200
     */
    accents?: (
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
    )[];
    motionBlur?: boolean;
    /**
     * whether it stays the right way round in a bundle that is flipped
     */
    alwaysReads?: boolean;
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
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'rings';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'leaves';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'stitches';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'chalk';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'airbrush';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'stars';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'tiles';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          };
    /**
     * more of them, the first outermost
     *
     * @maxItems 8
     */
    outlines?: {
        id: string;
        side?: 'outside' | 'centre' | 'inside' | 'beneath' | 'over';
        join?: 'miter' | 'round' | 'bevel';
        on?: boolean;
        colour?:
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
        width?:
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
        opacity?:
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
        shift?: Spot;
    }[];
    /**
     * animations that are spread over what it consists of
     *
     * @maxItems 16
     */
    cascades?: Cascade[];
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
    /**
     * whether it turns with the direction in which it goes
     */
    turnsAlong?: boolean;
    arrive?: Phase;
    leave?:
        | Phase
        | {
              mirror: true;
          };
    /**
     * its own, where it is not exposed as the composition is
     */
    shutter?: {
        angle?: number;
        phase?: number;
        samples?: 2 | 4 | 8 | 16 | 32 | 64;
    };
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        frame: number;
        name?: string;
        label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
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
    position?:
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
    x?:
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
    y?:
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
    scale?:
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
    rotation?:
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
    opacity?:
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
    anchor?:
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
    typeSize?:
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
    fill?:
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
    tracking?:
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
    leading?:
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
    outline?:
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
    outlineWidth?:
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
    drawBegin?:
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
    drawEnd?:
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
    drawOffset?:
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
    drawTogether?:
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
    dash?:
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
    gap?:
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
    dashOffset?:
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
    taperBegin?:
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
    taperEnd?:
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
    boxWidth?:
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
    fitBox?:
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
    number?:
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
    path?:
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
    pathOffset?:
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
    plate?:
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
    platePadding?:
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
    plateRounding?:
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
    plateByLine?:
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
    axisWeight?:
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
    axisWidth?:
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
    axisSlant?:
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
    axisOptical?:
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
    scaleLinked?: boolean;
    label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
    /**
     * whether it is only looked at while working, and never rendered
     */
    reference?: boolean;
    /**
     * whether no edit changes it
     */
    locked?: boolean;
    /**
     * @maxItems 200
     */
    accents?: (
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
    )[];
    motionBlur?: boolean;
    /**
     * whether it stays the right way round in a bundle that is flipped
     */
    alwaysReads?: boolean;
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
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'rings';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'leaves';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'stitches';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'chalk';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'airbrush';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'stars';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          }
        | {
              id?: 'b1';
              form: 'tiles';
              on?: boolean;
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
              size?:
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
              spacing?:
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
              phase?:
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
              grow?:
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
              scatter?:
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
              scatterTurn?:
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
              scatterSize?:
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
              scatterOpacity?:
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
              seed?:
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
          };
    /**
     * more of them, the first outermost
     *
     * @maxItems 8
     */
    outlines?: {
        id: string;
        side?: 'outside' | 'centre' | 'inside' | 'beneath' | 'over';
        join?: 'miter' | 'round' | 'bevel';
        on?: boolean;
        colour?:
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
        width?:
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
        opacity?:
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
        shift?: Spot;
    }[];
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
    /**
     * whether it turns with the direction in which it goes
     */
    turnsAlong?: boolean;
    arrive?: Phase;
    leave?:
        | Phase
        | {
              mirror: true;
          };
    /**
     * its own, where it is not exposed as the composition is
     */
    shutter?: {
        angle?: number;
        phase?: number;
        samples?: 2 | 4 | 8 | 16 | 32 | 64;
    };
    /**
     * counted from the in point
     *
     * @maxItems 2000
     */
    markers?: {
        frame: number;
        name?: string;
        label?: 'madder' | 'woad' | 'weld' | 'saffron' | 'indigo' | 'cochineal' | 'walnut' | 'lichen';
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
    position?:
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
    x?:
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
    y?:
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
    scale?:
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
    rotation?:
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
    opacity?:
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
    anchor?:
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
    pan?:
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
    zoom?:
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
    turn?:
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
    size?:
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
    rounding?:
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
    roundTopLeft?:
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
    roundTopRight?:
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
    roundBottomRight?:
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
    roundBottomLeft?:
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
    sides?:
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
    inner?:
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
    start?:
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
    sweep?:
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
    tail?:
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
    path?:
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
    fill?:
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
    outline?:
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
    outlineWidth?:
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
    drawBegin?:
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
    drawEnd?:
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
    drawOffset?:
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
    drawTogether?:
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
    dash?:
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
    gap?:
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
    dashOffset?:
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
    taperBegin?:
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
    taperEnd?:
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
    level?:
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
}
export interface Swatch {
    name: string;
    colour: string;
}
