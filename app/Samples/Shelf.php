<?php

declare(strict_types=1);

namespace App\Samples;

use App\Demo\DemoFootage;
use Ricamo\Core\Refusal;

/** Samples to begin with, by subject: clips, pictures, textures, logos and sounds. */
final class Shelf
{
    /** A rhythm of 100 beats a minute: a low beat, a bright one off it, and three notes. */
    private const JINGLE = '0.5*sin(2*PI*(60+70*exp(-40*mod(t,0.6)))*t)*exp(-9*mod(t,0.6))+0.12*sin(2*PI*3100*t)*exp(-60*mod(t+0.3,0.6))+0.16*sin(2*PI*t*(392*lt(mod(t,2.4),0.6)+494*between(mod(t,2.4),0.6,1.2)+587*gte(mod(t,2.4),1.2)))*exp(-3*mod(t,0.6))';

    private const BELL = '0.5*sin(2*PI*880*t)*exp(-2.2*t)+0.3*sin(2*PI*2093*t)*exp(-3.5*t)+0.15*sin(2*PI*4435*t)*exp(-6*t)';

    private const HUM = '0.16*sin(2*PI*55*t)+0.1*sin(2*PI*110.7*t)+0.06*sin(2*PI*221*t)*(0.6+0.4*sin(2*PI*0.4*t))';

    private const LINEN = 'color=c=0xcfc2a8:s=1920x1080,noise=alls=100:allf=p:all_seed=9,gblur=sigma=12:sigmaV=0.6:steps=1,noise=alls=16:allf=p:all_seed=4';

    private const ENAMEL = 'color=c=0x24557a:s=1920x1080,noise=alls=40:allf=p:all_seed=3,gblur=sigma=3,vignette=PI/5';

    private const RUST = 'color=c=0x7a4028:s=1920x1080,noise=alls=70:allf=p:all_seed=7,gblur=sigma=9,noise=alls=22:allf=p:all_seed=2,eq=contrast=1.6:saturation=1.2';

    /** @var array<string, Sample> */
    private readonly array $samples;

    public function __construct(DemoFootage $footage, Made $made)
    {
        $all = [
            new Sample(
                'street', 'Clips', 'Street in the evening', '12 s, 25 fps, with sound', 'Street in the evening.mp4',
                $footage->street(...),
            ),
            new Sample('workshop', 'Clips', 'Workshop', 'gears and a lathe, with sound', 'Workshop.mp4', $footage->workshop(...)),
            new Sample('photograph', 'Pictures', 'Workshop by day', 'a photograph', 'Workshop by day.png', $footage->photograph(...)),
            new Sample('linen', 'Textures', 'Linen', '1920 × 1080', 'Linen.png', fn (): string => $made->picture('linen.png', self::LINEN)),
            new Sample(
                'enamel', 'Textures', 'Enamel', '1920 × 1080', 'Enamel.png',
                fn (): string => $made->picture('enamel.png', self::ENAMEL),
            ),
            new Sample('rust', 'Textures', 'Rust', '1920 × 1080', 'Rust.png', fn (): string => $made->picture('rust.png', self::RUST)),
            new Sample('logo', 'Logos', 'Depot Nine', 'a picture with alpha', 'Depot Nine logo.png', $footage->logo(...)),
            new Sample(
                'badge', 'Logos', 'Depot Nine, outlines', 'sharp at any size', 'Depot Nine badge.svg',
                fn (): string => $made->text('badge.svg', Logos::BADGE),
            ),
            new Sample(
                'line', 'Logos', 'Line 9', 'a route sign in outlines', 'Line 9.svg',
                fn (): string => $made->text('line.svg', Logos::LINE),
            ),
            new Sample(
                'jingle', 'Sounds', 'Jingle', '100 beats a minute, 12 s', 'Jingle.wav',
                fn (): string => $made->sound('jingle.wav', self::JINGLE, 12),
            ),
            new Sample(
                'bell', 'Sounds', 'Signal bell', 'one stroke', 'Signal bell.wav',
                fn (): string => $made->sound('bell.wav', self::BELL, 3),
            ),
            new Sample('hum', 'Sounds', 'Tram hum', '10 s', 'Tram hum.wav', fn (): string => $made->sound('hum.wav', self::HUM, 10)),
        ];
        $this->samples = array_column($all, null, 'id');
    }

    /** @return list<Sample> */
    public function all(): array
    {
        return array_values($this->samples);
    }

    /** @throws Refusal where there is none of this id */
    public function get(string $id): Sample
    {
        return $this->samples[$id] ?? throw new Refusal('there is no such sample');
    }
}
